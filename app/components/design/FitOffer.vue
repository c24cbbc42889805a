<script setup lang="ts">
import type { Fit } from '~~/core/edits/bedFit'
import { formatLength, formatSize } from '~~/words/length'

/** One way to a wanted size: to be shown, or taken. */
const { fit, isShown } = defineProps<{ fit: Fit; isShown: boolean }>()
const emit = defineEmits<{ show: []; take: [] }>()
const speech = useSpeech()
const WAYS: Readonly<Record<Fit['way'], string>> = {
  'borders': 'By the border alone',
  'counts': 'By the number of blocks',
  'block-size': 'By the size of the blocks',
  'sashing': 'By the sashing',
  'more-blocks': 'More blocks, smaller',
  'fewer-blocks': 'Fewer blocks, larger',
}
</script>

<template>
  <li class="card space-y-1 !p-3" :class="{ chosen: isShown }" data-testid="fit">
    <h3>{{ WAYS[fit.way] }}</h3>
    <p class="figure !whitespace-normal">
      {{ fit.across }} by {{ fit.down }} blocks of {{ formatLength(fit.block, speech) }}, border
      {{ formatLength(fit.sides, speech) }} at the sides, {{ formatLength(fit.ends, speech) }} at top and bottom:
      {{ formatSize(fit.size.width, fit.size.height, speech) }}
    </p>
    <div class="flex gap-2">
      <UButton class="!px-3" :aria-pressed="isShown" @click="emit('show')"> Show it </UButton>
      <UButton class="chosen !px-3" @click="emit('take')">Take it</UButton>
    </div>
  </li>
</template>

<style scoped>
.card.chosen {
  border-color: var(--madder);
}
</style>
