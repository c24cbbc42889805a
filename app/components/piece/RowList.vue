<script setup lang="ts">
import { clipsOf } from '~~/core/top/clips'
import type { QuiltRow, SashMarks } from '~~/core/top/rows'
import type { Quilt } from '~~/core/file/quilt'
import { isAlike, linksOf } from '~~/core/top/rows'
import { partOfRow, pressOfRow, rowTitle } from '~~/words/rows'

const { rows, marks, quilt, done, canWrite } = defineProps<{
  /** In the order of joining. */
  rows: readonly QuiltRow[]
  marks: readonly SashMarks[]
  quilt: Quilt
  /** For each row, whether it is joined. */
  done: readonly boolean[]
  canWrite: boolean
}>()
const emit = defineEmits<{ toggle: [row: number] }>()

const names = computed(() => new Map(quilt.blocks.map(({ id, name }) => [id, name])))
const countOf = (row: QuiltRow, k: number) => row.parts.filter(other => isAlike(other, row.parts[k]!)).length
const nameOf = (row: QuiltRow, k: number) => partOfRow(row.parts[k]!, names.value, countOf(row, k))
/** Marks are told once where both sides have the same. */
const marksOf = (row: QuiltRow) => marks.find(mark => row.kind === 'sash' && mark.sash === row.row)
const sidesOf = (mark: SashMarks) => (['below', 'above'] as const).filter(side => mark[side].length > 0).slice(0, 1)
</script>

<template>
  <ol class="space-y-2">
    <li v-for="(row, r) in rows" :key="r" class="row" :class="{ sashes: row.kind === 'sash' }" data-testid="row">
      <TickBox
        :checked="done[r]!"
        :label="`${rowTitle(row)} is joined`"
        :disabled="!canWrite"
        @toggle="emit('toggle', r)"
      />
      <strong class="w-28 flex-none">{{ rowTitle(row) }}</strong>
      <RowPicture :row="row" :quilt="quilt" :size="34" />
      <span v-if="row.kind !== 'corner'" class="figure !whitespace-normal"
        ><Figure :path="`rows.${r}.width`" title="Width of the row, raw" /> ×
        <Figure :path="`rows.${r}.height`" title="Height of the row, raw"
      /></span>
      <span v-if="linksOf(row).length > 0" class="note figure !whitespace-normal">
        <template v-for="(k, s) in linksOf(row)" :key="k"
          >{{ s > 0 ? ', ' : '' }}{{ countOf(row, k) }} {{ nameOf(row, k) }}
          <Figure :path="`rows.${r}.parts.${k}.width`" title="Width of the piece, raw" /> ×
          <Figure :path="`rows.${r}.parts.${k}.height`" title="Height of the piece, raw"
        /></template>
      </span>
      <ClipMark v-if="clipsOf(quilt.clips, row)" :clips="clipsOf(quilt.clips, row)!" />
      <span class="note ml-auto">{{
        row.kind === 'corner' ? 'press to the corner' : row.parts.length > 1 ? pressOfRow(row) : 'press to the sash'
      }}</span>
      <p v-if="marksOf(row)" class="figure w-full !whitespace-normal">
        Mark the joints, from its left end:
        <template v-for="side in sidesOf(marksOf(row)!)" :key="side"
          ><span v-for="(_, k) in marksOf(row)![side]" :key="k" class="mr-3 inline-block"
            ><Figure :path="`marks.${row.row - 1}.${side}.${k}`" title="A joint, from the left end" /></span
        ></template>
      </p>
    </li>
  </ol>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: 0.8rem;
  padding: 0.4rem 0.6rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--paper);
  flex-wrap: wrap;
  break-inside: avoid;
}
.row.sashes {
  margin-left: 1.2rem;
}
@media print {
  .row {
    padding: 0.1rem 0.4rem;
  }
}
</style>
