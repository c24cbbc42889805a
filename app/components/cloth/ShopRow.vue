<script setup lang="ts">
import type { Cloth, Quilt } from '~~/core/file/quilt'
import { offersFor, type ShopLine } from '~~/core/shop/shopList'
import { isSoldOut, type Offer } from '~~/core/shop/ware'
import { formatBought } from '~~/words/length'
import { leftText, offerText, priceText } from '~~/words/shop'
import { formatMoney } from '~~/words/sum'

/** A cloth on the shop's list: which of the shop's it is, how much of it, and what that costs. */
const { line, cloth, quilt, offers } = defineProps<{
  line: ShopLine
  cloth: Cloth
  quilt: Quilt
  offers: readonly Offer[]
}>()
const emit = defineEmits<{ choose: [name: string]; forget: [] }>()
const speech = useSpeech()
const choices = computed(() => [
  ...(line.offer ? [] : [{ value: '', label: 'none chosen; the likest come first' }]),
  ...offersFor(quilt, cloth.id, offers).map(offer => ({
    value: offer.name,
    label: offerText(offer, speech.value),
    disabled: isSoldOut(offer, quilt.units),
  })),
])
</script>

<template>
  <li class="flex flex-wrap items-end gap-x-4 gap-y-2 border-t border-line py-3" :data-shop="cloth.id">
    <ClothSwatch :cloth="cloth" :size="44" />
    <ChoiceField
      class="w-full"
      place="min-w-64 grow basis-80"
      :label="`${cloth.letter}, ${cloth.name}, ${formatBought(line.needed, speech)} needed`"
      :value="line.offer?.name ?? ''"
      :options="choices"
      @choose="name => name !== '' && emit('choose', name)"
    />
    <div class="ml-auto w-52 text-right">
      <p v-if="line.ordered > 0" class="note">
        <span class="figure" data-given>{{ formatBought(line.ordered, speech) }}</span> ordered
        <UButton variant="ghost" @click="emit('forget')">It will not come</UButton>
      </p>
      <template v-if="line.offer && line.length > 0">
        <p class="figure text-xl font-bold" data-given>
          {{ formatBought(line.length, speech) }}, {{ formatMoney(line.cost) }}
        </p>
        <p class="figure note" :class="{ wrong: line.isShort }" data-given>
          {{ priceText(line.offer.prices[quilt.units], speech)
          }}{{ line.isShort ? `; ${leftText(line.offer.left, speech)}` : '' }}
        </p>
      </template>
      <p v-else-if="line.length > 0" class="note">not chosen yet</p>
    </div>
  </li>
</template>
