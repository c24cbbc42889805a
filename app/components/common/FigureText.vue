<script setup lang="ts">
import { sameLength } from '~~/core/measure/ruler'
import type { TextPart } from '~~/words/textPart'

const { parts, paths = [] } = defineProps<{
  parts: readonly TextPart[]
  /** Numbers of the plan that the sentence may speak of; a length equal to one of them shows its sum. */
  paths?: readonly string[]
}>()
const store = useQuilt()
const pathOf = (inches: number) => paths.find((path) => {
  const sum = store.plan?.sums[path]
  return sum !== undefined && sameLength(sum.total, inches)
})
</script>

<template>
  <template v-for="(part, i) in parts" :key="i">
    <template v-if="typeof part === 'string'">{{ part }}</template>
    <Figure v-else-if="pathOf(part.inches)" :path="pathOf(part.inches)!" :text="part.text" />
    <span v-else class="figure" data-given>{{ part.text }}</span>
  </template>
</template>
