<script setup lang="ts">
import type { EChartsCoreOption } from 'echarts/core'
import type { ChartColours } from '~/components/common/DataChart.vue'
import type { Plan } from '~~/core/plan/plan'
import { formatSmall, formatThousandths } from '~~/words/length'
import { plural } from '~~/words/speech'

/** All seam tests in order, with the limits within which they differ by chance alone. */
const { test } = defineProps<{ test: Plan['seamTest'] }>()
const emit = defineEmits<{ remove: [index: number] }>()

const speech = useSpeech()
const says = computed(() => {
  const { tests, limits } = test
  if (!limits) return `${plural(tests.length, 'test')} on record; three alike show what chance does.`
  const last = tests.at(-1)!
  return last.sewn < limits.low - 1e-9 || last.sewn > limits.high + 1e-9
    ? 'The last lies beyond what chance does: something has changed. Look at needle, guide and thread.'
    : 'They differ by chance alone: do not move the needle for a single one of them.'
})
const named = (i: number) => {
  const { sewn, at, cloth, machine, thread, needle, isApart } = test.tests[i]!
  const where = [cloth && `${cloth} cloth`, machine, thread, needle !== undefined && `needle at ${needle}`]
  const apart = isApart && 'does not agree with the others: left out of the step of the needle'
  return [at?.slice(0, 10), formatThousandths(sewn, speech.value), ...where, apart].filter(Boolean).join(', ')
}
const draw = computed(() => {
  const { tests, limits } = test
  const wanted = test.sewn === null || test.off === null ? null : test.sewn - test.off
  const lines = [
    ...(wanted === null ? [] : [{ yAxis: wanted, name: 'wanted', kind: 'solid' as const }]),
    ...(limits
      ? [
          { yAxis: limits.low, name: 'limit', kind: 'dashed' as const },
          { yAxis: limits.high, name: 'limit', kind: 'dashed' as const },
        ]
      : []),
  ]
  const all = [...tests.map(({ sewn }) => sewn), ...lines.map(({ yAxis }) => yAxis)]
  const room = Math.max(1 / 64, (Math.max(...all) - Math.min(...all)) * 0.15)
  const [min, max] = [Math.min(...all) - room, Math.max(...all) + room]
  return ({ ink, soft, madder, indigo }: ChartColours): EChartsCoreOption => ({
    grid: { left: 10, right: 64, top: 16, bottom: 8, containLabel: true },
    xAxis: {
      type: 'category',
      data: tests.map((_, i) => String(i + 1)),
      axisLabel: { color: ink, fontSize: 14 },
      axisLine: { onZero: false, lineStyle: { color: soft } },
    },
    yAxis: {
      type: 'value',
      min,
      max,
      interval: (max - min) / 3,
      axisLabel: { color: ink, fontSize: 14, formatter: (value: number) => formatThousandths(value, speech.value) },
      splitLine: { show: false },
    },
    series: [
      {
        type: 'line',
        data: tests.map(({ sewn }) => sewn),
        symbol: 'circle',
        symbolSize: 11,
        itemStyle: { color: indigo },
        lineStyle: { color: indigo },
        markLine: {
          symbol: 'none',
          data: lines.map(({ yAxis, name, kind }) => ({
            yAxis,
            label: { color: ink, fontSize: 13, formatter: name },
            lineStyle: { color: kind === 'solid' ? madder : soft, type: kind, width: 2 },
          })),
        },
      },
    ],
  })
})
</script>

<template>
  <div class="mt-3" data-testid="seam-record">
    <DataChart :draw="draw" :label="says" />
    <p class="figure mt-1 !whitespace-normal" data-testid="seam-record-says">
      {{ says
      }}<template v-if="test.limits">
        Their mean is
        <Figure
          path="seamTest.limits.mean"
          :text="formatThousandths(test.limits.mean, speech)"
          title="Mean of the tests"
        />, chance reaches
        <Figure
          path="seamTest.limits.high"
          :text="formatSmall(test.limits.high - test.limits.mean, speech)"
          title="Limit of chance"
        />
        either way.</template
      >
    </p>
    <ol class="mt-2 space-y-1">
      <li v-for="(_, i) in test.tests" :key="i" class="figure flex items-center gap-2 !whitespace-normal">
        <span data-given>{{ i + 1 }}. {{ named(i) }}</span>
        <UButton square class="ml-auto" :aria-label="`Test ${i + 1} off`" @click="emit('remove', i)">
          <UIcon name="i-lucide-x" class="size-5" />
        </UButton>
      </li>
    </ol>
  </div>
</template>
