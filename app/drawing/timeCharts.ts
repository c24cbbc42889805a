// Time of a quilt, as charts.
import type { EChartsCoreOption } from 'echarts/core'
import type { PlannedTime } from '~~/core/time/plannedTime'
import { minutesText, WORK_NAMES } from '~~/words/time'
import type { ChartColours } from '~/components/common/DataChart.vue'

/** What each kind of work takes, with its span. */
export function kindBars(kinds: PlannedTime['kinds']) {
  return ({ ink, soft, indigo, weld }: ChartColours): EChartsCoreOption => ({
    grid: { left: 12, right: 90, top: 10, bottom: 10, containLabel: true },
    xAxis: { type: 'value', show: false, max: Math.max(...kinds.map(({ high }) => high)) },
    yAxis: {
      type: 'category',
      inverse: true,
      data: kinds.map(({ work }) => WORK_NAMES[work].split(',')[0]),
      axisLabel: { color: ink, fontSize: 15 },
      axisLine: { lineStyle: { color: soft } },
      axisTick: { show: false },
    },
    series: [
      // from the low end to the high one; the bar before it only carries it there
      { type: 'bar', stack: 'span', silent: true, itemStyle: { color: 'transparent' }, data: kinds.map(k => k.low) },
      {
        type: 'bar',
        stack: 'span',
        barMaxWidth: 26,
        data: kinds.map(({ low, high, from }) => ({
          value: high - low,
          itemStyle: { color: from === 'guess' ? weld : indigo },
        })),
        label: {
          show: true,
          position: 'right',
          color: ink,
          fontSize: 14,
          formatter: ({ dataIndex }: { dataIndex: number }) => `up to ${minutesText(kinds[dataIndex]!.high)}`,
        },
      },
    ],
  })
}

/** What is left day by day, with its span: `low` and `high` as parts of what is expected. */
export function burnDown(
  left: { at: string; minutes: number }[],
  { low, high }: { low: number; high: number },
  until: string | undefined,
) {
  const line = (part: number) => left.map(({ at, minutes }) => [at, (minutes * part) / 60])
  return ({ ink, soft, line: rule, indigo, madder }: ChartColours): EChartsCoreOption => ({
    grid: { left: 12, right: 24, top: 30, bottom: 10, containLabel: true },
    xAxis: {
      type: 'time',
      axisLabel: { color: ink, fontSize: 14, hideOverlap: true },
      axisLine: { lineStyle: { color: soft } },
    },
    yAxis: {
      type: 'value',
      name: 'hours left',
      nameTextStyle: { color: ink, fontSize: 14, align: 'left' },
      axisLabel: { color: ink, fontSize: 14 },
      splitLine: { lineStyle: { color: rule } },
    },
    series: [
      {
        type: 'line',
        step: 'end',
        symbol: 'none',
        lineStyle: { color: soft, type: 'dotted', width: 2 },
        data: line(low),
      },
      {
        type: 'line',
        step: 'end',
        symbol: 'none',
        lineStyle: { color: soft, type: 'dotted', width: 2 },
        data: line(high),
      },
      {
        type: 'line',
        step: 'end',
        symbol: 'none',
        lineStyle: { color: indigo, width: 3 },
        data: line(1),
        ...(until === undefined
          ? {}
          : {
              markLine: {
                symbol: 'none',
                lineStyle: { color: madder, width: 2, type: 'solid' },
                label: { color: ink, fontSize: 14, formatter: 'wanted' },
                data: [{ xAxis: until }],
              },
            }),
      },
    ],
  })
}
