<script setup lang="ts">
import { slantedSides, stripeAngle, type StripeDirection } from '~~/core/designs/stripeDirection'
import type { Polygon } from '~~/core/geometry/polygon'

/** How stripes run in the patches of a role: by the block, by each patch, or along a slanted side of one. */
const { role, value, patches } = defineProps<{
  role: string
  value: StripeDirection | null
  patches: readonly Polygon[]
}>()
const emit = defineEmits<{ choose: [stripes: StripeDirection | null] }>()

const sides = computed(() => {
  const angles = slantedSides(patches)
  return typeof value === 'number' && !angles.includes(stripeAngle(value, [])) ? [...angles, value] : angles
})
const slant = (angle: number) =>
  angle < 90
    ? `slanting right, ${Math.round(angle)}° from upright`
    : `slanting left, ${Math.round(180 - angle)}° from upright`
function choose(text: string) {
  emit('choose', text === '' ? null : Number.isNaN(Number(text)) ? (text as StripeDirection) : Number(text))
}
</script>

<template>
  <label class="block">
    <span class="font-semibold">Stripes of {{ role }}</span>
    <select class="field mt-1" :value="value ?? ''" @change="e => choose((e.target as HTMLSelectElement).value)">
      <option value="">as they fall</option>
      <option value="upright">up the block</option>
      <option value="level">across the block</option>
      <option value="lengthwise">along each patch</option>
      <option value="crosswise">across each patch</option>
      <option v-for="angle in sides" :key="angle" :value="angle">{{ slant(angle) }}</option>
    </select>
  </label>
</template>
