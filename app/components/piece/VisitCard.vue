<script setup lang="ts">
import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import type { Quilt } from '~~/core/file/quilt'
import type { Picture } from '~~/core/make/steps/picture'
import { AT_STATION, HOW_AT, visitText } from '~~/words/batch'
import type { BatchBook } from '~~/words/batchBook'
import { CAUTIONS } from '~~/words/caution'
import { plural } from '~~/words/speech'
import type { Visit } from '~/composables/useBatches'

/** One walk to a station, and what is done there. The one to do now is shown whole, others when they are opened. */
const { visit, isCurrent, done } = defineProps<{
  visit: Visit
  number: number
  isCurrent: boolean
  book: BatchBook
  quilt: Quilt
  /** Of each batch, how many are done. */
  done: readonly number[]
  pictureOf: (batch: PlannedBatch) => Picture | null
  canWrite: boolean
}>()
const emit = defineEmits<{ count: [batch: number, by: number] }>()
const isOpened = ref(false)
const isShown = computed(() => isCurrent || isOpened.value)
const isDone = computed(() => visit.batches.every((batch, i) => done[i]! >= batch.count))
/** Scraps make hundreds of batches: so many of a walk are shown at first. */
const MORE = 60
const most = ref(MORE)
</script>

<template>
  <li class="card visit" data-testid="visit">
    <h2 class="text-xl">
      <button
        type="button"
        class="heading"
        :aria-expanded="isShown"
        :disabled="isCurrent"
        @click="isOpened = !isOpened"
      >
        <span class="number">{{ number }}</span>
        <span class="grow text-left"
          >{{ AT_STATION[visit.at] }}<template v-if="visit.isTest">, for the test block</template></span
        >
        <span class="note figure text-base">{{ plural(visit.batches.length, 'batch', 'batches') }}</span>
        <UIcon v-if="isDone" name="i-lucide-check-check" class="size-6" aria-label="All done" />
      </button>
    </h2>
    <p v-if="!isShown" class="note figure !whitespace-normal" data-testid="visit-says">
      {{ visitText(visit.batches, book) }}
    </p>
    <template v-if="isShown">
      <p class="note mt-1 mb-2">{{ HOW_AT[visit.at] }}</p>
      <p v-if="visit.at === 'iron'" class="caution mb-2">{{ CAUTIONS.iron }}</p>
      <p v-else-if="visit.at === 'machine'" class="caution mb-2">{{ CAUTIONS.needle }}</p>
      <ul>
        <BatchLine
          v-for="(batch, i) in visit.batches.slice(0, most)"
          :key="batch.id"
          :batch="batch"
          :book="book"
          :quilt="quilt"
          :picture="pictureOf(batch)"
          :done="done[i]!"
          :can-write="canWrite"
          @count="by => emit('count', i, by)"
        />
      </ul>
      <UButton v-if="visit.batches.length > most" class="mt-2" @click="most += MORE">
        Show more: {{ visit.batches.length - most }} left
      </UButton>
    </template>
  </li>
</template>

<style scoped>
.heading {
  display: flex;
  width: 100%;
  min-height: 2.75rem;
  align-items: center;
  gap: 0.8rem;
}
.number {
  flex: none;
  min-width: 2.2rem;
  font-weight: 700;
  text-align: left;
}
</style>
