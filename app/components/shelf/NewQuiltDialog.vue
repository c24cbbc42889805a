<script setup lang="ts">
import type { Design } from '~~/core/block/design'
import { SHIPPED_DESIGNS } from '~~/core/block/designs'
import { dressRoles } from '~~/core/edits/dress'
import { newQuilt } from '~~/core/edits/newQuilt'
import { toInches } from '~~/core/measure/units'
import type { QuiltFile } from '~~/core/quilt/schema'

const emit = defineEmits<{ make: [file: QuiltFile] }>()
const open = defineModel<boolean>('open', { required: true })

const settings = useSettings()
const name = ref('')
const design = ref<Design>(SHIPPED_DESIGNS.find(d => d.id === 'sawtooth-star')!)
const isChoosing = ref(false)
const size = ref(settings.units === 'cm' ? toInches(24, 'cm') : 9)
const across = ref(5)
const down = ref(6)
const cloths = ref([{ name: '', colour: '#2f4470' }, { name: '', colour: '#f3e7cd' }])
const colours = computed(() => (candidate: Design) => dressRoles(candidate, cloths.value.map(cloth => cloth.colour)))
const NAMES = ['First cloth', 'Second cloth', 'Third cloth', 'Fourth cloth', 'Fifth cloth', 'Sixth cloth']
const COLOURS = ['#2f4470', '#f3e7cd', '#a8402c', '#c9973a', '#5b744c', '#8d8d8f']

function addCloth() {
  cloths.value.push({ name: '', colour: COLOURS[cloths.value.length % COLOURS.length]! })
}
function make() {
  open.value = false
  emit('make', newQuilt({
    name: name.value.trim() || `${design.value.name} quilt`, units: settings.units, design: design.value, size: size.value, across: across.value, down: down.value,
    cloths: cloths.value.map((cloth, i) => ({ name: cloth.name.trim() || NAMES[i]!, colour: cloth.colour })),
  }))
}
</script>

<template>
  <UModal v-model:open="open" title="A new quilt" description="Block, size and cloth; all of it can be changed later" :ui="{ content: 'bg-paper max-w-3xl', description: 'note', body: 'p-5' }">
    <template #body>
      <form id="new-quilt" class="grid gap-5 sm:grid-cols-[15rem_1fr]" @submit.prevent="make">
        <div class="space-y-3 text-center">
          <DesignPicture :design="design" :colours="colours(design)" :size="210" class="mx-auto" />
          <button type="button" class="button w-full" @click="isChoosing = true">{{ design.name }}: another …</button>
        </div>
        <div class="space-y-4">
          <div>
            <label class="label" for="new-name">Name</label>
            <input id="new-name" v-model="name" class="field" maxlength="200" :placeholder="`${design.name} quilt`" autocomplete="off">
          </div>
          <LengthField label="Block, finished" :value="size" :least="1" :most="100" :step="settings.units === 'cm' ? 1 / 2.54 : 1" @commit="v => size = v" />
          <div class="grid grid-cols-2 gap-3">
            <label><span class="label">Blocks across</span><input v-model.number="across" type="number" min="1" max="200" required class="field figure text-center"></label>
            <label><span class="label">Blocks down</span><input v-model.number="down" type="number" min="1" max="200" required class="field figure text-center"></label>
          </div>
          <fieldset>
            <legend class="label">Cloths</legend>
            <div v-for="(cloth, i) in cloths" :key="i" class="mb-2 flex gap-2">
              <input v-model="cloth.colour" type="color" class="h-12 w-14 flex-none cursor-pointer rounded-lg border border-line bg-transparent p-1" :aria-label="`Colour of ${cloth.name || NAMES[i]}`">
              <input v-model="cloth.name" class="field" :placeholder="NAMES[i]" :aria-label="`Name of ${NAMES[i]!.toLowerCase()}`" maxlength="80" autocomplete="off">
            </div>
            <button v-if="cloths.length < NAMES.length" type="button" class="button" @click="addCloth"><UIcon name="i-lucide-plus" class="size-5" />Another cloth</button>
          </fieldset>
        </div>
      </form>
      <DesignChooser v-model:open="isChoosing" :designs="SHIPPED_DESIGNS" :colours="colours" title="Choose a block" @choose="d => design = d" />
    </template>
    <template #footer>
      <button type="submit" form="new-quilt" class="button act ml-auto">Make this quilt</button>
    </template>
  </UModal>
</template>
