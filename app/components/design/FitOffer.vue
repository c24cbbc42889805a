<script setup lang="ts">
import type { Fit } from '~~/core/edits/bedFit'
import { fitKeptText, fitName, fitText } from '~~/words/bedFit'

/** One way to a wanted size: to be shown, or taken. */
const { fit, isShown } = defineProps<{ fit: Fit; isShown: boolean }>()
const emit = defineEmits<{ show: []; take: [] }>()
const speech = useSpeech()
</script>

<template>
  <li class="card space-y-1 !p-3" :class="{ chosen: isShown }" data-testid="fit">
    <h3>{{ fitName(fit.way) }}</h3>
    <p class="figure !whitespace-normal">{{ fitText(fit, speech) }}</p>
    <p v-if="fit.kept.length > 0" class="note">{{ fitKeptText(fit.kept) }}</p>
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
