<script setup lang="ts">
import { codingColour } from '~~/core/charts/codingColours'

/** A letter on its colour, as on the chart. */
const { letter, colours } = defineProps<{ letter: string; colours: Readonly<Record<string, string>> }>()
</script>

<template>
  <span class="code" :style="{ background: codingColour(letter, colours) }">{{ letter }}</span>
</template>

<style scoped>
.code {
  display: inline-grid;
  place-items: center;
  min-width: 1.55em;
  height: 1.55em;
  padding: 0 0.2em;
  border: 1px solid #000;
  border-radius: 4px;
  color: #000;
  font-weight: 700;
  print-color-adjust: exact;
}
</style>
