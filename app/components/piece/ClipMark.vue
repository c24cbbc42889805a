<script setup lang="ts">
import type { RowClips } from '~~/core/top/clips'
import { clipsText } from '~~/words/rows'

/** The clips of a row as they look, where the colour has a name that a screen knows, and in words. */
const { clips } = defineProps<{ clips: RowClips }>()
const colour = computed(() => {
  const name = clips.colour.replaceAll(' ', '')
  return CSS.supports('color', name) ? name : null
})
</script>

<template>
  <span class="inline-flex items-center gap-2">
    <span v-if="colour" class="clip" :style="{ background: colour }" aria-hidden="true" />
    {{ clipsText(clips) }}
  </span>
</template>

<style scoped>
.clip {
  display: inline-block;
  width: 1.6rem;
  height: 0.8rem;
  border: 1.5px solid var(--ink);
  border-radius: 0.4rem 0.4rem 0.1rem 0.1rem;
  print-color-adjust: exact;
}
</style>
