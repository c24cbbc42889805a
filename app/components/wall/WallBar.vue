<script setup lang="ts">
import { inEnglish } from '~~/words/speech'
import type { WallView } from '~/drawing/wallView'

/** How the wall is looked at, and what is done with the whole of it. */
defineProps<{
  /** How much catches the eye; null: not known yet. */
  marks: number | null
  /** Layouts that are kept. */
  kept: number
}>()
const emit = defineEmits<{ layouts: []; picture: []; print: [] }>()
const look = defineModel<WallView>('look', { required: true })
/** Squinting: so many inches melt together. */
const melted = defineModel<number>('melted', { required: true })
const card = defineModel<'marks' | 'spread' | null>('card', { required: true })
const speech = useSpeech()

const LOOKS = computed(() =>
  (
    [
      { value: 'colour', label: 'Color' },
      { value: 'grey', label: 'Gray' },
      { value: 'far', label: 'From afar' },
      { value: 'squint', label: 'Squint' },
    ] as const
  ).map(({ value, label }) => ({ value, label: inEnglish(label, speech.value) })),
)
const toggle = (which: 'marks' | 'spread') => (card.value = card.value === which ? null : which)
</script>

<template>
  <header class="bar" role="group" aria-label="The wall">
    <BackToStation />
    <h1 class="mr-2">The wall</h1>
    <TabRow label="How it is looked at" :tabs="LOOKS" :value="look" @choose="value => (look = value)" />
    <USlider
      v-if="look === 'squint'"
      v-model="melted"
      class="w-28"
      :min="0.5"
      :max="6"
      :step="0.5"
      aria-label="How much you squint"
    />
    <span class="grow" />
    <UButton :class="{ chosen: card === 'marks' }" :aria-pressed="card === 'marks'" @click="toggle('marks')">
      <UIcon name="i-lucide-eye" class="size-5" />Marks
      <span class="figure" data-testid="marks">{{ marks ?? '…' }}</span>
    </UButton>
    <UButton :class="{ chosen: card === 'spread' }" :aria-pressed="card === 'spread'" @click="toggle('spread')">
      <UIcon name="i-lucide-sparkles" class="size-5" />Spread
    </UButton>
    <UButton @click="emit('layouts')">
      <UIcon name="i-lucide-camera" class="size-5" />Layouts
      <span v-if="kept > 0" class="figure">{{ kept }}</span>
    </UButton>
    <slot />
    <UButton square aria-label="Save the layout as a picture" @click="emit('picture')">
      <UIcon name="i-lucide-image-down" class="size-5" />
    </UButton>
    <UButton square aria-label="Print the layout" @click="emit('print')">
      <UIcon name="i-lucide-printer" class="size-5" />
    </UButton>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  padding: 0.5rem 0.9rem;
}
.bar > .button {
  padding-inline: 0.7rem;
}
</style>
