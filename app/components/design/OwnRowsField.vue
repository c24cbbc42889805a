<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { moveRow, removeRow, repeatRow, rowWidths, setRowCount, setRowShift } from '~~/core/edits/ownRows'
import { setRowHeight } from '~~/core/edits/ownSizes'
import { blockOf, type Quilt } from '~~/core/file/quilt'
import { ownRowText } from '~~/words/rows'

/** Each row: how many blocks it has, how high it is, where it stands, and its place among the others. */
const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; preview: [edit: Edit | null] }>()
const speech = useSpeech()

const MAX_BLOCKS = 200
const MAX_ROWS = 200
const rows = computed(() => {
  const widths = rowWidths(quilt)
  return quilt.setting.cells.map((line, r) => {
    const { block, turn } = line[0]!
    const { outer } = blockOf(quilt, block)
    return {
      count: line.length,
      height: turn % 180 === 0 ? outer.height : outer.width,
      shift: quilt.setting.rows?.[r]?.shift ?? 0,
      text: ownRowText(widths[r]!, speech.value),
    }
  })
})
const step = computed(() => quilt.ruler || 1 / 8)
/** Along with its number, for what each button is called. */
const moves = (r: number) => [
  { name: 'up', icon: 'i-lucide-arrow-up', off: r === 0, edit: moveRow(r, r - 1) },
  { name: 'down', icon: 'i-lucide-arrow-down', off: r === rows.value.length - 1, edit: moveRow(r, r + 1) },
]
</script>

<template>
  <fieldset v-for="(entry, r) in rows" :key="r" class="space-y-1.5">
    <legend class="flex w-full items-center gap-1">
      <b class="grow">Row {{ r + 1 }}</b>
      <UButton
        v-for="move in moves(r)"
        :key="move.name"
        square
        :disabled="move.off"
        :aria-label="`Row ${r + 1} ${move.name}`"
        @click="emit('edit', 'order of the rows', move.edit)"
        ><UIcon :name="move.icon" class="size-5"
      /></UButton>
      <UButton
        square
        :disabled="rows.length >= MAX_ROWS"
        :aria-label="`Row ${r + 1} once more`"
        @click="emit('edit', 'another row', repeatRow(r))"
        ><UIcon name="i-lucide-copy" class="size-5"
      /></UButton>
      <UButton
        square
        variant="ghost"
        :disabled="rows.length === 1"
        :aria-label="`Without row ${r + 1}`"
        @click="emit('edit', 'row taken out', removeRow(r))"
        ><UIcon name="i-lucide-x" class="size-5"
      /></UButton>
    </legend>
    <p class="note" :data-testid="`row-width-${r + 1}`">{{ entry.text }}</p>
    <CountField
      :label="`Blocks in row ${r + 1}`"
      :value="entry.count"
      :least="1"
      :most="MAX_BLOCKS"
      @commit="count => emit('edit', 'blocks of a row', setRowCount(r, count))"
    />
    <LengthField
      :label="`Height of row ${r + 1}, finished`"
      :value="entry.height"
      :least="1"
      :most="100"
      why="A block has to be sewn"
      :step="step"
      @preview="v => emit('preview', v === null ? null : setRowHeight(r, v))"
      @commit="v => emit('edit', 'height of a row', setRowHeight(r, v))"
    />
    <LengthField
      :label="`Row ${r + 1} stands from the edge`"
      :value="entry.shift"
      :least="0"
      :most="100"
      :step="step"
      @preview="v => emit('preview', v === null ? null : setRowShift(r, v))"
      @commit="v => emit('edit', 'shift', setRowShift(r, v))"
    />
  </fieldset>
</template>
