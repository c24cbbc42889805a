<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { removeRowMeasures, setMeasures } from '~~/core/edits/record'
import { measuredThing } from '~~/core/file/measuredThing'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltRow } from '~~/core/top/rows'
import { formatLength } from '~~/words/length'
import { rowTitle } from '~~/words/rows'
import { inEnglish } from '~~/words/speech'

/** What rows or columns measure along their length before they are joined. Diagonals are measured as a whole top. */
const { rows, quilt, canWrite } = defineProps<{ rows: readonly QuiltRow[]; quilt: Quilt; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const HOW =
  'From raw end to raw end, flat. What they measure decides the borders, until the whole center is measured. Rows that '
  + 'differ a little are eased to each other: pin the ends, the middle, and every crossing.'
const speech = useSpeech()
const measurable = computed(() => rows.filter(({ kind }) => kind === 'row' || kind === 'column'))
const sideOf = ({ kind }: QuiltRow) => (kind === 'column' ? ('height' as const) : ('width' as const))
const valueOf = (row: QuiltRow) =>
  quilt.made.findLast(({ what }) => what === `row-${row.row}`)?.[sideOf(row)]?.[0] ?? null
const isAny = computed(() => quilt.made.some(({ what }) => measuredThing(what).kind === 'row'))
function measure(row: QuiltRow, value: number) {
  emit('edit', 'measure of a row', setMeasures({ what: `row-${row.row}`, [sideOf(row)]: [value] }))
}
</script>

<template>
  <details v-if="measurable.length > 1" class="card mt-4">
    <summary class="min-h-11 cursor-pointer font-semibold">Measure them before you join them</summary>
    <p class="note mb-3">
      {{ inEnglish(HOW, speech) }}
    </p>
    <div class="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
      <LengthField
        v-for="row in measurable"
        :key="row.row"
        :label="`${rowTitle(row)}, planned ${formatLength(row[sideOf(row)], speech)}`"
        :value="valueOf(row)"
        :least="row[sideOf(row)] * 0.8"
        :most="row[sideOf(row)] * 1.2"
        why="It should be near what was planned"
        :step="1 / 8"
        hide-steps
        :disabled="!canWrite"
        @commit="value => measure(row, value)"
      />
    </div>
    <UButton
      v-if="isAny"
      class="mt-3"
      :disabled="!canWrite"
      @click="emit('edit', 'measures of rows', removeRowMeasures())"
    >
      Forget these measures
    </UButton>
  </details>
</template>
