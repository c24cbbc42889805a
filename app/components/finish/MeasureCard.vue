<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { removeMeasures, setMeasures } from '~~/core/edits/record'
import type { Inches } from '~~/core/measure/ruler'
import type { Quilt } from '~~/core/quilt/quilt'
import { formatLength } from '~~/words/length'

const { quilt, what, title, sides, planned } = defineProps<{
  quilt: Quilt
  /** The stage, as in the file: `setting`, `border-1`, `border-1-first`. */
  what: string
  title: string
  sides: readonly ('width' | 'height')[]
  /** Raw edge to raw edge, as it should measure. */
  planned: { width: Inches, height: Inches }
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const entry = computed(() => quilt.made.findLast(made => made.what === what))
const places = computed(() => Math.max(planned.width, planned.height) > 80 ? 5 : 3)
/** What stands in the fields: kept measures first, then empty places. */
const values = (side: 'width' | 'height'): (Inches | null)[] => {
  const kept = entry.value?.[side] ?? []
  return Array.from({ length: Math.max(places.value, kept.length) }, (_, i) => kept[i] ?? null)
}
const mean = (side: 'width' | 'height') => {
  const kept = entry.value?.[side]
  return kept && kept.length > 0 ? kept.reduce((a, b) => a + b, 0) / kept.length : null
}
const spread = (side: 'width' | 'height') => {
  const kept = entry.value?.[side] ?? []
  return kept.length > 1 ? Math.max(...kept) - Math.min(...kept) : 0
}
function set(side: 'width' | 'height', index: number, value: Inches) {
  const next = values(side)
  next[index] = value
  const clean = (list: readonly (Inches | null)[] | undefined) => {
    const found = (list ?? []).filter(v => v !== null)
    return found.length > 0 ? found : undefined
  }
  emit('edit', `measure of ${title.toLowerCase()}`, setMeasures({ what, width: clean(side === 'width' ? next : entry.value?.width), height: clean(side === 'height' ? next : entry.value?.height) }))
}
const NAMES = { width: ['near the top', 'in the middle', 'near the bottom'], height: ['near the left', 'in the middle', 'near the right'] } as const
const placeName = (side: 'width' | 'height', i: number) => places.value === 3 && i < 3 ? NAMES[side][i]! : `place ${i + 1}`
</script>

<template>
  <section class="card" :aria-label="`Measure ${title}`" :data-stage="what">
    <div class="flex items-baseline gap-3"><h3 class="mr-auto">Measure {{ title }}</h3><button v-if="entry" type="button" class="button quiet" @click="emit('edit', 'measures taken back', removeMeasures(what))">Take back</button></div>
    <p class="note">Flat, through {{ places }} places, raw edge to raw edge.</p>
    <div v-for="side in sides" :key="side" class="mt-3">
      <p class="label">{{ side === 'width' ? 'Across' : 'Down' }} <span class="note figure font-normal">planned {{ formatLength(planned[side], speech) }}</span></p>
      <div class="grid grid-cols-[repeat(auto-fit,minmax(8rem,1fr))] gap-2">
        <LengthField
          v-for="(value, i) in values(side)"
          :key="i"
          :label="placeName(side, i)"
          :value="value"
          :least="planned[side] / 2"
          :most="planned[side] * 1.5"
          why="That is far from the plan"
          :step="1 / 8"
          hide-steps
          @commit="v => set(side, i, v)"
        />
      </div>
      <p v-if="mean(side) !== null" class="figure mt-2 !whitespace-normal" role="status" :data-testid="`mean-${what}-${side}`">
        Mean {{ formatLength(mean(side)!, speech) }}<template v-if="spread(side) > 0">, spread {{ formatLength(spread(side), speech) }}</template>.
        <strong v-if="spread(side) > 0.5" class="wrong">More than half an inch apart: find out why before you cut the border.</strong>
        <template v-else-if="Math.abs(mean(side)! - planned[side]) > 1 / 64">{{ formatLength(Math.abs(mean(side)! - planned[side]), speech) }} {{ mean(side)! < planned[side] ? 'smaller' : 'larger' }} than planned; all that follows goes by this.</template>
        <template v-else>Just as planned.</template>
      </p>
    </div>
  </section>
</template>
