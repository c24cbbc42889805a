<script setup lang="ts">
import type { PlannedChart } from '~~/core/plan/plannedCharts'
import { wordText } from '~~/words/pictures'

/** Strip sets from which segments of rows are cut. */
const { words, colours } = defineProps<{
  words: PlannedChart['words']
  colours: Readonly<Record<string, string>>
}>()
</script>

<template>
  <section class="card mb-4" aria-label="Strip sets">
    <h2>Strip sets</h2>
    <p v-if="words.length === 0" class="note">
      Nothing in this picture is repeated often enough to pay for a strip set.
    </p>
    <template v-else>
      <p class="note">
        Sew the strips in this order, press every seam to the right, and cut across. In even rows a segment lies turned
        half round: its seams then lie to the left.
      </p>
      <ul class="mt-2 space-y-1">
        <li v-for="word in words" :key="word.word">
          <ChartCode v-for="(letter, i) in word.word" :key="i" :letter="letter" :colours="colours" />
          {{ wordText(word) }}
        </li>
      </ul>
    </template>
  </section>
</template>
