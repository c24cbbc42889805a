<script setup lang="ts">
import { autoUpdate, flip, offset, shift, size, useFloating } from '@floating-ui/vue'

const { name, anchor, drawing, boundary } = defineProps<{
  name: string
  /** The part in the drawing that the bubble belongs to. */
  anchor: HTMLElement | null
  /** Where there is room beside the whole drawing the bubble leaves it in view. */
  drawing: HTMLElement | null
  /** The bubble stays within it. */
  boundary: HTMLElement | null
}>()
const emit = defineEmits<{ close: [] }>()

const GAP_PX = 16
const card = useTemplateRef('card')
const bubble = computed<HTMLElement | null>(() => card.value?.$el ?? null)
const reference = computed(() => anchor)
const within = computed(() => ({ boundary: boundary ?? undefined, padding: 6 }))
const { floatingStyles } = useFloating(reference, bubble, {
  placement: 'right',
  strategy: 'fixed',
  whileElementsMounted: autoUpdate,
  middleware: computed(() => [
    offset(() => clearOfDrawing()),
    flip({ ...within.value, fallbackPlacements: ['left', 'bottom', 'top'] }),
    shift({ ...within.value, crossAxis: true }),
    size({
      ...within.value,
      apply: ({ elements }) => void (elements.floating.style.maxHeight = `${(boundary?.clientHeight ?? 600) - 12}px`),
    }),
  ]),
})
/** How far from the part: past the edge of the drawing if the bubble fits there, else just beside the part. */
function clearOfDrawing(): number {
  const part = anchor?.getBoundingClientRect()
  const whole = drawing?.getBoundingClientRect()
  const room = boundary?.getBoundingClientRect()
  if (!part || !whole || !room || !bubble.value) return GAP_PX
  const fits = room.right - whole.right >= bubble.value.offsetWidth + 1.5 * GAP_PX
  return fits ? whole.right - part.right + GAP_PX / 2 : GAP_PX
}
defineExpose({ focus: () => card.value?.focus(), enter: () => card.value?.enter() })
</script>

<template>
  <OpenCard ref="card" class="bubble" :name="name" :style="floatingStyles" @close="emit('close')"><slot /></OpenCard>
</template>

<style scoped>
.bubble {
  width: min(23rem, calc(100vw - 1rem));
}
</style>
