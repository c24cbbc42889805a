<script setup lang="ts">
import { asPlanned } from '~~/core/edits/remains'
import type { Piece } from '~~/core/cut/piece'
import { clothToBuy } from '~~/words/check'
import { plural } from '~~/words/speech'
import type { CutCloth } from '~/composables/useCutSteps'

/** A strip was cut wrong, or there is less cloth than thought: what is still to be cut is laid out on what is left. */
const { cut, pieces } = defineProps<{ cut: CutCloth; pieces: ReadonlyMap<string, Piece> }>()
const store = useQuilt()
const edit = useEdit()
const speech = useSpeech()
const isOpen = ref(false)
const inPiles = computed(() => Object.values(cut.again?.cut ?? {}).reduce((sum, count) => sum + count, 0))
const isDone = computed(() => !cut.again && cut.progress.every(strip => strip.done))
</script>

<template>
  <div v-if="!isDone" class="mb-3 space-y-2" data-testid="cut-again">
    <div class="flex flex-wrap items-center gap-3">
      <p v-if="cut.again" class="mr-auto">
        Gone on with what was left, {{ plural(inPiles, 'piece') }} in the piles by then.
        <template v-if="cut.again.missing.length > 0">
          <strong class="wrong"
            >No room for
            <template v-for="({ piece, count }, i) in cut.again.missing" :key="piece"
              ><template v-if="i > 0">, </template>{{ count }} of pile {{ pieces.get(piece)?.letter }}</template
            >.</strong
          >
          Buy
          <Figure
            :path="`${cut.path}.buy`"
            :kind="cut.cloth.form === 'piece' ? 'count' : 'cloth'"
            :text="clothToBuy(cut.again.buy, cut.cloth.form === 'piece' ? 'piece' : 'in', speech)"
            title="To buy for what is missing"
          />
          more, or see at Cloth what would make it fit.
        </template>
      </p>
      <template v-if="store.canWrite && !isOpen">
        <UButton class="no-print" :aria-expanded="isOpen" @click="isOpen = true"
          ><UIcon name="i-lucide-ruler" class="size-5" />{{
            cut.again ? 'What is left changed' : 'Cut wrong, or less cloth than thought'
          }}</UButton
        >
        <UButton v-if="cut.again" class="no-print" @click="edit('cloth as planned at first', asPlanned(cut.cloth.id))"
          >As planned at first</UButton
        >
      </template>
    </div>
    <RemainsForm v-if="isOpen" class="no-print" :cut="cut" @close="isOpen = false" />
  </div>
</template>
