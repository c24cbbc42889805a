<script setup lang="ts">
import type { TextPart } from '~~/words/textPart'

const { parts } = defineProps<{ parts: readonly TextPart[] }>()
</script>

<template>
  <template v-for="(part, i) in parts" :key="i">
    <template v-if="typeof part === 'string'">{{ part }}</template>
    <Figure v-else-if="part.sum" path="step" :sum="part.sum" :text="part.text" />
    <Figure v-else-if="part.path" :path="part.path" :text="part.text" />
    <span v-else class="figure" data-given>{{ part.text }}</span>
  </template>
</template>
