<script setup lang="ts">
import type { LengthPart, TextPart } from '~~/words/textPart'

const { parts } = defineProps<{ parts: readonly TextPart[] }>()
/** A number with its reason, or the place in the plan where that is. */
const figureOf = ({ text, sum, path, title }: LengthPart) => ({
  text,
  path: path ?? 'step',
  ...(sum ? { sum } : {}),
  ...(title ? { title } : {}),
})
</script>

<template>
  <template v-for="(part, i) in parts" :key="i">
    <template v-if="typeof part === 'string'">{{ part }}</template>
    <component :is="part.isStrong ? 'strong' : 'span'" v-else-if="part.sum || part.path">
      <Figure v-bind="figureOf(part)" />
    </component>
    <span v-else class="figure" data-given>{{ part.text }}</span>
  </template>
</template>
