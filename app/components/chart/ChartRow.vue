<script setup lang="ts">
import type { PlannedChartRow } from '~~/core/plan/plannedCharts'
import { chartRowText, runsText } from '~~/words/pictures'

/** A row of a chart: its runs, ticked whole or square by square. */
const { row, done, isOpen, colours, canWrite } = defineProps<{
  row: PlannedChartRow
  /** Squares of it that are sewn. */
  done: number
  isOpen: boolean
  colours: Readonly<Record<string, string>>
  canWrite: boolean
}>()
const emit = defineEmits<{ open: []; count: [by: number] }>()

const squares = computed(() => row.runs.flatMap(({ letter, count }) => Array<string>(count).fill(letter)))
const all = computed(() => squares.value.length)
const toggle = () => emit('count', done >= all.value ? -done : all.value - done)
</script>

<template>
  <li class="row" :class="{ done: done >= all }">
    <TickBox
      :checked="done >= all ? true : done > 0 ? 'mixed' : false"
      :label="`Row ${row.row} is sewn`"
      :disabled="!canWrite"
      @toggle="toggle"
    />
    <UButton
      variant="ghost"
      class="words no-print"
      :aria-expanded="isOpen"
      :aria-label="chartRowText(row)"
      @click="emit('open')"
    >
      <strong class="figure number">{{ row.row }}</strong>
      <span class="runs">{{ runsText(row) }}</span>
      <UIcon :name="row.press === 'right' ? 'i-lucide-arrow-right' : 'i-lucide-arrow-left'" class="size-5" />
    </UButton>
    <p class="print-only">{{ chartRowText(row) }}; press to the {{ row.press }}</p>
    <div v-if="isOpen" class="no-print open">
      <p class="note">Press the seams to the {{ row.press }}. {{ done }} of {{ all }} squares sewn.</p>
      <div class="strip" role="group" :aria-label="`Squares of row ${row.row}`">
        <button
          v-for="(letter, i) in squares"
          :key="i"
          type="button"
          class="square"
          :class="{ sewn: i < done }"
          :tabindex="i === Math.min(done, all - 1) ? 0 : -1"
          :aria-label="`Square ${i + 1}: ${letter}${i < done ? ', sewn' : ''}`"
          :disabled="!canWrite"
          @click="emit('count', i + 1 === done ? -1 : i + 1 - done)"
        >
          <ChartCode :letter="letter" :colours="colours" />
        </button>
      </div>
      <DoneCount
        :done="done"
        :all="all"
        :can-write="canWrite"
        fewer="One square fewer sewn"
        more="One square more sewn"
        @count="by => emit('count', by)"
      >
        <span class="figure">{{ done }} of {{ all }}</span>
        <template #all>The row is sewn</template>
      </DoneCount>
    </div>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 0.2rem 0.6rem;
  padding: 0.15rem 0;
  border-top: 1px solid var(--line);
  break-inside: avoid;
}
.words {
  justify-content: flex-start;
  min-width: 0;
  text-align: left;
  white-space: normal;
}
.number {
  min-width: 2.2rem;
}
.runs {
  flex: 1;
}
.done .runs {
  opacity: 0.7;
  text-decoration: line-through;
}
.open {
  grid-column: 2;
  padding-bottom: 0.8rem;
}
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  padding: 0.4rem 0;
}
.square {
  min-width: 2.2rem;
  min-height: 2.2rem;
  border-radius: 6px;
}
.square.sewn {
  opacity: 0.35;
}
@media print {
  .row {
    border-top-color: #999;
  }
}
</style>
