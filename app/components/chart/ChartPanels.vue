<script setup lang="ts">
import type { PlannedChart, PlannedChartPanel } from '~~/core/plan/plannedCharts'
import { CAUTIONS } from '~~/words/caution'
import { panelSizes, panelSteps } from '~~/words/pictures'
import { inEnglish, plural } from '~~/words/speech'

/** Panels of a chart: where they lie, and how each size of them is laid, folded and sewn. */
const { chart, columns, rows } = defineProps<{
  chart: Pick<PlannedChart, 'panels'>
  columns: number
  rows: number
}>()
/** More have no room for their numbers. */
const MAX_DRAWN = 400
const speech = useSpeech()
const sizes = computed(() => panelSizes(chart.panels))
/** Seams of a panel in the order in which they are folded: between rows, then between columns. */
const folds = ({ across, down }: PlannedChartPanel) => [
  ...Array.from({ length: down - 1 }, (_, i) => ({ x1: 0, y1: i + 1, x2: across, y2: i + 1, number: i + 1 })),
  ...Array.from({ length: across - 1 }, (_, i) => ({ x1: i + 1, y1: 0, x2: i + 1, y2: down, number: down + i })),
]
</script>

<template>
  <section class="card mb-4 space-y-3" aria-label="Panels">
    <h2>{{ plural(chart.panels.length, 'panel') }}</h2>
    <p class="caution">{{ CAUTIONS.iron }}</p>
    <div class="flex flex-wrap items-start gap-6">
      <svg
        v-if="chart.panels.length <= MAX_DRAWN"
        :viewBox="`-0.5 -0.5 ${columns + 1} ${rows + 1}`"
        class="map"
        role="img"
        aria-label="Where each panel lies"
      >
        <g v-for="(panel, i) in chart.panels" :key="i">
          <rect :x="panel.x" :y="panel.y" :width="panel.across" :height="panel.down" class="panel" />
          <text
            :x="panel.x + panel.across / 2"
            :y="panel.y + panel.down / 2"
            :font-size="Math.min(panel.across, panel.down) * 0.5"
            text-anchor="middle"
            dominant-baseline="central"
          >
            {{ i + 1 }}
          </text>
        </g>
      </svg>
      <article v-for="{ panel, count } in sizes" :key="`${panel.across} ${panel.down}`" class="size">
        <h3>{{ count }} of {{ panel.across }} × {{ panel.down }} squares</h3>
        <svg
          :viewBox="`-1 -1 ${panel.across + 2} ${panel.down + 2}`"
          class="folds"
          role="img"
          aria-label="Its seams, numbered in the order in which they are folded"
        >
          <rect x="0" y="0" :width="panel.across" :height="panel.down" class="panel" />
          <g v-for="fold in folds(panel)" :key="fold.number">
            <line :x1="fold.x1" :y1="fold.y1" :x2="fold.x2" :y2="fold.y2" class="fold" />
            <text
              :x="fold.y1 === fold.y2 ? -0.55 : fold.x1"
              :y="fold.y1 === fold.y2 ? fold.y1 : -0.5"
              font-size="0.6"
              text-anchor="middle"
              dominant-baseline="central"
            >
              {{ fold.number }}
            </text>
          </g>
        </svg>
        <ol class="list-decimal pl-6">
          <li v-for="step in panelSteps(panel, speech)" :key="step">{{ inEnglish(step, speech) }}</li>
        </ol>
      </article>
    </div>
  </section>
</template>

<style scoped>
.map {
  width: 13rem;
  max-height: 18rem;
}
.folds {
  width: 15rem;
  max-height: 15rem;
}
.size {
  flex: 1 1 20rem;
}
.panel {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 0.12;
}
.fold {
  stroke: var(--ink);
  stroke-width: 0.08;
  stroke-dasharray: 0.3 0.2;
}
text {
  fill: var(--ink);
}
</style>
