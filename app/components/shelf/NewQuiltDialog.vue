<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { SHIPPED_DESIGNS } from '~~/core/designs/shipped'
import { clothsWanted, dressRoles } from '~~/core/edits/dress'
import { newQuilt } from '~~/core/edits/newQuilt'
import { toInches } from '~~/core/measure/units'
import type { QuiltFile } from '~~/core/file/schema'
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
const NAMES = ['First cloth', 'Second cloth', 'Third cloth', 'Fourth cloth', 'Fifth cloth', 'Sixth cloth']
const COLOURS = ['#2f4470', '#f3e7cd', '#a8402c', '#c9973a', '#5b744c', '#8d8d8f']

/** A block that looks best in several cloths gets them: one for each of its faces. */
function take(chosen: Design) {
  form.value.design = chosen.id
  while (form.value.cloths.length < clothsWanted(chosen)) addCloth()
}
function addCloth() {
  const { cloths } = form.value
  cloths.push({ name: '', colour: COLOURS[cloths.length % COLOURS.length]! })
}
function make() {
  open.value = false
  const { name, size, across, down, cloths } = form.value
  emit(
    'make',
    newQuilt({
      name: name.trim() || `${design.value.name} quilt`,
      units: settings.units,
      design: design.value,
      size,
      across,
      down,
      cloths: cloths.map((cloth, i) => ({ name: cloth.name.trim() || NAMES[i]!, colour: cloth.colour })),
    }),
  )
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
          <button type="button" class="button w-full" @click="isChoosing = true">{{ design.name }}: another …</button>
        </div>
        <div class="space-y-4">
          <div>
            <label class="label" for="new-name">Name</label>
            <input
              id="new-name"
              v-model="form.name"
              class="field"
              maxlength="200"
              :placeholder="`${design.name} quilt`"
              autocomplete="off"
            />
          </div>
          <LengthField
            :label="sizeLabel"
            :value="form.size"
            :least="1"
            :most="100"
            :step="settings.units === 'cm' ? 1 / 2.54 : 1"
            @commit="v => (form.size = v)"
          />
          <div class="grid grid-cols-2 gap-3">
            <label
              ><span class="label">Blocks across</span
              ><input
                v-model.number="form.across"
                type="number"
                min="1"
                max="200"
                required
                class="field figure text-center"
            /></label>
            <label
              ><span class="label">Blocks down</span
              ><input
                v-model.number="form.down"
                type="number"
                min="1"
                max="200"
                required
                class="field figure text-center"
            /></label>
          </div>
          <fieldset>
            <legend class="label">Cloths</legend>
            <div v-for="(cloth, i) in form.cloths" :key="i" class="mb-2 flex gap-2">
              <input
                v-model="cloth.colour"
                type="color"
                class="h-12 w-14 flex-none cursor-pointer rounded-lg border border-line bg-transparent p-1"
                :aria-label="`Colour of ${cloth.name || NAMES[i]}`"
              />
              <input
                v-model="cloth.name"
                class="field"
                :placeholder="NAMES[i]"
                :aria-label="`Name of ${NAMES[i]!.toLowerCase()}`"
                maxlength="80"
                autocomplete="off"
              />
            </div>
            <button v-if="form.cloths.length < NAMES.length" type="button" class="button" @click="addCloth">
              <UIcon name="i-lucide-plus" class="size-5" />Another cloth
            </button>
          </fieldset>
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
      <button type="submit" form="new-quilt" class="button act ml-auto">Make this quilt</button>
    </template>
  </UModal>
</template>
