<script setup lang="ts">
import type { QuiltRow } from '~~/core/sewing/rows'
import type { Quilt } from '~~/core/quilt/quilt'
import { clothsOfCell } from '~~/core/block/clothsOfCell'
import { blockOf, clothOf, designOf } from '~~/core/quilt/quilt'

const { rows, quilt, done, canWrite } = defineProps<{
  rows: readonly QuiltRow[]
  quilt: Quilt
  /** For each row, whether it is joined. */
  done: readonly boolean[]
  canWrite: boolean
}>()
const emit = defineEmits<{ toggle: [row: number] }>()
const PRESS = { 'right': 'press all seams to the right', 'left': 'press all seams to the left', 'towards-sashes': 'press all seams to the sashes' } as const
const colours = (row: QuiltRow, c: number) => Object.fromEntries(Object.entries(clothsOfCell(quilt, row.cells[c]!)).map(([role, id]) => [role, clothOf(quilt, id).colour]))
</script>

<template>
  <ol class="space-y-2">
    <li v-for="(row, r) in rows" :key="r" class="row" data-testid="row">
      <TickBox :checked="done[r]!" :label="`Row ${r + 1} is joined`" :disabled="!canWrite" @toggle="emit('toggle', r)" />
      <strong class="w-20 flex-none">Row {{ r + 1 }}</strong>
      <div class="cells">
        <span v-for="(cell, c) in row.cells" :key="c" :style="{ transform: `rotate(${cell.turn}deg) scaleX(${cell.mirror ? -1 : 1})` }"><DesignPicture :design="designOf(quilt, blockOf(quilt, cell.block))" :colours="colours(row, c)" :size="34" /></span>
      </div>
      <span class="note ml-auto">{{ PRESS[row.press] }}</span>
    </li>
  </ol>
</template>

<style scoped>
.row { display: flex; align-items: center; gap: 0.8rem; padding: 0.4rem 0.6rem; border: 1px solid var(--line); border-radius: 12px; background: var(--paper); flex-wrap: wrap; break-inside: avoid; }
.cells { display: flex; flex-wrap: wrap; gap: 3px; }
</style>
