<script setup lang="ts">
import type { CheaperQuilt } from '~~/core/supply/buyLess'
import { boughtText, savingText } from '~~/words/supply'

/** The same quilt made and laid out so that less cloth is bought for it: looked for, shown, done with one press. */
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const { state, found, start, stop } = useBuyLess()
const quilt = computed(() => store.plannedQuilt!)
/** What is cut or sewn stays as it was. */
const isBegun = computed(() => quilt.value.done.some(({ what }) => what !== 'step'))

function take({ file }: CheaperQuilt) {
  edit('less cloth bought', () => file)
}
</script>

<template>
  <section class="card no-print" aria-label="Buy less for it" data-testid="buy-less">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">Buy less for it</h2>
      <template v-if="state === 'running'">
        <p class="note" role="status">Looking …</p>
        <UButton variant="solid" @click="stop()"><UIcon name="i-lucide-square" class="size-5" />Stop</UButton>
      </template>
      <UButton v-else-if="store.canWrite && !isBegun" @click="start()"
        ><UIcon name="i-lucide-piggy-bank" class="size-5" />Look for a way to buy less</UButton
      >
    </div>
    <p v-if="isBegun" class="note mt-2">The work has begun, so it is made as it is planned.</p>
    <p v-else-if="state === 'idle'" class="note mt-2">
      The same picture, its units made another way or its strips laid out anew, where that saves a step of the shop's.
    </p>
    <p v-if="state === 'failed'" class="wrong mt-2" role="alert">
      The search stopped by itself. What it found stands below; nothing was changed.
    </p>
    <template v-if="found">
      <p class="figure mt-3 !whitespace-normal" role="status" data-testid="bought-less">
        {{ boughtText(found, speech) }}
      </p>
      <ul class="mt-1 list-disc space-y-1 pl-6">
        <li v-for="(saving, i) in found.savings" :key="i" class="figure !whitespace-normal" data-testid="saving">
          {{ savingText(saving, quilt, speech) }}
        </li>
      </ul>
      <UButton v-if="store.canWrite" class="mt-3" variant="solid" @click="take(found)">Do it</UButton>
    </template>
    <p v-else-if="state === 'done'" class="note mt-2" role="status">Nothing was found by which less is bought.</p>
  </section>
</template>
