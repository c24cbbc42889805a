<script setup lang="ts">
import type { StashCloth } from '~~/core/stash/stashCloth'
import type { changeInStash } from '~~/core/stash/stashEdits'
import { pieceText } from '~~/words/stash'
import { priceLabel } from '~~/words/supply'

/** What is written down of a cloth in the stash. */
const { cloth } = defineProps<{ cloth: StashCloth }>()
const emit = defineEmits<{ change: [change: Parameters<typeof changeInStash>[1]] }>()
const speech = useSpeech()
const fresh = () => ({ width: null as number | null, length: null as number | null, count: 1 })
const piece = ref(fresh())

function addPiece() {
  const { width, length, count } = piece.value
  if (width === null || length === null) return
  emit('change', { pieces: [...cloth.pieces, { width, length, count }] })
  piece.value = fresh()
}
</script>

<template>
  <div class="grid gap-3">
    <ClothFacts
      :cloth="cloth"
      :price-label="priceLabel('yardage', cloth.units, speech)"
      @change="change => emit('change', change)"
    >
      <template #form>
        <LengthField
          label="In one length"
          :value="cloth.length"
          :least="0"
          :most="4000"
          :step="1"
          @commit="length => emit('change', { length })"
        />
      </template>
      <template #amount>
        <TextField label="Where from" :value="cloth.from" @commit="from => emit('change', { from })" />
        <YesNoField
          class="self-end"
          label="Washed"
          :value="cloth.washed"
          @choose="washed => emit('change', { washed })"
        />
      </template>
    </ClothFacts>
    <section aria-label="Leftovers">
      <h3>Leftovers</h3>
      <ul>
        <li v-for="(own, i) in cloth.pieces" :key="`${own.width} ${own.length}`" class="flex items-center gap-2">
          <span class="figure" data-given>{{ pieceText(own, speech) }}</span>
          <UButton
            variant="ghost"
            square
            :aria-label="`No ${pieceText(own, speech)}`"
            @click="emit('change', { pieces: cloth.pieces.filter((_, at) => at !== i) })"
            ><UIcon name="i-lucide-x" class="size-5"
          /></UButton>
        </li>
      </ul>
      <PieceOfClothFields :piece="piece" :most="1000" @change="typed => (piece = typed)">
        <UButton :disabled="piece.width === null || piece.length === null" @click="addPiece"
          ><UIcon name="i-lucide-plus" class="size-5" />Put it with them</UButton
        >
      </PieceOfClothFields>
    </section>
  </div>
</template>
