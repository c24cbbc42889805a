<script setup lang="ts">
import type { PlannedChart } from '~~/core/plan/plannedCharts'
import type { Cloth } from '~~/core/file/quilt'

/** Squares of each letter, and how many are cut. */
const { counts, path, clothsOf, colours } = defineProps<{
  counts: PlannedChart['counts']
  /** Where they stand in the plan. */
  path: string
  clothsOf: (letter: string) => readonly Cloth[]
  colours: Readonly<Record<string, string>>
}>()
</script>

<template>
  <table class="counts" data-testid="chart-counts">
    <thead>
      <tr>
        <th scope="col">Letter</th>
        <th scope="col">Cloth</th>
        <th scope="col" class="number">Squares</th>
        <th scope="col" class="number">Cut</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(count, letter) in counts" :key="letter">
        <th scope="row"><ChartCode :letter="letter" :colours="colours" /></th>
        <td>
          <span v-for="cloth in clothsOf(letter)" :key="cloth.id" class="mr-2 inline-flex items-center gap-1">
            <ClothSwatch :cloth="cloth" :size="24" />{{ cloth.name }}
          </span>
        </td>
        <td class="number figure">{{ count.squares }}</td>
        <td class="number"><Figure :path="`${path}.${letter}.cut`" kind="count" title="Squares to cut" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.counts {
  width: 100%;
  border-collapse: collapse;
}
.counts th,
.counts td {
  padding: 0.3rem 0.5rem;
  border-top: 1px solid var(--line);
  text-align: left;
}
.counts .number {
  text-align: right;
}
</style>
