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
</script>

<template>
  <ChoiceField
    :label="`Stripes of ${role}`"
    labelled="beside"
    :value="value ?? ''"
    :options="[
      { value: '', label: 'as they fall' },
      { value: 'upright', label: 'up the block' },
      { value: 'level', label: 'across the block' },
      { value: 'lengthwise', label: 'along each patch' },
      { value: 'crosswise', label: 'across each patch' },
      ...sides.map(angle => ({ value: angle, label: slant(angle) })),
    ]"
    class="mt-1"
    @choose="direction => emit('choose', direction === '' ? null : direction)"
  />
</template>
