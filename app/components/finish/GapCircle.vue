<script setup lang="ts">
/** The widest place between lines of quilting, in the measure of the drawing that it lies in. */
const { warn } = defineProps<{
  x: number
  y: number
  r: number
  /** Wider than the batting allows. */
  warn: boolean
}>()
</script>

<template>
  <circle :cx="x" :cy="y" :r="r" class="gap" :class="{ warn }" vector-effect="non-scaling-stroke" data-testid="gap" />
</template>

<style scoped>
.gap {
  fill: #fffdf8;
  fill-opacity: 0.45;
  stroke: #26282b;
  stroke-width: 2px;
  stroke-dasharray: 5 4;
  pointer-events: none;
}
.gap.warn {
  stroke: #a0392a;
  stroke-width: 4px;
}
</style>
