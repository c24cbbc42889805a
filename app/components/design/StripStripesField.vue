<script setup lang="ts">
import { clothOf, type Quilt } from '~~/core/file/quilt'
import type { StripStripes } from '~~/core/file/stripStripes'

/** How the stripes of a sash or border run, where its cloth has stripes. */
const { quilt, cloth, value } = defineProps<{ quilt: Quilt; cloth: string; value: StripStripes | null }>()
const emit = defineEmits<{ choose: [stripes: StripStripes | null] }>()

const isStriped = computed(() => {
  const { pattern, directional } = clothOf(quilt, cloth)
  return pattern === 'stripe' && !directional
})
</script>

<template>
  <ChoiceField
    v-if="isStriped"
    label="Its stripes run"
    :value="value ?? 'free'"
    :options="[
      { value: 'free', label: 'as they fall' },
      { value: 'along', label: 'along the strip' },
      { value: 'across', label: 'across the strip' },
    ]"
    @choose="chosen => emit('choose', chosen === 'free' ? null : chosen)"
  />
</template>
