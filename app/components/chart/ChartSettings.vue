<script setup lang="ts">
import { setChart } from '~~/core/edits/pictures'
import type { Edit } from '~~/core/edits/edit'
import { MAX_SQUARES } from '~~/core/designs/squares'
import type { Chart } from '~~/core/designs/chart'
import { CHART_WAY_OPTIONS } from '~~/words/pictures'

/** How a chart is read and sewn. */
const { design, chart, canWrite } = defineProps<{ design: string; chart: Chart; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const set = (change: Parameters<typeof setChart>[1]) =>
  emit('edit', 'way of reading the chart', setChart(design, change))
</script>

<template>
  <section class="card no-print grid grid-cols-2 gap-3 md:grid-cols-4" aria-label="How the chart is read and sewn">
    <ChoiceField
      label="It is sewn"
      :value="chart.way"
      :options="CHART_WAY_OPTIONS"
      :disabled="!canWrite"
      @choose="way => set({ way })"
    />
    <ChoiceField
      label="Rows are read from"
      :value="chart.from"
      :options="[
        { value: 'top', label: 'the top' },
        { value: 'bottom', label: 'the bottom' },
      ]"
      :disabled="!canWrite"
      @choose="from => set({ from })"
    />
    <ChoiceField
      label="Each row from"
      :value="chart.side"
      :options="[
        { value: 'left', label: 'the left' },
        { value: 'right', label: 'the right' },
      ]"
      :disabled="!canWrite"
      @choose="side => set({ side })"
    />
    <NumberField
      label="Spare squares of each letter"
      :value="chart.spare"
      :least="0"
      :most="100"
      :disabled="!canWrite"
      @commit="spare => set({ spare })"
    />
    <template v-if="chart.way === 'panels'">
      <NumberField
        label="A panel across, at most"
        :value="chart.panel.across"
        :least="2"
        :most="MAX_SQUARES"
        :disabled="!canWrite"
        @commit="across => set({ panel: { ...chart.panel, across } })"
      />
      <NumberField
        label="A panel down, at most"
        :value="chart.panel.down"
        :least="2"
        :most="MAX_SQUARES"
        :disabled="!canWrite"
        @commit="down => set({ panel: { ...chart.panel, down } })"
      />
    </template>
  </section>
</template>
