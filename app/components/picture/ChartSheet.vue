<script setup lang="ts">
import { readChart, textEncoding, type ReadChart } from '~~/core/charts/readChart'
import { chartReadText, marksText } from '~~/words/pictures'

/** A chart from a file or typed in: a mark a square, a line a row. */
const emit = defineEmits<{ take: [chart: ReadChart] }>()
const open = defineModel<boolean>('open', { required: true })

const text = ref('')
const reading = computed(() => (text.value.trim() === '' ? null : readChart(text.value)))
const refusal = ref('')
/** Larger than any chart of two hundred rows. */
const MAX_BYTES = 2_000_000
async function read(file: File) {
  refusal.value = ''
  if (file.size > MAX_BYTES) {
    refusal.value = 'This file is larger than any chart.'
    return
  }
  const bytes = new Uint8Array(await file.arrayBuffer())
  text.value = new TextDecoder(textEncoding(bytes)).decode(bytes)
}
function take() {
  if (!reading.value?.ok) return
  emit('take', reading.value.chart)
  open.value = false
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="From a chart"
    description="A table (CSV) or typed in: a line a row, a letter, number or mark a square."
    :ui="{ content: 'max-w-3xl bg-paper', body: 'p-4' }"
  >
    <template #body>
      <div class="space-y-3">
        <FilePicker accept=".csv,.txt,text/csv,text/plain" label="Chart" icon="i-lucide-table" @choose="read"
          >Open a table …</FilePicker
        >
        <label class="label" for="chart-text">The chart</label>
        <UTextarea
          id="chart-text"
          v-model="text"
          class="w-full font-mono"
          :rows="10"
          placeholder=". . x x . .&#10;. x o o x ."
          autoresize
          :maxrows="16"
        />
        <p v-if="refusal" class="wrong" role="alert">{{ refusal }}</p>
        <p v-if="reading" :class="reading.ok ? 'note' : 'wrong'" role="status" data-testid="chart-read">
          {{ chartReadText(reading) }}
          <template v-if="reading.ok && marksText(reading.chart)">{{ marksText(reading.chart) }}.</template>
        </p>
        <UButton variant="solid" :disabled="!reading?.ok" @click="take">
          <UIcon name="i-lucide-check" class="size-5" />Take these squares
        </UButton>
      </div>
    </template>
  </UModal>
</template>
