<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import type { Quilt } from '~~/core/file/quilt'
import type { Plan } from '~~/core/plan/plan'
import type { QuiltRow } from '~~/core/top/rows'
import { layoutText } from '~~/words/joining'

/** The rows of the top: how they are joined, ticked and measured. */
const { rows, quilt } = defineProps<{
  rows: readonly QuiltRow[]
  quilt: Quilt
  marks: Plan['marks']
  done: readonly boolean[]
  canWrite: boolean
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit]; toggle: [row: number] }>()
const speech = useSpeech()
const edit = (name: string, change: Edit) => emit('edit', name, change)
</script>

<template>
  <section class="no-print" aria-label="Rows">
    <div class="mb-1 flex flex-wrap items-center gap-3">
      <h2 class="grow">Join the top</h2>
      <UButton v-if="rows.length > 1" :to="toPage('joining')"
        ><UIcon name="i-lucide-list-tree" class="size-5" />Order, pins and marks</UButton
      >
      <UButton :to="toPage('cards')"><UIcon name="i-lucide-printer" class="size-5" />Row cards</UButton>
    </div>
    <p class="note mb-3">{{ layoutText(quilt, rows, speech) }}</p>
    <ClipsField class="mb-4" :clips="quilt.clips" :disabled="!canWrite" @edit="edit" />
    <RowList
      :rows="rows"
      :marks="marks"
      :quilt="quilt"
      :done="done"
      :can-write="canWrite"
      @toggle="row => emit('toggle', row)"
    />
    <RowMeasures :rows="rows" :quilt="quilt" :can-write="canWrite" @edit="edit" />
  </section>
</template>
