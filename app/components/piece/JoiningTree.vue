<script setup lang="ts">
import type { PlannedJoin } from '~~/core/plan/plannedJoining'
import type { QuiltRow } from '~~/core/top/rows'
import { rowTitle } from '~~/words/rows'

/** Rows as bars, and a bracket round each pair that is joined, with its number in the order. */
const { rows, joins } = defineProps<{ rows: readonly QuiltRow[]; joins: readonly PlannedJoin[] }>()

const HIGH = 26
const NAME = 110
const STEP = 46
/** For each join where its bracket stands, and from where to where its arms reach. */
const brackets = computed(() => {
  const middleOf = new Map(rows.map((_, i) => [`${i + 1} ${i + 1}`, { x: NAME, y: (i + 0.5) * HIGH }]))
  return joins.map(({ from, middle, to }) => {
    const [a, b] = [middleOf.get(`${from} ${middle}`)!, middleOf.get(`${middle + 1} ${to}`)!]
    const x = Math.max(a.x, b.x) + STEP
    const y = (a.y + b.y) / 2
    middleOf.set(`${from} ${to}`, { x, y })
    return { a, b, x, y }
  })
})
const width = computed(() => Math.max(...brackets.value.map(({ x }) => x)) + 30)
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${rows.length * HIGH}`"
    :width="width"
    class="max-w-full"
    role="img"
    aria-label="Which rows are joined with which, in what order"
  >
    <g v-for="(row, i) in rows" :key="i">
      <rect x="0" :y="i * HIGH + 3" :width="NAME" :height="HIGH - 6" rx="4" fill="var(--paper)" stroke="var(--soft)" />
      <text x="8" :y="(i + 0.5) * HIGH + 5" font-size="14" fill="var(--ink)">{{ rowTitle(row) }}</text>
    </g>
    <g fill="none" stroke="var(--walnut)" stroke-width="2">
      <path v-for="({ a, b, x }, i) in brackets" :key="i" :d="`M${a.x} ${a.y}H${x}V${b.y}H${b.x}`" />
    </g>
    <g v-for="({ x, y }, i) in brackets" :key="i">
      <circle :cx="x" :cy="y" r="12" fill="var(--paper)" stroke="var(--walnut)" stroke-width="2" />
      <text :x="x" :y="y + 5" font-size="14" text-anchor="middle" fill="var(--ink)">{{ i + 1 }}</text>
    </g>
  </svg>
</template>
