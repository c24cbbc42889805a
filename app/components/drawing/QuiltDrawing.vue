<script setup lang="ts">
import type { Dimensions } from '~~/core/quilt/dimensions'
import type { Quilt } from '~~/core/quilt/quilt'
import { boxesOf, drawnTop, partAt, type Part } from '~~/core/setting/parts'
import { paintQuilt } from '~/drawing/paintQuilt'

const { quilt, dimensions, scale, selected = null, carried = null, grey = undefined } = defineProps<{
  quilt: Quilt
  dimensions: Dimensions
  /** Pixels to the inch. */
  scale: number
  selected?: Part | null
  /** A block picked up, waiting for its new place. */
  carried?: Part | null
  grey?: (colour: string) => string
}>()
const emit = defineEmits<{
  press: [part: Part | null]
  /** A key pressed while the drawing has focus. */
  key: [event: KeyboardEvent]
}>()

/** Round the top, for the binding and its outline. */
const MARGIN_PX = 10
const canvas = useTemplateRef('canvas')
const whole = computed(() => drawnTop(dimensions))
const width = computed(() => whole.value.width * scale + 2 * MARGIN_PX)
const height = computed(() => whole.value.height * scale + 2 * MARGIN_PX)
const margin = computed(() => MARGIN_PX / scale)
const marked = computed(() => selected ? boxesOf(selected, dimensions) : [])
const held = computed(() => carried ? boxesOf(carried, dimensions) : [])

let frame = 0
function paint() {
  frame = 0
  const target = canvas.value
  const context = target?.getContext('2d')
  if (!target || !context) return
  const ratio = window.devicePixelRatio || 1
  target.width = Math.round(width.value * ratio)
  target.height = Math.round(height.value * ratio)
  paintQuilt(context, quilt, dimensions, { scale: scale * ratio, left: MARGIN_PX * ratio, top: MARGIN_PX * ratio, grey })
}
watch([() => quilt, () => dimensions, () => scale, () => grey, canvas], () => {
  frame ||= requestAnimationFrame(paint)
}, { immediate: true })
onBeforeUnmount(() => cancelAnimationFrame(frame))

function onPress(event: PointerEvent) {
  const box = canvas.value!.getBoundingClientRect()
  const x = (event.clientX - box.left - MARGIN_PX) / scale, y = (event.clientY - box.top - MARGIN_PX) / scale
  emit('press', partAt(x, y, dimensions, quilt, margin.value * 2))
}
</script>

<template>
  <div
    class="drawing"
    tabindex="0"
    role="application"
    :aria-label="`Drawing of ${quilt.name}. Arrow keys move over the blocks, Enter edits.`"
    data-testid="drawing"
    @pointerdown="onPress"
    @keydown="emit('key', $event)"
  >
    <canvas ref="canvas" :style="{ width: `${width}px`, height: `${height}px` }" />
    <svg class="overlay" :viewBox="`${-margin} ${-margin} ${whole.width + 2 * margin} ${whole.height + 2 * margin}`" :width="width" :height="height" aria-hidden="true">
      <g v-for="(box, i) in marked" :key="i" fill="none" vector-effect="non-scaling-stroke">
        <rect v-bind="box" stroke="#fff" :stroke-width="4 / scale" />
        <rect v-bind="box" stroke="#a0392a" :stroke-width="2.5 / scale" :stroke-dasharray="`${6 / scale} ${4 / scale}`" />
      </g>
      <rect v-for="(box, i) in held" :key="`h${i}`" v-bind="box" fill="#2f4470" fill-opacity="0.35" stroke="#2f4470" :stroke-width="4 / scale" />
    </svg>
  </div>
</template>

<style scoped>
.drawing { position: relative; cursor: pointer; touch-action: manipulation; line-height: 0; }
.overlay { position: absolute; inset: 0; pointer-events: none; }
</style>
