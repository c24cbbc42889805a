<script setup lang="ts">
import type { CellPlace } from '~~/core/file/settings/settingRules'
import type { Quilt } from '~~/core/file/quilt'
import type { Dimensions } from '~~/core/top/dimensions'
import { drawnTop, partAt } from '~~/core/top/parts'
import { loadedPictures } from '~/drawing/loadedPictures'
import { paintWall, rowNumbers, type WallView } from '~/drawing/wallView'

/** The quilt as it hangs: blocks are picked and dragged by pointer, finger and keys. */
const { quilt, dimensions, scale, look, melted, picked, at, carried, marked } = defineProps<{
  quilt: Quilt
  dimensions: Dimensions
  /** Pixels to the inch. */
  scale: number
  look: WallView
  /** Squinting: so many inches melt together. */
  melted: number
  picked: readonly CellPlace[]
  /** Where the keys are; null: nowhere yet. */
  at: CellPlace | null
  /** Picked up, waiting for a place. */
  carried: boolean
  /** Places of the marks that are on show, each with its number in the list. */
  marked: readonly { number: number; cells: readonly CellPlace[] }[]
}>()
const emit = defineEmits<{
  /** Pressed; `more`: beside what is picked already. */
  pick: [place: CellPlace, more: boolean]
  /** Dragged from one place to another. */
  drop: [from: CellPlace, to: CellPlace]
  key: [event: KeyboardEvent]
}>()

/** Beside the quilt, for the numbers of its rows, and above it. */
const LEFT_PX = 34
const TOP_PX = 10
/** A hand that presses trembles so far. */
const STILL_PX = 8
const canvas = useTemplateRef('canvas')
const whole = computed(() => drawnTop(dimensions))
const width = computed(() => whole.value.width * scale + 2 * LEFT_PX)
const height = computed(() => whole.value.height * scale + 2 * TOP_PX)
const rows = computed(() => rowNumbers(dimensions).map(({ number, y }) => ({ number, y: y * scale })))
let frame = 0
function paint() {
  frame = 0
  const target = canvas.value
  const context = target?.getContext('2d')
  if (!target || !context) return
  const ratio = window.devicePixelRatio || 1
  target.width = Math.round(width.value * ratio)
  target.height = Math.round(height.value * ratio)
  const room = { left: LEFT_PX * ratio, top: TOP_PX * ratio }
  paintWall(context, quilt, dimensions, { scale: scale * ratio, ...room, look, melted })
}
watch(
  [() => quilt, () => dimensions, () => scale, () => look, () => melted, canvas, loadedPictures],
  () => {
    frame ||= requestAnimationFrame(paint)
  },
  { immediate: true },
)
onBeforeUnmount(() => cancelAnimationFrame(frame))

/** What is dragged, from where, and where the pointer is. */
const drag = shallowRef<{ from: CellPlace; to: CellPlace | null; startX: number; startY: number; far: boolean } | null>(
  null,
)
function placeAt({ clientX, clientY }: PointerEvent): CellPlace | null {
  const box = canvas.value!.getBoundingClientRect()
  const x = (clientX - box.left - LEFT_PX) / scale
  const y = (clientY - box.top - TOP_PX) / scale
  const part = partAt(x, y, dimensions, quilt, 0)
  return part?.kind === 'block' || part?.kind === 'frame' ? [part.row, part.column] : null
}
function onDown(event: PointerEvent) {
  const from = placeAt(event)
  if (!from || event.button > 0) return
  canvas.value!.setPointerCapture(event.pointerId)
  drag.value = { from, to: null, startX: event.clientX, startY: event.clientY, far: false }
}
function onMove(event: PointerEvent) {
  const now = drag.value
  if (!now) return
  const far = now.far || Math.hypot(event.clientX - now.startX, event.clientY - now.startY) > STILL_PX
  drag.value = { ...now, far, to: far ? placeAt(event) : null }
}
function onUp(event: PointerEvent) {
  const now = drag.value
  drag.value = null
  if (!now) return
  if (!now.far) return emit('pick', now.from, event.shiftKey || event.ctrlKey || event.metaKey)
  if (now.to && now.to.join() !== now.from.join()) emit('drop', now.from, now.to)
}
const held = computed(() => (drag.value?.far ? [drag.value.from] : carried ? picked : []))
</script>

<template>
  <div
    class="wall-drawing"
    tabindex="0"
    role="application"
    :aria-label="`The wall of ${quilt.name}. Arrow keys move over the blocks, Space picks, X picks up and puts down.`"
    data-testid="wall"
    @keydown="event => emit('key', event)"
  >
    <canvas
      ref="canvas"
      :class="{ dragging: drag?.far }"
      :style="{ width: `${width}px`, height: `${height}px` }"
      @pointerdown="onDown"
      @pointermove="onMove"
      @pointerup="onUp"
      @pointercancel="drag = null"
    />
    <svg class="overlay" :width="width" :height="height" aria-hidden="true">
      <g :transform="`translate(${LEFT_PX} ${TOP_PX})`">
        <WallOverlay
          :locked="quilt.wall.locked"
          :rows="rows"
          :left="-LEFT_PX / 2"
          v-bind="{ dimensions, scale, picked, held, at, marked, target: drag?.to ?? null }"
        />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.wall-drawing {
  position: relative;
  line-height: 0;
}
canvas {
  cursor: grab;
  /* a finger drags a block and not the page */
  touch-action: none;
}
canvas.dragging {
  cursor: grabbing;
}
.overlay {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
</style>
