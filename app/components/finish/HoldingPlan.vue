<script setup lang="ts">
import { heldAt } from '~~/core/layers/holding'

/** Pins on the raw top, and the lines on which long stitches run instead. */
const { width, height } = defineProps<{ width: number; height: number }>()
const across = computed(() => heldAt(width))
const down = computed(() => heldAt(height))
</script>

<template>
  <svg
    class="holding"
    :viewBox="`-1 -1 ${width + 2} ${height + 2}`"
    role="img"
    aria-label="Pins in a grid from the middle"
    data-testid="holding-plan"
  >
    <rect x="0" y="0" :width="width" :height="height" class="top" />
    <line v-for="x in across" :key="`x${x}`" :x1="x" :x2="x" y1="0" :y2="height" class="thread" />
    <line v-for="y in down" :key="`y${y}`" :y1="y" :y2="y" x1="0" :x2="width" class="thread" />
    <template v-for="(y, j) in down" :key="y">
      <circle
        v-for="(x, i) in across"
        :key="x"
        :cx="x"
        :cy="y"
        :r="i + j === 0 ? width / 45 : width / 110"
        class="pin"
      />
    </template>
  </svg>
</template>

<style scoped>
.holding {
  display: block;
  width: 100%;
  max-height: 18rem;
}
.top {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 0.25;
}
.thread {
  stroke: var(--soft);
  stroke-width: 0.12;
  stroke-dasharray: 0.6 0.6;
}
.pin {
  fill: var(--madder);
}
</style>
