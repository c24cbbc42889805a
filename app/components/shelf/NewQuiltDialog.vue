<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { SHIPPED_DESIGNS } from '~~/core/designs/shipped'
import { nextCloth } from '~~/core/edits/nextCloth'
import { clothsWanted, dressRoles } from '~~/core/edits/dress'
import { newQuilt } from '~~/core/edits/newQuilt'
import { readQuilt } from '~~/core/file/readQuilt'
import { toInches } from '~~/core/measure/units'
import type { QuiltFile } from '~~/core/file/schema'
import { capital } from '~~/words/names'
import { problemText } from '~~/words/problem'
import { FRESH_CLOTHS } from '~/drawing/freshCloths'
import { SHELF } from '~/keeping/keptForms'

const emit = defineEmits<{ make: [file: QuiltFile] }>()
const open = defineModel<boolean>('open', { required: true })

const settings = useSettings()
/** Half-filled in it outlives a reload. */
const { form, clear } = useKeptForm(SHELF, 'new-quilt', () => ({
  name: '',
  design: 'sawtooth-star',
  size: settings.units === 'cm' ? toInches(24, 'cm') : 9,
  across: 5,
  down: 6,
  cloths: [
    { name: '', colour: '#2f4470' },
    { name: '', colour: '#f3e7cd' },
  ],
}))
const design = computed(() => SHIPPED_DESIGNS.find(d => d.id === form.value.design) ?? SHIPPED_DESIGNS[0]!)
const isChoosing = ref(false)
const colours = computed(
  () => (candidate: Design) =>
    dressRoles(
      candidate,
      form.value.cloths.map(cloth => cloth.colour),
    ),
)
/** A block of fixed shape: what is typed is its longer side. */
const sizeLabel = computed(() =>
  Math.abs(design.value.width - design.value.height) < 1e-6
    ? 'Block, finished'
    : design.value.width > design.value.height
      ? 'Width of the block, finished'
      : 'Height of the block, finished',
)

/** A block that looks best in several cloths gets them: one for each of its faces. */
function take(chosen: Design) {
  form.value.design = chosen.id
  while (form.value.cloths.length < clothsWanted(chosen)) addCloth()
}
function addCloth() {
  const { cloths } = form.value
  cloths.push(nextCloth(cloths))
}
const refusal = ref('')
watch(form, () => (refusal.value = ''), { deep: true })
function make(event: Event) {
  // what was refused stays to be put right: no quilt is made of it
  const wrong = event.currentTarget instanceof HTMLElement && event.currentTarget.querySelector('[aria-invalid="true"]')
  if (wrong instanceof HTMLElement) return wrong.focus()
  const { name, size, across, down, cloths } = form.value
  const file = newQuilt({
    name: name.trim() || `${design.value.name} quilt`,
    units: settings.units,
    design: design.value,
    size,
    across,
    down,
    cloths: cloths.map((cloth, i) => ({ name: cloth.name.trim() || FRESH_CLOTHS[i]!, colour: cloth.colour })),
  })
  const read = readQuilt(file)
  refusal.value = read.ok ? '' : capital(problemText(read.problems[0]!))
  if (!read.ok) return
  open.value = false
  emit('make', file)
  clear()
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="A new quilt"
    description="Block, size and cloth; all of it can be changed later"
    :ui="{ content: 'bg-paper max-w-3xl', description: 'note', body: 'p-5' }"
  >
    <template #body>
      <form id="new-quilt" class="grid gap-5 sm:grid-cols-[15rem_1fr]" @submit.prevent="make">
        <div class="space-y-3 text-center">
          <DesignPicture :design="design" :colours="colours(design)" :size="210" class="mx-auto" />
          <UButton class="w-full" @click="isChoosing = true">{{ design.name }}: another …</UButton>
        </div>
        <div class="space-y-4">
          <TextField
            label="Name"
            :value="form.name"
            :placeholder="`${design.name} quilt`"
            @write="name => (form.name = name)"
          />
          <LengthField
            :label="sizeLabel"
            :value="form.size"
            :least="1"
            :most="100"
            :step="settings.units === 'cm' ? 1 / 2.54 : 1"
            @commit="v => (form.size = v)"
          />
          <div class="grid grid-cols-2 gap-3">
            <NumberField
              label="Blocks across"
              :value="form.across"
              :least="1"
              :most="200"
              is-live
              @commit="across => (form.across = across)"
            />
            <NumberField
              label="Blocks down"
              :value="form.down"
              :least="1"
              :most="200"
              is-live
              @commit="down => (form.down = down)"
            />
          </div>
          <NewCloths
            :cloths="form.cloths"
            @add="addCloth"
            @name="(i, name) => (form.cloths[i]!.name = name)"
            @colour="(i, colour) => (form.cloths[i]!.colour = colour)"
          />
        </div>
      </form>
      <DesignChooser
        v-model:open="isChoosing"
        :designs="SHIPPED_DESIGNS"
        :colours="colours"
        title="Choose a block"
        @choose="take"
      />
    </template>
    <template #footer>
      <p v-if="refusal" class="wrong" role="alert">{{ refusal }}.</p>
      <UButton type="submit" form="new-quilt" variant="solid" class="ml-auto">Make this quilt</UButton>
    </template>
  </UModal>
</template>
