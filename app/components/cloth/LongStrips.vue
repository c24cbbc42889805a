<script setup lang="ts">
import { clothOf } from '~~/core/file/quilt'
import { cutSo, type LongStripCost, type LongWay } from '~~/core/supply/longStrips'
import { longStripName, longWayText } from '~~/words/supply'

/** Long sashes and borders cut along the cloth or joined from strips across it: what either buys, side by side. */
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const { state, costs, start, stop } = useLongStrips()
const WAYS: readonly LongWay[] = ['along', 'across']

function choose({ border }: LongStripCost, way: LongWay) {
  edit('cut of long strips', cutSo(border, way))
}
</script>

<template>
  <section class="card no-print" aria-label="Long strips" data-testid="long-strips">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">Long strips</h2>
      <template v-if="state === 'running'">
        <p class="note" role="status">Working it out …</p>
        <UButton variant="solid" @click="stop()"><UIcon name="i-lucide-square" class="size-5" />Stop</UButton>
      </template>
      <UButton v-else @click="start()"><UIcon name="i-lucide-scale" class="size-5" />Compare along and across</UButton>
    </div>
    <p v-if="state === 'idle'" class="note mt-2">
      Borders and long sashes in one piece along the cloth, or joined from strips across it: what the whole quilt buys
      with either.
    </p>
    <p v-if="state === 'failed'" class="wrong mt-2" role="alert">It stopped by itself. Nothing was changed.</p>
    <p v-if="state === 'done' && costs.length === 0" class="note mt-2" role="status">
      No border or long sash of this quilt can be cut either way.
    </p>
    <ul class="mt-2">
      <li
        v-for="cost in costs"
        :key="String(cost.border)"
        class="flex flex-wrap items-center gap-3 border-t border-line py-3"
        data-testid="long-strip"
      >
        <ClothSwatch :cloth="clothOf(store.plannedQuilt!, cost.cloth)" :size="44" />
        <h3 class="w-32">{{ longStripName(cost) }}</h3>
        <template v-for="way in WAYS" :key="way">
          <p class="figure grow !whitespace-normal" :class="{ 'font-bold': cost.now === way }">
            {{ longWayText(way, cost[way], speech) }}{{ cost.now === way ? ', as it is' : '' }}
          </p>
          <UButton v-if="cost.now !== way && store.canWrite" @click="choose(cost, way)">Cut it so</UButton>
        </template>
      </li>
    </ul>
  </section>
</template>
