<script setup lang="ts">
import { whatIsLeft } from '~~/core/cut/whatIsLeft'
import { sheetsOfCloth } from '~~/core/plan/sheetsOfCloth'
import { goOnWith } from '~~/core/edits/remains'
import { inEnglish } from '~~/words/speech'
import type { CutCloth } from '~/composables/useCutSteps'

/** The pieces of a cloth there are left, measured at the mat; begun with what there should be. */
const { cut } = defineProps<{ cut: CutCloth }>()
const emit = defineEmits<{ close: [] }>()
const edit = useEdit()
const store = useQuilt()
const speech = useSpeech()

interface TypedPiece {
  width: number | null
  length: number | null
  count: number
}
const { form: rows, clear } = useKeptForm<TypedPiece[]>(String(useRoute().params.id), `remains ${cut.cloth.id}`, () =>
  whatIsLeft(
    sheetsOfCloth(store.plannedQuilt!, cut.cloth, cut.need),
    cut.need.strips,
    strip => cut.progress[strip]!.done,
  ).map(({ width, length, count }) => ({ width, length, count })),
)
const ready = computed(() =>
  rows.value.flatMap(({ width, length, count }) =>
    width === null || length === null ? [] : [{ width, length, count }],
  ),
)
const isReady = computed(() => ready.value.length === rows.value.length)

function take() {
  edit('gone on with what is left', goOnWith(cut.cloth.id, ready.value))
  clear()
  emit('close')
}
function close() {
  clear()
  emit('close')
}
</script>

<template>
  <form class="card space-y-3" :aria-label="`What is left of ${cut.cloth.name}`" @submit.prevent="take">
    <h3>What is left of {{ cut.cloth.name }}</h3>
    <p class="note max-w-prose">
      {{
        inEnglish(
          'Strips that are ticked count as cut and good; take back the tick of one that is not. Measure every piece of '
            + 'cloth there is, selvages off: the strip that was cut wrong may still serve for something smaller.',
          speech,
        )
      }}
    </p>
    <PieceOfClothFields
      v-for="(row, i) in rows"
      :key="i"
      :piece="row"
      :nth="i + 1"
      :most="50"
      data-testid="remains"
      @change="piece => (rows[i] = piece)"
    >
      <UButton variant="ghost" square :aria-label="`No piece ${i + 1}`" @click="rows.splice(i, 1)"
        ><UIcon name="i-lucide-x" class="size-5"
      /></UButton>
    </PieceOfClothFields>
    <p v-if="rows.length === 0">None of it is left: all that is not cut has to be bought.</p>
    <div class="flex flex-wrap gap-3">
      <UButton @click="rows.push({ width: cut.cloth.usable, length: null, count: 1 })"
        ><UIcon name="i-lucide-plus" class="size-5" />Another piece</UButton
      >
      <UButton type="submit" variant="solid" :disabled="!isReady">Lay out the rest on it</UButton>
      <UButton @click="close">Leave it as it was</UButton>
    </div>
    <p v-if="!isReady" class="note">Say how long each piece is.</p>
  </form>
</template>
