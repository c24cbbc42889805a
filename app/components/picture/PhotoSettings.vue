<script setup lang="ts">
import { MAX_CHART_CLOTHS } from '~~/core/charts/codingColours'
import { MAX_SQUARES } from '~~/core/designs/squares'
import { inEnglish } from '~~/words/speech'

/** How a photograph is cut out and reduced. */
const { wish } = defineProps<{
  wish: PhotoWish
  /** Whether it is so small that each of its points can be a square. */
  byPoint: boolean
}>()
const emit = defineEmits<{ set: [change: Partial<PhotoWish>]; fit: []; turn: []; points: [] }>()
const speech = useSpeech()
</script>

<template>
  <div class="space-y-3">
    <div class="flex flex-wrap items-end gap-2">
      <CountField
        label="Squares across"
        :value="wish.columns"
        :least="2"
        :most="MAX_SQUARES"
        @commit="
          n => {
            emit('set', { columns: n })
            emit('fit')
          }
        "
      />
      <CountField
        label="Squares down"
        :value="wish.rows"
        :least="2"
        :most="MAX_SQUARES"
        @commit="n => emit('set', { rows: n })"
      />
    </div>
    <div class="flex flex-wrap gap-2">
      <UButton @click="emit('turn')"><UIcon name="i-lucide-rotate-cw" class="size-5" />Turn</UButton>
      <UButton v-if="byPoint" @click="emit('points')">One point is one square</UButton>
    </div>
    <div role="group" aria-label="Part taken, from left to right">
      <p class="label">Part taken, from left to right</p>
      <USlider
        :model-value="wish.across"
        :min="0"
        :max="100"
        :min-steps-between-thumbs="5"
        @update:model-value="value => emit('set', { across: value as PhotoWish['across'] })"
        @change="emit('fit')"
      />
    </div>
    <div role="group" aria-label="Part taken, from top to bottom">
      <p class="label">Part taken, from top to bottom</p>
      <USlider
        :model-value="wish.down"
        :min="0"
        :max="100"
        :min-steps-between-thumbs="5"
        @update:model-value="value => emit('set', { down: value as PhotoWish['down'] })"
        @change="emit('fit')"
      />
    </div>
    <label class="label" for="photo-contrast">Contrast</label>
    <USlider
      id="photo-contrast"
      :model-value="wish.contrast"
      :min="0.5"
      :max="2"
      :step="0.05"
      aria-label="Contrast"
      @update:model-value="value => emit('set', { contrast: value as PhotoWish['contrast'] })"
    />
    <CountField
      label="Cloths, at most"
      :value="wish.count"
      :least="2"
      :most="MAX_CHART_CLOTHS"
      @commit="n => emit('set', { count: n })"
    />
    <RadioField
      label="Which cloths"
      :value="wish.from"
      :options="[
        { value: 'proposed', label: 'proposed, to be found in the shop' },
        { value: 'own', label: 'from those of this quilt' },
      ]"
      @choose="value => emit('set', { from: value })"
    />
    <YesNoField
      :value="wish.isCleaned"
      label="Lone squares are taken in by their neighbors"
      @choose="is => emit('set', { isCleaned: is })"
      >{{ inEnglish('Lone squares are taken in by their neighbors', speech) }}</YesNoField
    >
    <YesNoField :value="wish.isMixed" @choose="is => emit('set', { isMixed: is })"
      >Mix squares to seem in between: many more lone squares</YesNoField
    >
  </div>
</template>
