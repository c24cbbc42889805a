<script setup lang="ts">
import { clothOf } from '~~/core/file/quilt'
import { editOf, type WayToFit } from '~~/core/supply/wayToFit'
import { isLimited } from '~~/core/supply/howFar'
import { formatBought } from '~~/words/length'
import { reachText, shortText, wayText } from '~~/words/supply'

/** What is at hand against what the quilt takes; how far it goes, and what would make it enough. */
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const { state, reaches, ways, plans, start, stop } = useSupply()
const quilt = computed(() => store.plannedQuilt!)
const said = computed(() =>
  store.plan!.cloths.flatMap((need, index) =>
    need.atHand ? [{ index, atHand: need.atHand, cloth: clothOf(quilt.value, need.id) }] : [],
  ),
)
const isLimitedAtAll = computed(() => quilt.value.cloths.some(isLimited))
const isRunning = computed(() => state.value === 'running')

function take(way: WayToFit) {
  edit('made to fit', editOf(way, quilt.value))
}
</script>

<template>
  <section class="card no-print" aria-label="How far it goes" data-testid="how-far">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">How far it goes</h2>
      <template v-if="isRunning">
        <p class="note" role="status">{{ plans }} quilts planned</p>
        <UButton variant="solid" @click="stop()"><UIcon name="i-lucide-square" class="size-5" />Stop</UButton>
      </template>
      <UButton v-else-if="isLimitedAtAll" @click="start()"
        ><UIcon name="i-lucide-ruler" class="size-5" />See how far it goes</UButton
      >
    </div>
    <p v-if="!isLimitedAtAll" class="note mt-2">
      Open a cloth and say how much of it is at hand: then this shows what is short, and how many blocks and how wide a
      border it is enough for.
    </p>
    <ul v-if="said.length > 0" class="mt-2 space-y-1">
      <li v-for="{ index, atHand, cloth } in said" :key="cloth.id" class="flex flex-wrap items-center gap-x-3">
        <ClothSwatch :cloth="cloth" :size="28" />
        <span class="font-semibold">{{ cloth.name }}</span>
        <span
          ><Figure :path="`cloths.${index}.atHand.length`" title="To cut from" /> to cut from:
          <template v-if="atHand.short > 0"
            >short by <Figure :path="`cloths.${index}.atHand.short`" title="Short by" /> of strips. Buy
            <Figure
              :path="`cloths.${index}.atHand.buy`"
              kind="cloth"
              :text="formatBought(atHand.buy, speech)"
              :title="`To buy of ${cloth.name}`"
            />
            more.</template
          ><template v-else
            >enough, <Figure :path="`cloths.${index}.atHand.left`" title="What stays whole" /> stay whole.</template
          ></span
        >
      </li>
    </ul>
    <p v-if="state === 'failed'" class="wrong mt-2" role="alert">
      The search stopped by itself. What it found stands below; nothing was changed.
    </p>
    <template v-if="ways.length > 0">
      <h3 class="mt-4 mb-1">Ways to make it fit</h3>
      <ul class="space-y-1">
        <li
          v-for="{ way, short } in ways"
          :key="JSON.stringify(way)"
          class="flex flex-wrap items-center gap-x-3 border-t border-line py-1"
          data-testid="way-to-fit"
        >
          <span class="figure mr-auto !whitespace-normal"
            >{{ wayText(way, quilt, speech) }}. {{ shortText(short, speech) }}</span
          >
          <UButton v-if="store.canWrite" :aria-label="`Do it: ${wayText(way, quilt, speech)}`" @click="take(way)"
            >Do it</UButton
          >
        </li>
      </ul>
    </template>
    <template v-if="reaches.length > 0">
      <h3 class="mt-4 mb-1">What it is enough for</h3>
      <ul class="list-disc space-y-1 pl-6">
        <li
          v-for="reach in reaches"
          :key="reachText(reach, speech)"
          class="figure !whitespace-normal"
          data-testid="reach"
        >
          {{ reachText(reach, speech) }}
        </li>
      </ul>
    </template>
    <p v-if="state === 'done' && ways.length === 0 && said.some(({ atHand }) => atHand.short > 0)" class="note mt-2">
      No single change makes it fit.
    </p>
  </section>
</template>
