<script setup lang="ts">
import { boundingBox, holds, type Box, type Point, type Polygon } from '~~/core/geometry/polygon'
import type { Dimensions } from '~~/core/top/dimensions'
import type { Quilt } from '~~/core/file/quilt'
import { drawnTop, outlinesOf, partAt } from '~~/core/top/parts'
import type { TopPart } from '~~/core/top/regions/region'
import { loadedPictures } from '~/drawing/loadedPictures'
import { paintQuilt } from '~/drawing/paintQuilt'

const {
  quilt,
  dimensions,
  scale,
  selected = null,
  carried = null,
  grey = undefined,
} = defineProps<{
  quilt: Quilt
  dimensions: Dimensions
  /** Pixels to the inch. */
  scale: number
  selected?: TopPart | null
  /** A block picked up, waiting for its new place. */
  carried?: TopPart | null
  grey?: (colour: string) => string
}>()
const emit = defineEmits<{
  press: [part: TopPart | null]
  /** A key pressed while the drawing has focus. */
  key: [event: KeyboardEvent]
}>()

/** Round the top, for the binding and its outline. */
const MARGIN_PX = 10
/** How much of a long strip counts as near the pointer. */
const NEAR_PX = 40
const canvas = useTemplateRef('canvas')
const whole = computed(() => drawnTop(dimensions))
const width = computed(() => whole.value.width * scale + 2 * MARGIN_PX)
const height = computed(() => whole.value.height * scale + 2 * MARGIN_PX)
const margin = computed(() => MARGIN_PX / scale)
const marked = computed(() => (selected ? outlinesOf(selected, dimensions) : []))
const pointsOf = (outline: Polygon) => outline.map(([x, y]) => `${x},${y}`).join(' ')
/** Where the pointer chose, in inches; null when the part was chosen another way. */
const pressedAt = shallowRef<Point | null>(null)
const anchor = useTemplateRef('anchor')
/**
 * The place a bubble points at: the one box that was pressed of all that are marked, and of a long strip only what
 * lies near.
 */
const anchorBox = computed(() => {
  const at = pressedAt.value
  const boxes = marked.value.map(boundingBox)
  const rightEnd = (one: Box) => one.x + one.width
  const box =
    boxes.find(candidate => at && holds(candidate, at))
    ?? boxes.toSorted((a, b) => rightEnd(b) - rightEnd(a) || a.y - b.y)[0]
  if (!box) return null
  const reach = NEAR_PX / scale
  const near = (start: number, length: number, middle: number) =>
    length <= 2 * reach
      ? ([start, length] as const)
      : ([Math.min(Math.max(start, middle - reach), start + length - 2 * reach), 2 * reach] as const)
  const [x, width] = near(box.x, box.width, at?.[0] ?? box.x + box.width)
  const [y, height] = near(box.y, box.height, at?.[1] ?? box.y)
  return { x, y, width, height }
})
const held = computed(() => (carried ? outlinesOf(carried, dimensions) : []))

let frame = 0
function paint() {
  frame = 0
  const target = canvas.value
  const context = target?.getContext('2d')
  if (!target || !context) return
  const ratio = window.devicePixelRatio || 1
  target.width = Math.round(width.value * ratio)
  target.height = Math.round(height.value * ratio)
  paintQuilt(context, quilt, dimensions, {
    scale: scale * ratio,
    left: MARGIN_PX * ratio,
    top: MARGIN_PX * ratio,
    grey,
  })
}
watch(
  [() => quilt, () => dimensions, () => scale, () => grey, canvas, loadedPictures],
  () => {
    frame ||= requestAnimationFrame(paint)
  },
  { immediate: true },
)
onBeforeUnmount(() => cancelAnimationFrame(frame))

function onPress(event: PointerEvent) {
  const box = canvas.value!.getBoundingClientRect()
  const x = (event.clientX - box.left - MARGIN_PX) / scale
  const y = (event.clientY - box.top - MARGIN_PX) / scale
  pressedAt.value = [x, y]
  emit('press', partAt(x, y, dimensions, quilt, margin.value * 2))
}
function onKey(event: KeyboardEvent) {
  pressedAt.value = null
  emit('key', event)
}
defineExpose({ anchor })
</script>

<template>
  <div
    class="drawing"
    tabindex="0"
    role="application"
    :aria-label="`Drawing of ${quilt.name}. Arrow keys move over the blocks, Enter edits.`"
    data-testid="drawing"
    @pointerdown="onPress"
    @keydown="onKey"
  >
    <canvas ref="canvas" :style="{ width: `${width}px`, height: `${height}px` }" />
    <svg
      class="overlay"
      :viewBox="`${-margin} ${-margin} ${whole.width + 2 * margin} ${whole.height + 2 * margin}`"
      :width="width"
      :height="height"
      aria-hidden="true"
    >
      <g v-for="(outline, i) in marked" :key="i" fill="none" vector-effect="non-scaling-stroke">
        <polygon :points="pointsOf(outline)" stroke="#fff" :stroke-width="4 / scale" />
        <polygon
          :points="pointsOf(outline)"
          stroke="#a0392a"
          :stroke-width="2.5 / scale"
          :stroke-dasharray="`${6 / scale} ${4 / scale}`"
        />
      </g>
      <polygon
        v-for="(outline, i) in held"
        :key="`h${i}`"
        :points="pointsOf(outline)"
        fill="#2f4470"
        fill-opacity="0.35"
        stroke="#2f4470"
        :stroke-width="4 / scale"
      />
    </svg>
    <div
      v-if="anchorBox"
      ref="anchor"
      class="anchor"
      :style="{
        left: `${anchorBox.x * scale + MARGIN_PX}px`,
        top: `${anchorBox.y * scale + MARGIN_PX}px`,
        width: `${anchorBox.width * scale}px`,
        height: `${anchorBox.height * scale}px`,
      }"
    >
      <span class="leader" :style="{ width: `${width - (anchorBox.x + anchorBox.width) * scale - MARGIN_PX + 8}px` }" />
    </div>
  </div>
</template>

<style scoped>
.drawing {
  position: relative;
  cursor: pointer;
  touch-action: manipulation;
  line-height: 0;
}
.overlay {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.anchor {
  position: absolute;
  pointer-events: none;
}
/* a running stitch from the part to its bubble */
.leader {
  position: absolute;
  left: 100%;
  top: 50%;
  border-top: 3px dashed var(--madder);
}
</style>
