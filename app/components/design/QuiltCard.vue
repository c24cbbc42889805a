<script setup lang="ts">
import type { Quilt } from '~~/core/quilt/quilt'
import { AIMS } from '~~/core/quilt/schema'
import { setCounts, setFill, setSashing } from '~~/core/edits/setting'
import { addBorder, setBinding } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { fromInches } from '~~/core/measure/units'
import { aimName, capital } from '~~/words/names'

const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{
  edit: [name: string, edit: Edit]
  select: [part: { kind: 'sash' } | { kind: 'border', border: number } | { kind: 'binding' }]
}>()

const darkest = computed(() => quilt.cloths[0]!.id)
const name = ref(quilt.name)
watch(() => quilt.name, value => name.value = value)

function rename() {
  const text = name.value.trim()
  if (text !== '' && text !== quilt.name) emit('edit', 'name of the quilt', file => ({ ...file, name: text }))
}
function count(side: 'across' | 'down', by: number) {
  const { across, down } = quilt.setting
  const next = Math.min(200, Math.max(1, quilt.setting[side] + by))
  emit('edit', 'number of blocks', setCounts(side === 'across' ? next : across, side === 'down' ? next : down))
}
function sash() {
  emit('edit', 'sashing', setSashing({ cloth: quilt.cloths.at(-1)!.id }))
  emit('select', { kind: 'sash' })
}
function border() {
  emit('edit', 'border', addBorder(3, darkest.value))
  emit('select', { kind: 'border', border: quilt.borders.length + 1 })
}
function bind() {
  emit('edit', 'binding', setBinding({}))
  emit('select', { kind: 'binding' })
}
const isChequered = computed(() => new Set(quilt.setting.cells.flat().map(cell => cell.block)).size > 1)
</script>

<template>
  <section class="card floating space-y-4" aria-label="The whole quilt">
    <div>
      <label class="label" for="quilt-name">Name</label>
      <input id="quilt-name" v-model="name" class="field" maxlength="200" @blur="rename" @keydown.enter="rename">
    </div>
    <div class="grid grid-cols-2 gap-4">
      <div v-for="side in (['across', 'down'] as const)" :key="side">
        <p class="label">Blocks {{ side }}</p>
        <div class="flex items-center gap-2">
          <button type="button" class="button icon" :aria-label="`One block fewer ${side}`" @click="count(side, -1)"><UIcon name="i-lucide-minus" class="size-5" /></button>
          <span class="figure min-w-8 text-center text-2xl font-semibold" :data-testid="`count-${side}`">{{ quilt.setting[side] }}</span>
          <button type="button" class="button icon" :aria-label="`One block more ${side}`" @click="count(side, 1)"><UIcon name="i-lucide-plus" class="size-5" /></button>
        </div>
      </div>
    </div>
    <div v-if="quilt.blocks.length > 1">
      <p class="label">Blocks by turns</p>
      <div class="flex flex-wrap gap-2">
        <button type="button" class="button" :class="{ chosen: !isChequered }" @click="emit('edit', 'one block everywhere', setFill([[quilt.blocks[0]!.id]]))">One everywhere</button>
        <button type="button" class="button" :class="{ chosen: isChequered }" @click="emit('edit', 'blocks by turns', setFill([[quilt.blocks[0]!.id, quilt.blocks[1]!.id], [quilt.blocks[1]!.id, quilt.blocks[0]!.id]]))">Two by turns</button>
      </div>
    </div>
    <div class="flex flex-wrap gap-2">
      <button v-if="!quilt.setting.sashing" type="button" class="button" @click="sash"><UIcon name="i-lucide-grid-3x3" class="size-5" />Sashing</button>
      <button type="button" class="button" @click="border"><UIcon name="i-lucide-square-dashed" class="size-5" />{{ quilt.borders.length > 0 ? 'Another border' : 'Border' }}</button>
      <button v-if="!quilt.binding" type="button" class="button" @click="bind">Binding</button>
    </div>
    <details>
      <summary class="cursor-pointer py-2 font-semibold">Seam, ruler, aim</summary>
      <div class="space-y-3 pt-2">
        <LengthField label="Seam allowance" :value="quilt.seam" :least="1 / 16" :most="2" :step="1 / 16" @commit="v => emit('edit', 'seam allowance', file => ({ ...file, seam: fromInches(v, file.units ?? 'in') }))" />
        <LengthField label="Ruler step" :value="quilt.ruler" :least="0" :most="1" :step="1 / 16" @commit="v => emit('edit', 'ruler', file => ({ ...file, ruler: fromInches(v, file.units ?? 'in') }))" />
        <div>
          <label class="label" for="quilt-aim">Make units with</label>
          <select id="quilt-aim" class="field" :value="quilt.aim" @change="event => emit('edit', 'aim', file => ({ ...file, aim: (event.target as HTMLSelectElement).value as typeof quilt.aim }))">
            <option v-for="aim in AIMS" :key="aim" :value="aim">{{ capital(aimName(aim)) }}</option>
          </select>
        </div>
      </div>
    </details>
    <p class="note">Press any part of the drawing or the tape to change it where it is.</p>
  </section>
</template>
