<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { removeMeasures, setMeasures } from '~~/core/edits/record'
import type { Inches } from '~~/core/measure/ruler'
import type { StageFigures } from '~~/core/plan/plannedStages'
import type { StageKey } from '~~/core/file/measuredThing'
import type { Quilt } from '~~/core/file/quilt'
import { MAX_SPREAD } from '~~/core/made/measures'
import { TRIMMED } from '~~/core/top/trimmed'
import { formatLength, formatRoughPart } from '~~/words/length'

const { quilt, what, title, measures } = defineProps<{
  quilt: Quilt
  what: StageKey
  title: string
  /** Side by side: what it should measure and what it did, and where that stands in the plan. */
  measures: readonly { side: 'width' | 'height'; figures: StageFigures; path: string }[]
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const entry = computed(() => quilt.made.findLast(made => made.what === what))
/** Five places on a long side, three else. Source: handbook §8. */
const places = computed(() => (Math.max(...measures.map(({ figures }) => figures.expected)) > 80 ? 5 : 3))
/** What stands in the fields: kept measures first, then empty places. */
const values = (side: 'width' | 'height'): (Inches | null)[] => {
  const kept = entry.value?.[side] ?? []
  return Array.from({ length: Math.max(places.value, kept.length) }, (_, i) => kept[i] ?? null)
}
function set(side: 'width' | 'height', index: number, value: Inches) {
  const next = values(side)
  next[index] = value
  const clean = (list: readonly (Inches | null)[] | undefined) => {
    const found = (list ?? []).filter(v => v !== null)
    return found.length > 0 ? found : undefined
  }
  emit(
    'edit',
    `measure of ${title.toLowerCase()}`,
    setMeasures({
      what,
      width: clean(side === 'width' ? next : entry.value?.width),
      height: clean(side === 'height' ? next : entry.value?.height),
    }),
  )
}
const NAMES = {
  width: ['near the top', 'in the middle', 'near the bottom'],
  height: ['near the left', 'in the middle', 'near the right'],
} as const
const placeName = (side: 'width' | 'height', i: number) =>
  places.value === 3 && i < 3 ? NAMES[side][i]! : `place ${i + 1}`
</script>

<template>
  <section class="card" :aria-label="`Measure ${title}`" :data-stage="what">
    <div class="flex items-baseline gap-3">
      <h3 class="mr-auto">Measure {{ title }}</h3>
      <UButton v-if="entry" variant="ghost" @click="emit('edit', 'measures taken back', removeMeasures(what))">
        Take back
      </UButton>
    </div>
    <p class="note">
      Flat, through {{ places }} places, {{ what === TRIMMED ? 'edge to edge' : 'raw edge to raw edge' }}.
    </p>
    <div v-for="{ side, figures, path } in measures" :key="side" class="mt-3">
      <p class="label">
        {{ side === 'width' ? 'Across' : 'Down' }}
        <span class="note font-normal"
          >should be <Figure :path="`${path}.expected`" title="Raw edge to raw edge"
        /></span>
      </p>
      <div class="grid grid-cols-[repeat(auto-fit,minmax(8rem,1fr))] gap-2">
        <LengthField
          v-for="(value, i) in values(side)"
          :key="i"
          :label="placeName(side, i)"
          :value="value"
          :least="figures.expected / 2"
          :most="figures.expected * 1.5"
          why="That is far from the plan"
          :step="1 / 8"
          hide-steps
          @commit="v => set(side, i, v)"
        />
      </div>
      <p
        v-if="figures.mean !== undefined"
        class="figure mt-2 !whitespace-normal"
        role="status"
        :data-testid="`mean-${what}-${side}`"
      >
        Mean <Figure :path="`${path}.mean`" title="Mean of the measures" /><template v-if="figures.spread! > 0"
          >, spread <Figure :path="`${path}.spread`" title="Spread of the measures" /></template
        >.
        <strong v-if="figures.spread! > MAX_SPREAD" class="wrong"
          >More than <span data-given>{{ formatRoughPart(MAX_SPREAD, speech) }}</span> apart:
          {{ what === TRIMMED ? 'trim it once more.' : 'find out why before you cut the border.' }}</strong
        >
        <template v-else-if="Math.abs(figures.off!) > 1 / 64"
          ><Figure
            :path="`${path}.off`"
            :text="formatLength(Math.abs(figures.off!), speech)"
            title="Measured and expected"
          />
          {{ figures.off! < 0 ? 'smaller' : 'larger' }} than it should be; all that follows goes by this.</template
        >
        <template v-else>Just as it should be.</template>
      </p>
    </div>
  </section>
</template>
