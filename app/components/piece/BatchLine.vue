<script setup lang="ts">
import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import type { Picture } from '~~/core/make/steps/picture'
import type { Quilt } from '~~/core/file/quilt'
import { batchParts, batchTitle } from '~~/words/batch'
import type { BatchBook } from '~~/words/batchBook'
import { textOf } from '~~/words/textPart'

/** One batch: what to do, how it looks, how many of it are done. */
const { batch, book, done } = defineProps<{
  batch: PlannedBatch
  book: BatchBook
  quilt: Quilt
  picture: Picture | null
  done: number
  canWrite: boolean
}>()
const emit = defineEmits<{ count: [by: number] }>()
const title = computed(() => batchTitle(batch, book))
const parts = computed(() => batchParts(batch, book))
const isDone = computed(() => done >= batch.count)
</script>

<template>
  <li class="line" :class="{ done: isDone }" data-testid="batch">
    <div class="shot">
      <PictureView v-if="picture" :picture="picture" :cloths="quilt.cloths" :label="textOf(parts)" />
    </div>
    <p class="min-w-0 grow">
      <strong>{{ title }}</strong><br /><FigureText :parts="parts" />
    </p>
    <p class="figure count" data-testid="batch-count">
      <span class="no-print">{{ done }} of </span>{{ batch.count }}
    </p>
    <DoneCount
      class="flex-none"
      :done="done"
      :all="batch.count"
      :can-write="canWrite"
      :fewer="`${title}: one fewer done`"
      :more="`${title}: one more done`"
      @count="by => emit('count', by)"
    >
      <template #all
        ><UIcon :name="isDone ? 'i-lucide-check-check' : 'i-lucide-check'" class="size-5" /><span class="sr-only"
          >{{ title }}: all done</span
        ></template
      >
    </DoneCount>
  </li>
</template>

<style scoped>
.line {
  display: flex;
  align-items: center;
  gap: 1rem;
  padding: 0.6rem 0;
  border-top: 1px solid var(--line);
}
.line.done {
  color: var(--soft);
}
.shot {
  flex: none;
  width: 6rem;
  height: 4.6rem;
}
.count {
  flex: none;
  min-width: 5.5rem;
  text-align: right;
  font-weight: 650;
}
@media (max-width: 700px) {
  .line {
    flex-wrap: wrap;
  }
}
</style>
