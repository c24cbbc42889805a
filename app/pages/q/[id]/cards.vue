<script setup lang="ts">
import { clipsOf } from '~~/core/top/clips'
import { cardLines, pressOfRow, readFrom, rowTitle } from '~~/words/rows'
import { capital } from '~~/words/names'
import { formatLength, formatSize } from '~~/words/length'

/** One card for each row, to pin to its first block: printed, cut apart, and taken to the machine. */
const store = useQuilt()
const speech = useSpeech()
const quilt = computed(() => store.plannedQuilt!)
const rows = computed(() => store.plan?.rows ?? [])
const marksOf = (r: number) => {
  const row = rows.value[r]!
  const mark = store.plan?.marks.find(({ sash }) => row.kind === 'sash' && row.parts.length === 1 && sash === row.row)
  return mark ? (mark.below.length > 0 ? mark.below : mark.above) : []
}
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-5xl px-4 py-4">
    <header class="no-print mb-4 flex flex-wrap items-center gap-3">
      <BackToStation />
      <h1 class="grow">Row cards</h1>
      <UButton v-if="rows.length > 0" @click="print">
        <UIcon name="i-lucide-printer" class="size-5" />Print the cards
      </UButton>
    </header>
    <p v-if="rows.length === 0" class="note" role="status">The plan is being worked out …</p>
    <ol class="space-y-3">
      <li v-for="(row, r) in rows" :key="r" class="row-card" data-testid="row-card">
        <p class="place">{{ r + 1 }}</p>
        <div class="min-w-0 grow space-y-1.5">
          <p class="note figure">{{ quilt.name }}, joined {{ r + 1 }} of {{ rows.length }}</p>
          <h2>{{ rowTitle(row) }}</h2>
          <RowPicture :row="row" :quilt="quilt" :size="52" />
          <p v-if="row.parts.length > 1" class="note">{{ readFrom(row) }}</p>
          <ol class="parts">
            <li v-for="(line, i) in cardLines(row, store.blockNames)" :key="i">{{ line }}</li>
          </ol>
          <p v-if="clipsOf(quilt.clips, row)"><ClipMark :clips="clipsOf(quilt.clips, row)!" /></p>
          <p v-if="marksOf(r).length > 0" class="figure !whitespace-normal">
            Mark from its first end:
            {{
              marksOf(r)
                .map(at => formatLength(at, speech))
                .join(', ')
            }}
          </p>
          <p class="figure !whitespace-normal">
            <template v-if="row.kind !== 'corner'">{{ formatSize(row.width, row.height, speech) }} raw. </template
            >{{ row.parts.length > 1 ? capital(pressOfRow(row)) + '.' : '' }}
          </p>
        </div>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.row-card {
  display: flex;
  gap: 1rem;
  padding: 0.9rem;
  border: 1.5px dashed var(--soft);
  break-inside: avoid;
}
.place {
  flex: none;
  width: 3.2rem;
  font-size: 2.4rem;
  font-weight: 700;
  line-height: 1;
}
.parts {
  columns: 3 13rem;
  list-style: none;
}
</style>
