// What chance does to a quilt, as charts.
import type { EChartsCoreOption } from 'echarts/core'
import type { Spread } from '~~/core/simulation/quilt'
import type { UnitsMade } from '~~/core/simulation/sewnUnit'
import { formatLength } from '~~/words/length'
import type { Speech } from '~~/words/speech'
import type { ChartColours } from '~/components/common/DataChart.vue'

/** How often each size comes out, beside the one that is planned. */
export function histogram({ bars, planned: plan }: Spread, speech: Speech) {
  const wide = bars[0]!.to - bars[0]!.from
  const from = Math.min(bars[0]!.from, plan - 2 * wide)
  const to = Math.max(bars.at(-1)!.to, plan + 2 * wide)
  return ({ ink, soft, indigo, madder }: ChartColours): EChartsCoreOption => ({
    grid: { left: 12, right: 16, top: 34, bottom: 28, containLabel: true },
    xAxis: {
      type: 'value',
      min: from,
      max: to,
      interval: (to - from) / 4,
      axisLabel: { color: ink, fontSize: 14, formatter: (value: number) => formatLength(value, speech) },
      axisLine: { lineStyle: { color: soft } },
      splitLine: { show: false },
    },
    yAxis: { type: 'value', show: false },
    series: [
      {
        type: 'bar',
        barWidth: '96%',
        itemStyle: { color: indigo },
        data: bars.map(({ from, to, count }) => [(from + to) / 2, count]),
        markLine: {
          symbol: 'none',
          lineStyle: { color: madder, width: 2, type: 'solid' },
          label: { color: ink, fontSize: 14, formatter: 'plan' },
          data: [{ xAxis: plan }],
        },
      },
    ],
  })
}

/** How many points lose their tips by each way of making the units. */
export function lostByWay(lost: readonly { units: UnitsMade; name: string; cut: number }[]) {
  return ({ ink, soft, indigo, weld }: ChartColours): EChartsCoreOption => ({
    grid: { left: 12, right: 60, top: 10, bottom: 10, containLabel: true },
    xAxis: { type: 'value', show: false },
    yAxis: {
      type: 'category',
      inverse: true,
      data: lost.map(({ name }) => name),
      axisLabel: { color: ink, fontSize: 15 },
      axisLine: { lineStyle: { color: soft } },
      axisTick: { show: false },
    },
    series: [
      {
        type: 'bar',
        barMaxWidth: 34,
        label: {
          show: true,
          position: 'right',
          color: ink,
          fontSize: 15,
          formatter: ({ value }: { value: number }) => String(Math.round(value * 10) / 10),
        },
        data: lost.map(({ units, cut }) => ({
          value: cut,
          itemStyle: { color: units === 'planned' ? weld : indigo },
        })),
      },
    ],
  })
}
