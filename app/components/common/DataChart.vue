<script setup lang="ts">
import type { EChartsCoreOption, ECharts } from 'echarts/core'

/** A chart in the colours of the page, by day and in the evening; what it says in words stands beside it. */
const { draw, label } = defineProps<{
  /** What to draw, in these colours. */
  draw: (colours: ChartColours) => EChartsCoreOption
  label: string
}>()

export interface ChartColours {
  ink: string
  soft: string
  line: string
  madder: string
  indigo: string
  weld: string
}

const place = useTemplateRef('place')
const mode = useColorMode()
let chart: ECharts | null = null

function colours(): ChartColours {
  const style = getComputedStyle(document.documentElement)
  const of = (name: string) => style.getPropertyValue(name).trim()
  return {
    ink: of('--ink'),
    soft: of('--soft'),
    line: of('--line'),
    madder: of('--madder'),
    indigo: of('--indigo-dye'),
    weld: of('--weld'),
  }
}
function show() {
  const { fontFamily } = getComputedStyle(document.body)
  chart?.setOption({ animation: false, textStyle: { fontFamily }, ...draw(colours()) }, true)
}
onMounted(async () => {
  // loaded only where a chart is looked at
  const { startChart } = await import('~/drawing/startChart')
  if (!place.value) return
  chart = startChart(place.value)
  show()
})
useResizeObserver(place, () => chart?.resize())
watch(() => draw, show)
watch(
  () => mode.value,
  () => void nextTick(show),
)
onBeforeUnmount(() => chart?.dispose())
</script>

<template>
  <div ref="place" class="chart" data-given role="img" :aria-label="label" data-testid="chart" />
</template>

<style scoped>
.chart {
  width: 100%;
  height: 17rem;
}
</style>
