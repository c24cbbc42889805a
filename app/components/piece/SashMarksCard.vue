<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import type { SashMarks } from '~~/core/top/rows'
import { rulerLength } from '~~/core/top/rulerReadings'
import { sashesText } from '~~/words/joining'
import { formatLength } from '~~/words/length'

/** Where long sashes are marked before they are pinned. */
const { quilt, all } = defineProps<{
  quilt: Quilt
  /** In their order in the plan. */
  all: readonly SashMarks[]
}>()
const speech = useSpeech()
const { isMaking, page, print } = usePapers()
type SashSide = 'above' | 'below'
/** Sashes that are marked alike are told of once; a side too, where the other has the same marks. */
const marks = computed(() => {
  const alike = new Map<string, { mark: SashMarks; place: number; sashes: number[]; sides: SashSide[] }>()
  all.forEach((mark, place) => {
    const key = JSON.stringify([mark.above, mark.below])
    const both = (['above', 'below'] as const).filter(side => mark[side].length > 0)
    const isSame = JSON.stringify(mark.above) === JSON.stringify(mark.below)
    const found = alike.get(key) ?? { mark, place, sashes: [], sides: isSame ? both.slice(0, 1) : both }
    found.sashes.push(mark.sash)
    alike.set(key, found)
  })
  return [...alike.values()].filter(({ sides }) => sides.length > 0)
})
const sideName = (sides: readonly SashSide[], side: SashSide) =>
  sides.length === 2 ? `On its ${side === 'above' ? 'upper' : 'lower'} edge` : 'On both edges, as far as rows lie there'
</script>

<template>
  <section v-if="marks.length > 0" class="card" aria-label="Marks on long sashes">
    <div class="flex flex-wrap items-end gap-3">
      <h2 class="grow">Mark the long sashes</h2>
      <PageSizeField place="no-print" :value="page" class="!w-auto" @choose="value => (page = value)" />
      <UButton class="no-print" :disabled="isMaking" @click="print('marks')">
        <UIcon name="i-lucide-file-down" class="size-5" />Strips to mark by (PDF)
      </UButton>
    </div>
    <p class="mb-3">
      Mark every joint on the raw edge before you pin, from the left end (the upper end where they stand upright).
      Unmarked, rows drift past each other.
    </p>
    <div v-for="{ mark, place, sashes, sides } in marks" :key="place" class="mb-4" data-testid="sash-marks">
      <h3>{{ sashesText(sashes) }}</h3>
      <div v-for="side in sides" :key="side">
        <p v-if="sides.length === 2 || mark.above.length === 0 || mark.below.length === 0" class="label">
          {{ sides.length === 2 ? sideName(sides, side) : `On the edge to the row ${side}` }}
        </p>
        <p class="figure !whitespace-normal">
          <span v-for="(_, k) in mark[side]" :key="k" class="mr-3 inline-block"
            ><Figure :path="`marks.${place}.${side}.${k}`" title="A joint, from the end of the sash"
          /></span>
        </p>
        <template v-if="mark.readings[side].length > 0">
          <p class="mt-1">With a ruler of {{ formatLength(rulerLength(quilt), speech) }}:</p>
          <ol class="ml-6 list-decimal">
            <li v-for="(reading, r) in mark.readings[side]" :key="r" class="figure !whitespace-normal">
              <template v-if="r === 0">its end on the end of the sash: mark at</template
              ><template v-else>its end on the last mark: mark at</template>{{ ' ' }}
              <span v-for="(_, k) in reading.at" :key="k" class="mr-3 inline-block"
                ><Figure :path="`marks.${place}.readings.${side}.${r}.at.${k}`" title="What the ruler reads"
              /></span>
            </li>
          </ol>
        </template>
      </div>
    </div>
  </section>
</template>
