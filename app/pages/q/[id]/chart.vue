<script setup lang="ts">
import { blockOf } from '~~/core/file/quilt'
import { CAUTIONS } from '~~/words/caution'
import { workText } from '~~/words/pictures'
import { textOf } from '~~/words/textPart'

/** A picture by its chart: what is cut, row after row, at the machine run by run. */
const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const { charts, at, place, chart, block, picture, doneOf, squaresOf, count, clothsOf, steps } = useChart()
const quilt = computed(() => store.plannedQuilt!)
const colours = computed(() => picture.value?.chart.colour ?? {})
const open = ref<number | null>(null)
const sewn = computed(() => (chart.value?.rows ?? []).filter(row => doneOf(row) >= squaresOf(row)).length)
const isStepping = computed(() => route.query.steps !== undefined)
const startAt = computed(() => (store.bookmark?.of === 'chart' ? (store.bookmark.step ?? 0) : 0))
const nameOf = (id: string, isMirrored: boolean) => `${blockOf(quilt.value, id).name}${isMirrored ? ', mirrored' : ''}`
const tabs = computed(() =>
  charts.value.map(({ block: id, mirror }, i) => ({ value: String(i), label: nameOf(id, mirror === true) })),
)
/** The row at the machine as a strip, and the run that is sewn now. */
const strip = (index: number, stage: number | null) =>
  chart.value!.rows[index]!.runs.map((run, i) => ({ ...run, isNow: stage === null || stage === i }))
</script>

<template>
  <div class="mx-auto max-w-7xl p-5">
    <StepMode
      v-if="isStepping && steps.length > 0"
      :steps="steps"
      :start="startAt"
      :title="`At the machine: ${quilt.name}`"
      @close="navigateTo({ query: { ...route.query, steps: undefined } })"
      @tick="i => steps[i]!.tick()"
      @at="i => store.setBookmark({ station: 'piece', of: 'chart', step: i })"
    >
      <template #default="{ index, stage }">
        <div class="strip" role="img" :aria-label="textOf(steps[index]!.parts)">
          <span v-for="(run, i) in strip(index, stage)" :key="i" class="run" :class="{ now: run.isNow }">
            <ChartCode :letter="run.letter" :colours="colours" />
            <strong class="figure">{{ run.count }}</strong>
          </span>
        </div>
      </template>
    </StepMode>
    <div class="no-print mb-4 flex flex-wrap items-center gap-3">
      <BackToStation />
      <h1 class="mr-auto">The chart</h1>
      <UButton v-if="chart" variant="solid" :to="{ query: { ...route.query, steps: null } }"
        ><UIcon name="i-lucide-maximize" class="size-5" />At the machine, run by run</UButton
      >
    </div>
    <p v-if="!store.plan" class="note" role="status">Laying it out …</p>
    <div v-else-if="!chart || !block || !picture" class="card">
      <p>This quilt has no picture in squares.</p>
      <UButton class="mt-2" :to="toPage('picture')"
        ><UIcon name="i-lucide-grid-3x3" class="size-5" />Draw a picture</UButton
      >
    </div>
    <template v-else>
      <TabRow
        v-if="tabs.length > 1"
        class="mb-4"
        label="Charts of this quilt"
        :tabs="tabs"
        :value="String(place)"
        @choose="i => (at = Number(i))"
      />
      <h2 class="print-only">{{ nameOf(block.id, chart.mirror === true) }}: the row list</h2>
      <ChartSettings
        class="mb-4"
        :design="block.design"
        :chart="picture.chart"
        :can-write="store.canWrite"
        @edit="edit"
      />
      <p class="mb-4" data-testid="chart-work">{{ workText(chart) }}</p>
      <div class="mb-4 grid gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <section class="card" aria-label="Squares to cut">
          <h2 class="mb-2">Squares</h2>
          <ChartCounts
            :counts="chart.counts"
            :path="`charts.${place}.counts`"
            :cloths-of="clothsOf"
            :colours="colours"
          />
        </section>
        <ChartOnPaper :block="block.id" :mirrored="chart.mirror === true" />
      </div>
      <StripSetList v-if="chart.way === 'strip-sets'" :words="chart.words" :colours="colours" />
      <ChartPanels
        v-if="chart.way === 'panels'"
        :chart="chart"
        :columns="[...picture.rows[0]!].length"
        :rows="picture.rows.length"
      />
      <section class="card" aria-label="Row list">
        <div class="no-print mb-2 flex flex-wrap items-center gap-3">
          <h2 class="mr-auto">Row list</h2>
          <span class="figure" data-testid="rows-sewn">{{ sewn }} of {{ chart.rows.length }} rows sewn</span>
        </div>
        <p class="caution no-print mb-2">{{ CAUTIONS.needle }}</p>
        <ul>
          <ChartRow
            v-for="row in chart.rows"
            :key="row.id"
            :row="row"
            :done="doneOf(row)"
            :is-open="open === row.row"
            :colours="colours"
            :can-write="store.canWrite"
            @open="open = open === row.row ? null : row.row"
            @count="by => count(row, by)"
          />
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  align-content: center;
  gap: 0.5rem;
  height: 100%;
  font-size: 1.4rem;
}
.run {
  display: inline-flex;
  align-items: center;
  gap: 0.3rem;
  padding: 0.3rem 0.6rem;
  border: 2px solid transparent;
  border-radius: 10px;
  opacity: 0.55;
}
.run.now {
  border-color: var(--ink);
  opacity: 1;
}
</style>
