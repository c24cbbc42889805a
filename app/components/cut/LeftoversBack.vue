<script setup lang="ts">
import { whatIsLeft } from '~~/core/cut/whatIsLeft'
import { sheetsOfCloth } from '~~/core/plan/sheetsOfCloth'
import { doneCounts } from '~~/core/cut/progress'
import { freshStashCloth, type StashCloth } from '~~/core/stash/stashCloth'
import { putBackLeftovers, putIn } from '~~/core/stash/stashEdits'
import type { CutCloth } from '~/composables/useCutSteps'
import { newId } from '~/keeping/quiltKeeper'

/** What storage that refuses means for the stash. */
const NOT_KEPT = 'This browser will not keep the stash: it lasts only as long as this page is open.'

/** When a cloth is cut, what is left of it goes into the stash with its sizes. */
const { cut } = defineProps<{ cut: CutCloth }>()
const store = useQuilt()
const stash = useStash()
const toast = useToasts()
const quiltId = String(useRoute().params.id)
const step = computed(() => `stashed.${cut.cloth.id}`)
const isCut = computed(() => cut.progress.length > 0 && cut.progress.every(strip => strip.done))
const isBack = computed(() => (doneCounts(store.quilt?.done ?? [], 'step').get(step.value) ?? 0) > 0)
const left = computed(() => {
  const { plannedQuilt: quilt } = store
  return isCut.value && quilt ? whatIsLeft(sheetsOfCloth(quilt, cut.cloth, cut.need), cut.need.strips, () => true) : []
})

async function putBack() {
  const { cloth } = cut
  const known = stash.cloths.find(({ id }) => id === cloth.stash)
  const id = known?.id ?? newId()
  const pieces = left.value.map(({ width, length, count }) => ({ width, length, count }))
  const isKept = await stash.apply(before =>
    putBackLeftovers(id, quiltId, pieces)(known ? before : putIn(freshOf(id))(before)),
  )
  store.tick('step', step.value, 1, 'leftovers in the stash')
  toast.say(`What is left of ${cloth.name} is in the stash`, isKept ? undefined : NOT_KEPT)
}
/** The cloth as it came, washed by now: it is cut. */
function freshOf(id: string): StashCloth {
  const { name, colour, width, pattern, directional, price } = cut.cloth
  return {
    ...freshStashCloth(id, width, store.quilt!.units, name, colour),
    pattern,
    directional,
    washed: cut.cloth.shrink > 0,
    ...(price === undefined ? {} : { price }),
  }
}
onMounted(stash.load)
</script>

<template>
  <div v-if="isCut" class="no-print mb-3 flex flex-wrap items-center gap-3" data-testid="leftovers-back">
    <p v-if="isBack" class="mr-auto">All of it is cut, and what was left is in the stash.</p>
    <template v-else-if="left.length > 0">
      <p class="figure mr-auto !whitespace-normal">
        All of it is cut. There should be left:
        <template v-for="({ count, why }, i) in left" :key="i"
          ><template v-if="i > 0">, </template>{{ count }} of
          <Figure :path="`left.${i}.width`" :sum="why.width" title="Left, across" /> ×
          <Figure :path="`left.${i}.length`" :sum="why.length" title="Left, along" /></template
        >.
      </p>
      <UButton v-if="store.canWrite" @click="putBack"
        ><UIcon name="i-lucide-layers" class="size-5" />Put it into the stash</UButton
      >
    </template>
  </div>
</template>
