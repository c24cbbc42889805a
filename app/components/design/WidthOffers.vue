<script setup lang="ts">
import type { WidthOffer } from '~~/core/edits/widthOffers'
import { sameLength, type Inches } from '~~/core/measure/ruler'
import { formatLength, formatSize } from '~~/words/length'

/** Widths by a part of the block, or by units that divide the sides, each with the size that the quilt would have. */
const { label, offers, value } = defineProps<{ label: string; offers: readonly WidthOffer[]; value: Inches }>()
const emit = defineEmits<{ choose: [width: Inches] }>()
const speech = useSpeech()
</script>

<template>
  <div role="group" :aria-label="label">
    <p class="label">{{ label }}</p>
    <UButton
      v-for="{ by, width, size } in offers"
      :key="width"
      class="offer"
      :class="{ chosen: sameLength(width, value) }"
      :aria-pressed="sameLength(width, value)"
      data-testid="width-offer"
      @click="emit('choose', width)"
    >
      <span class="figure">{{ 'part' in by ? by.part.join('/') : by.repeats.join(' × ') }}</span>
      <strong class="figure">{{ formatLength(width, speech) }}</strong>
      <span class="figure size"
        ><span class="sr-only">makes the quilt </span>{{ formatSize(size.width, size.height, speech) }}</span
      >
    </UButton>
    <slot />
  </div>
</template>

<style scoped>
.offer {
  display: grid;
  grid-template-columns: minmax(2.2rem, max-content) 1fr auto;
  column-gap: 0.6rem;
  justify-items: start;
  width: 100%;
  margin-bottom: 0.3rem;
  padding-inline: 0.8rem;
}
.size {
  font-weight: 400;
}
</style>
