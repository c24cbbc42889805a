<script setup lang="ts">
import type { PrintRepeat } from '~~/core/cut/motifs'
import { craft } from '~~/words/speech'
import { PATTERN_NAMES } from '~/drawing/motifs'

/** What is said of any cloth, in a quilt or in the stash: how it looks, its width, price and ways. */
interface FactsOfCloth {
  name: string
  colour: string
  pattern: string
  width: number
  price?: number | undefined
  shrink: number
  directional: boolean
  picture?: string | undefined
  repeat?: PrintRepeat | undefined
}
const { cloth, priceLabel } = defineProps<{ cloth: FactsOfCloth; priceLabel: string }>()
const emit = defineEmits<{
  change: [
    change: Partial<Omit<FactsOfCloth, 'price' | 'picture' | 'repeat'>> & {
      price?: number | null
      picture?: string | null
      repeat?: PrintRepeat | null
    },
  ]
}>()
defineSlots<{
  /** How it comes, before its width. */
  form?: () => unknown
  /** How much of it there is, after its width. */
  amount?: () => unknown
}>()
const speech = useSpeech()
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
    <slot name="form" />
    <LengthField
      label="Width"
      :value="cloth.width"
      :least="2"
      :most="150"
      :step="1"
      @commit="width => emit('change', { width })"
    />
    <slot name="amount" />
    <NumberField
      :label="priceLabel"
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
    <YesNoField
      class="self-end"
      label="The print has an up"
      :value="cloth.directional"
      @choose="directional => emit('change', { directional })"
    />
    <PrintFields class="sm:col-span-2" :cloth="cloth" @change="change => emit('change', change)" />
  </div>
</template>
