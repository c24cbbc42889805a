<script setup lang="ts">
import type { Square } from '~~/core/charts/drawing'
import { paintSquares } from '~/drawing/paintSquares'

/** The squares of a picture, to be drawn on: a window over them that scrolls. */
const { draft, colours, hasLetters, scale, marked, cursor, start, label } = defineProps<{
  draft: PictureDraft
  /** For each letter, as it is to be seen. */
  colours: readonly string[]
  hasLetters: boolean
  /** Pixels of a square. */
  scale: number
  marked: ReadonlySet<string>
  cursor: Square
  /** Where a line or a box begins. */
  start: Square | null
  label: string
}>()
const emit = defineEmits<{
  press: [square: Square]
  move: [square: Square]
  lift: []
  key: [event: KeyboardEvent]
}>()

const frame = useTemplateRef('frame')
const canvas = useTemplateRef('canvas')
const { width, height } = useElementSize(frame)
const { x: left, y: top } = useScroll(frame)
const whole = computed(() => ({
  width: draft.picture.value.size.columns * scale,
  height: draft.picture.value.size.rows * scale,
}))
const seen = computed(() => ({
  width: Math.max(1, Math.min(width.value, whole.value.width)),
  height: Math.max(1, Math.min(height.value, whole.value.height)),
}))

function paint() {
  const context = canvas.value?.getContext('2d')
  if (!context || !canvas.value) return
  const ratio = window.devicePixelRatio
  const { width: across, height: down } = seen.value
  canvas.value.width = Math.round(across * ratio)
  canvas.value.height = Math.round(down * ratio)
  context.setTransform(ratio, 0, 0, ratio, 0, 0)
  const { size, squares, letters } = draft.picture.value
  paintSquares(context, {
    size,
    squares,
    colours,
    letters: letters.map(({ letter }) => letter),
    hasLetters,
    scale,
    left: left.value,
    top: top.value,
    width: across,
    height: down,
    marked,
  })
}
const paintSoon = useOnceAFrame(paint)
onMounted(paint)
watch(
  [draft.version, draft.picture, () => colours, () => hasLetters, () => scale, () => marked, seen, left, top],
  paintSoon,
)
watch(
  () => cursor,
  ({ x, y }) => {
    const box = frame.value
    if (!box) return
    // the square under the keys stays in sight
    const near = (at: number, from: number, room: number) =>
      at * scale < from ? at * scale : (at + 1) * scale > from + room ? (at + 1) * scale - room : from
    box.scrollTo(near(x, left.value, width.value), near(y, top.value, height.value))
  },
)

const { onDown, onMove, onUp } = useSquarePointer(canvas, {
  place: () => ({ left: left.value, top: top.value, scale, ...draft.picture.value.size }),
  press: square => emit('press', square),
  move: square => emit('move', square),
  lift: () => emit('lift'),
})
const place = ({ x, y }: Square) => ({
  left: `${x * scale - 2}px`,
  top: `${y * scale - 2}px`,
  width: `${scale + 4}px`,
  height: `${scale + 4}px`,
})
</script>

<template>
  <div ref="frame" class="board" data-testid="board">
    <div class="relative" :style="{ width: `${whole.width}px`, height: `${whole.height}px` }">
      <canvas
        ref="canvas"
        class="squares"
        role="application"
        tabindex="0"
        :aria-label="label"
        aria-describedby="board-place"
        :style="{ width: `${seen.width}px`, height: `${seen.height}px` }"
        @pointerdown="onDown"
        @pointermove="onMove"
        @pointerup="onUp"
        @pointercancel="onUp"
        @keydown="event => emit('key', event)"
      />
      <div class="cursor" :style="place(cursor)" />
      <div v-if="start" class="cursor begun" :style="place(start)" />
    </div>
  </div>
</template>

<style scoped>
.board {
  overflow: auto;
  min-width: 0;
  min-height: 0;
  max-width: 100%;
  max-height: 100%;
}
.squares {
  position: sticky;
  top: 0;
  left: 0;
  display: block;
  touch-action: none;
  cursor: crosshair;
}
.squares:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
.cursor {
  position: absolute;
  pointer-events: none;
  border: 2px solid #fff;
  outline: 2px solid var(--ink);
}
.squares:not(:focus) ~ .cursor:not(.begun) {
  opacity: 0;
}
.begun {
  outline-color: var(--madder);
}
</style>
