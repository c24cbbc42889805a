<script setup lang="ts">
import { KINDS_OF_WORK } from '~~/core/file/entries/recordEntries'
import type { PlannedTime } from '~~/core/time/plannedTime'
import { plural } from '~~/words/speech'
import { spanText, WORK_NAMES } from '~~/words/time'
import { kindBars } from '~/drawing/timeCharts'

/** How long the rest takes, and each kind of work. */
const { time, sittings } = defineProps<{ time: PlannedTime; sittings: number }>()
const kinds = computed(() => KINDS_OF_WORK.flatMap(work => time.kinds.find(kind => kind.work === work) ?? []))
const isDone = computed(() => time.left.high < 1)
</script>

<template>
  <section class="card space-y-4" aria-label="What is left">
    <p v-if="isDone" class="text-xl">All that is planned is done.</p>
    <p v-else class="text-xl" data-testid="time-left">
      <strong class="figure !whitespace-normal">{{ spanText(time.left) }}</strong> of work are left.
    </p>
    <p class="note">
      Nine of ten quilters who fit what was timed would be within it.
      <template v-if="sittings === 0">
        Nothing was timed yet: these are guesses with wide limits. Note the minutes of a sitting in the diary, and they
        become yours.
      </template>
      <template v-else>Learnt from {{ plural(sittings, 'timed sitting') }} of all your quilts.</template>
    </p>
    <table class="w-full">
      <thead>
        <tr class="text-left">
          <th scope="col">Of the whole quilt</th>
          <th scope="col" class="text-right">takes</th>
          <th scope="col" class="text-right">from</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="kind in kinds" :key="kind.work" class="border-t border-line" data-testid="time-kind">
          <th scope="row" class="py-1 text-left font-normal">{{ WORK_NAMES[kind.work] }}</th>
          <td class="figure text-right font-semibold">{{ spanText(kind) }}</td>
          <td class="text-right">{{ kind.from === 'guess' ? 'a guess' : 'your timings' }}</td>
        </tr>
      </tbody>
    </table>
    <DataChart
      :draw="kindBars(kinds)"
      :label="kinds.map(kind => `${WORK_NAMES[kind.work]}: ${spanText(kind)}`).join('; ')"
    />
    <p class="note flex flex-wrap gap-4">
      <span><span class="sample" style="background: var(--indigo-dye)" />from your timings</span>
      <span><span class="sample" style="background: var(--weld)" />a guess</span>
    </p>
  </section>
</template>

<style scoped>
.sample {
  display: inline-block;
  width: 1.4em;
  height: 0.8em;
  margin-right: 0.5em;
}
</style>
