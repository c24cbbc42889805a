<script setup lang="ts">
import type { StashCloth } from '~~/core/stash/stashCloth'
import type { changeInStash } from '~~/core/stash/stashEdits'
import { pieceText } from '~~/words/stash'
import { craft } from '~~/words/speech'
import { priceLabel } from '~~/words/supply'
import { PATTERN_NAMES } from '~/drawing/motifs'

/** What is written down of a cloth in the stash. */
const { cloth } = defineProps<{ cloth: StashCloth }>()
const emit = defineEmits<{ change: [change: Parameters<typeof changeInStash>[1]] }>()
const speech = useSpeech()
const piece = ref<{ width: number | null; length: number | null; count: number }>({
  width: null,
  length: null,
  count: 1,
})

function addPiece() {
  const { width, length, count } = piece.value
  if (width === null || length === null) return
  emit('change', { pieces: [...cloth.pieces, { width, length, count }] })
  piece.value = { width: null, length: null, count: 1 }
}
</script>

<template>
  <div class="grid gap-x-5 gap-y-3 sm:grid-cols-2">
    <TextField label="Name" :value="cloth.name" @commit="name => name !== '' && emit('change', { name })" />
    <div class="flex gap-3">
      <ColourField
        place="w-24"
        :label="craft('Color', speech)"
        :value="cloth.colour"
        @commit="colour => emit('change', { colour })"
      />
      <ChoiceField
        label="Pattern"
        place="grow"
        :value="cloth.pattern"
        :options="PATTERN_NAMES.map(pattern => ({ value: pattern, label: pattern }))"
        @choose="pattern => emit('change', { pattern })"
      />
    </div>
    <LengthField
      label="In one length"
      :value="cloth.length"
      :least="0"
      :most="4000"
      :step="1"
      @commit="length => emit('change', { length })"
    />
    <LengthField
      label="Width"
      :value="cloth.width"
      :least="2"
      :most="150"
      :step="1"
      @commit="width => emit('change', { width })"
    />
    <NumberField
      :label="priceLabel('yardage', cloth.units, speech)"
      :value="cloth.price ?? null"
      :least="0"
      :most="100000"
      :decimals="2"
      :step="0.5"
      may-be-empty
      @commit="price => emit('change', { price })"
      @empty="emit('change', { price: null })"
    />
    <NumberField
      label="Shrinkage, %"
      :value="Math.round(cloth.shrink * 1000) / 10"
      :least="0"
      :most="50"
      :decimals="1"
      :step="0.5"
      @commit="percent => emit('change', { shrink: percent / 100 })"
    />
    <TextField label="Where from" :value="cloth.from" @commit="from => emit('change', { from })" />
    <div class="flex flex-wrap items-end gap-5">
      <YesNoField label="Washed" :value="cloth.washed" @choose="washed => emit('change', { washed })" />
      <YesNoField
        label="The print has an up"
        :value="cloth.directional"
        @choose="directional => emit('change', { directional })"
      />
    </div>
    <section class="sm:col-span-2" aria-label="Leftovers">
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
      <div class="flex flex-wrap items-end gap-5">
        <LengthField
          class="w-40"
          label="Across"
          :value="piece.width"
          :least="1 / 2"
          :most="150"
          hide-steps
          :step="1 / 4"
          @commit="v => (piece.width = v)"
        />
        <LengthField
          class="w-40"
          label="Along"
          :value="piece.length"
          :least="1 / 2"
          :most="4000"
          hide-steps
          :step="1 / 4"
          @commit="v => (piece.length = v)"
        />
        <NumberField
          label="How many"
          place="w-24"
          :value="piece.count"
          :least="1"
          :most="1000"
          @commit="count => (piece.count = count)"
        />
        <UButton :disabled="piece.width === null || piece.length === null" @click="addPiece"
          ><UIcon name="i-lucide-plus" class="size-5" />Put it with them</UButton
        >
      </div>
    </section>
  </div>
</template>
