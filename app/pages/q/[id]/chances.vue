<script setup lang="ts">
import type { UnitsMade } from '~~/core/simulation/sewnUnit'
import type { Spread } from '~~/core/simulation/quilt'
import { bestWaySentence, handSentence, pointsSentence, WAYS_SEWN, widthSentence } from '~~/words/simulation'
import { stepText } from '~~/words/step'
import { histogram, lostByWay } from '~/drawing/chanceCharts'

/** The quilt sewn ten thousand times with the chance that is in every cut and seam. */
const store = useQuilt()
const speech = useSpeech()
const { found, state, run, stop, times } = useSimulation()
const planned = computed(() => found.value.planned)
const isMeasured = computed(() => store.plan?.blocks.some(({ measured }) => measured?.scatter !== undefined) ?? false)
/** The whole inside its borders; where that cannot be said, its first block. */
const size = computed((): { spread: Spread; what: string } | null => {
  const now = planned.value
  if (!now) return null
  if (now.width) return { spread: now.width, what: 'the top inside its borders' }
  const [block] = now.blocks
  return block ? { spread: block.width, what: `a block of ${store.blockNames.get(block.block)}` } : null
})
const worst = computed(() => {
  const at = planned.value?.worst
  if (!at) return null
  const recipes = store.workbook?.recipes.filter(({ block }) => block === at.block) ?? []
  const join = recipes.flatMap(({ joins }) => joins).find(({ seams }) => seams.some(({ number }) => number === at.join))
  return join ? `${store.blockNames.get(at.block)}. ${stepText(join.step, speech.value, store.clothNames)}` : null
})

const wayBars = computed(() =>
  lostByWay(
    (Object.entries(WAYS_SEWN) as [UnitsMade, string][]).flatMap(([units, name]) => {
      const cut = found.value[units]?.tips.cut
      return cut === undefined ? [] : [{ units, name, cut }]
    }),
  ),
)
const sizeBars = computed(() => size.value && histogram(size.value.spread, speech.value))
</script>

<template>
  <div class="mx-auto max-w-5xl p-5">
    <div class="no-print mb-2">
      <BackToStation />
    </div>
    <div class="mb-4 flex flex-wrap items-center gap-3">
      <h1 class="mr-auto">What chance does</h1>
      <UButton
        :class="{ act: state !== 'running' }"
        :disabled="!store.plan"
        @click="state === 'running' ? stop() : run()"
      >
        <UIcon :name="state === 'running' ? 'i-lucide-square' : 'i-lucide-play'" class="size-5" />{{
          state === 'running'
            ? 'Stop'
            : state === 'idle'
              ? `Sew it ${times.toLocaleString('en-US')} times`
              : 'Once more'
        }}
      </UButton>
    </div>
    <p class="mb-4 max-w-3xl">
      No cut and no seam is exact. Here the quilt is sewn many times on paper, each time with other small errors, to see
      what they add up to before any cloth is spent.
    </p>
    <p class="note figure !whitespace-normal" role="status" data-testid="sewn-times">
      <template v-if="state === 'failed'">That did not work: the quilt could not be sewn here. Try it again.</template>
      <template v-else-if="planned"
        >{{ planned.times.toLocaleString('en-US') }} sewn{{ state === 'stopped' ? ', then stopped' : '' }}.
        {{ handSentence(planned, isMeasured, speech) }}</template
      >
    </p>
    <NothingYet v-if="!planned && state === 'idle'">
      Here will stand how large the quilt comes out, how many points lose their tips by each way of making, and the seam
      to watch. Press the button above: it takes some seconds.
    </NothingYet>
    <div v-if="planned" class="mt-4 grid gap-5 lg:grid-cols-2">
      <figure v-if="size && sizeBars" class="card">
        <h2>How large it comes out</h2>
        <DataChart :draw="sizeBars" :label="widthSentence(size.spread, size.what, speech)" />
        <figcaption class="figure !whitespace-normal" data-testid="says-width">
          {{ widthSentence(size.spread, size.what, speech) }}
        </figcaption>
      </figure>
      <figure v-if="planned.blocks.length > 0" class="card">
        <h2>Points that lose their tips</h2>
        <DataChart :draw="wayBars" :label="`${pointsSentence(planned, speech)} ${bestWaySentence(found)}`" />
        <figcaption class="figure !whitespace-normal" data-testid="says-points">
          {{ pointsSentence(planned, speech) }} {{ bestWaySentence(found) }}
        </figcaption>
      </figure>
    </div>
    <p v-if="worst" class="figure mt-4 max-w-3xl !whitespace-normal" data-testid="says-worst">
      <strong>The seam to watch, in {{ worst }}</strong>
    </p>
  </div>
</template>
