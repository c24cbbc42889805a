<script setup lang="ts">
import type { Draft } from '~~/core/drafting/draft'
import type { DraftFault } from '~~/core/drafting/draftFaults'
import type { Grid } from '~~/core/drafting/grid'
import type { Box, Point } from '~~/core/geometry/polygon'
import { innerPoint, patchAt, type Tool } from '~/composables/useDrafting'

const { draft, points, tool, colours, faults, grid, refusal, size } = defineProps<{
  draft: Draft
  /** Points of the grid, row by row. */
  points: readonly (readonly Point[])[]
  tool: Tool
  /** Role → colour. */
  colours: ReadonlyMap<string, string>
  faults: readonly DraftFault[]
  grid: Grid
  /** Why the last thing tried was not done; empty when it was. */
  refusal: string
  /** Pixels for the longer side. */
  size: number
}>()
const emit = defineEmits<{
  line: [from: Point, to: Point]
  paint: [patch: number]
  takeOut: [first: number, second: number]
  /** A box picked up, and where its copy goes. */
  repeat: [from: Box, to: Point]
  turnCopy: []
  mirrorCopy: []
}>()

const row = ref(0)
const column = ref(0)
const begun = shallowRef<Point | null>(null)
const picked = shallowRef<Box | null>(null)
const chosen = ref(0)
const first = ref<number | null>(null)
const root = useTemplateRef('root')
const cursor = computed(
  (): Point =>
    points[Math.min(row.value, points.length - 1)]![
      Math.min(column.value, points[Math.min(row.value, points.length - 1)]!.length - 1)
    ]!,
)
const scale = computed(() => size / Math.max(draft.width, draft.height))
const pad = computed(() => 16 / scale.value)
const byPoints = computed(() => tool === 'line' || tool === 'repeat')
const current = computed(() => Math.min(chosen.value, draft.patches.length - 1))
watch(
  () => tool,
  () => {
    begun.value = null
    picked.value = null
    first.value = null
  },
)

/** From each point of the grid to its neighbours in its row and in the next one. */
const gridLines = computed(() =>
  points.flatMap((row, r) => {
    const across: [Point, Point][] = row.length > 1 ? [[row[0]!, row.at(-1)!]] : []
    const below = points[r + 1] ?? []
    const reach = grid.kind === 'square' ? 1e-6 : 0.5 + 1e-6
    const down = row.flatMap(from =>
      below
        .filter(
          to => Math.abs(to[0] - from[0]) <= reach && (grid.kind === 'square' || Math.abs(to[0] - from[0]) > 1e-6),
        )
        .map((to): [Point, Point] => [from, to]),
    )
    return [...across, ...down]
  }),
)
const boxBetween = (a: Point, b: Point): Box => ({
  x: Math.min(a[0], b[0]),
  y: Math.min(a[1], b[1]),
  width: Math.abs(a[0] - b[0]),
  height: Math.abs(a[1] - b[1]),
})
/** A point was chosen, by pointer or by key. */
function atPoint(point: Point) {
  if (tool === 'repeat' && picked.value) {
    emit('repeat', picked.value, point)
    return
  }
  if (!begun.value) {
    begun.value = point
    return
  }
  if (tool === 'line') emit('line', begun.value, point)
  else {
    const box = boxBetween(begun.value, point)
    if (box.width > 0 && box.height > 0) picked.value = box
  }
  begun.value = null
}
function atPatch(patch: number) {
  chosen.value = patch
  if (tool === 'paint') return emit('paint', patch)
  if (first.value === null || first.value === patch) first.value = first.value === patch ? null : patch
  else {
    emit('takeOut', first.value, patch)
    first.value = null
  }
}
function pointerAt(event: PointerEvent): Point {
  const box = root.value!.getBoundingClientRect()
  return [(event.clientX - box.left) / scale.value - pad.value, (event.clientY - box.top) / scale.value - pad.value]
}
function nearest([x, y]: Point): [number, number] {
  let best: [number, number] = [0, 0]
  let least = Infinity
  points.forEach((line, r) =>
    line.forEach(([px, py], c) => {
      const away = Math.hypot(px - x, py - y)
      if (away < least) [least, best] = [away, [r, c]]
    }),
  )
  return best
}
let pressedAt: Point | null = null
function onDown(event: PointerEvent) {
  root.value!.focus()
  const at = pointerAt(event)
  if (!byPoints.value) {
    const patch = patchAt(draft, at)
    if (patch !== null) atPatch(patch)
    return
  }
  ;[row.value, column.value] = nearest(at)
  root.value!.setPointerCapture(event.pointerId)
  pressedAt = cursor.value
  atPoint(cursor.value)
}
function onMove(event: PointerEvent) {
  if (byPoints.value) [row.value, column.value] = nearest(pointerAt(event))
}
/** A drag from point to point draws at once; a press and another press do the same. */
function onUp() {
  if (pressedAt && begun.value && (cursor.value[0] !== pressedAt[0] || cursor.value[1] !== pressedAt[1]))
    atPoint(cursor.value)
  pressedAt = null
}
function step(dx: number, dy: number) {
  if (byPoints.value) {
    const x = cursor.value[0]
    row.value = Math.min(points.length - 1, Math.max(0, row.value + dy))
    const line = points[row.value]!
    // rows of the 60° grid have their points elsewhere: keep to the nearest
    if (dy !== 0)
      column.value = line.reduce(
        (best, p, i) => (Math.abs(p[0] - x) < Math.abs(line[best]![0] - x) - 1e-9 ? i : best),
        0,
      )
    column.value = Math.min(line.length - 1, Math.max(0, column.value + dx))
    return
  }
  const from = innerPoint(draft, current.value)
  let best = -1
  let least = Infinity
  draft.patches.forEach((_, i) => {
    const to = innerPoint(draft, i)
    const ahead = (to[0] - from[0]) * dx + (to[1] - from[1]) * dy
    const aside = Math.abs((to[0] - from[0]) * dy) + Math.abs((to[1] - from[1]) * dx)
    if (ahead > 1e-6 && ahead + 2 * aside < least) [least, best] = [ahead + 2 * aside, i]
  })
  if (best >= 0) chosen.value = best
}
function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  }
  if (steps[event.key]) step(...steps[event.key]!)
  else if (event.key === 'Enter' || event.key === ' ') {
    if (byPoints.value) atPoint(cursor.value)
    else atPatch(current.value)
  } else if (event.key === 'Escape' && (begun.value || picked.value || first.value !== null)) {
    begun.value = null
    picked.value = null
    first.value = null
  } else if (event.key === 'r' && picked.value) emit('turnCopy')
  else if (event.key === 'm' && picked.value) emit('mirrorCopy')
  else return
  event.preventDefault()
  event.stopPropagation()
}
const said = computed(() =>
  tool === 'line'
    ? begun.value
      ? 'The line has begun: choose where it ends.'
      : 'Choose where the line begins.'
    : tool === 'repeat'
      ? picked.value
        ? 'Choose the top left of the copy; r turns it, m mirrors it.'
        : begun.value
          ? 'Choose the opposite corner.'
          : 'Choose a corner of the unit to pick up.'
      : tool === 'paint'
        ? 'Choose a patch to paint.'
        : first.value === null
          ? 'Choose a patch.'
          : 'Choose its neighbour: the line between them goes.',
)
</script>

<template>
  <div>
    <svg
      ref="root"
      class="board"
      tabindex="0"
      role="application"
      :aria-label="`The block being drawn: ${draft.patches.length} patches. ${said}`"
      data-testid="draft-board"
      :viewBox="`${-pad} ${-pad} ${draft.width + 2 * pad} ${draft.height + 2 * pad}`"
      :width="draft.width * scale + 32"
      :height="draft.height * scale + 32"
      @pointerdown="onDown"
      @pointermove="onMove"
      @pointerup="onUp"
      @pointercancel="pressedAt = null"
      @keydown="onKey"
    >
      <polygon
        v-for="(patch, i) in draft.patches"
        :key="i"
        :points="patch.points.map(p => p.join()).join(' ')"
        :fill="colours.get(patch.role) ?? '#ccc'"
        stroke="#fffdf8"
        :stroke-width="3.6 / scale"
        stroke-linejoin="round"
      />
      <line
        v-for="(line, i) in gridLines"
        :key="`l${i}`"
        :x1="line[0][0]"
        :y1="line[0][1]"
        :x2="line[1][0]"
        :y2="line[1][1]"
        stroke="#6b6459"
        stroke-opacity="0.4"
        :stroke-width="0.8 / scale"
      />
      <!-- seams: dark on a pale line, so that they show on any cloth -->
      <polygon
        v-for="(patch, i) in draft.patches"
        :key="`s${i}`"
        :points="patch.points.map(p => p.join()).join(' ')"
        fill="none"
        stroke="#26241f"
        :stroke-width="1.4 / scale"
        stroke-linejoin="round"
      />
      <g v-for="(patch, i) in draft.patches" :key="`o${i}`">
        <polygon
          v-if="!byPoints && (i === current || i === first)"
          :points="patch.points.map(p => p.join()).join(' ')"
          fill="none"
          :stroke="i === first ? '#2f4470' : '#a0392a'"
          :stroke-width="4 / scale"
          :stroke-dasharray="`${8 / scale} ${5 / scale}`"
        />
      </g>
      <template v-if="byPoints">
        <g v-for="(line, r) in points" :key="`r${r}`">
          <circle
            v-for="(p, c) in line"
            :key="c"
            :cx="p[0]"
            :cy="p[1]"
            :r="3 / scale"
            fill="#fff"
            stroke="#443a33"
            :stroke-width="1 / scale"
          />
        </g>
        <line
          v-if="begun && tool === 'line'"
          :x1="begun[0]"
          :y1="begun[1]"
          :x2="cursor[0]"
          :y2="cursor[1]"
          stroke="#a0392a"
          :stroke-width="3 / scale"
          :stroke-dasharray="`${8 / scale} ${5 / scale}`"
        />
        <rect
          v-if="tool === 'repeat' && (picked || begun)"
          v-bind="picked ?? boxBetween(begun!, cursor)"
          fill="#2f4470"
          fill-opacity="0.25"
          stroke="#2f4470"
          :stroke-width="3 / scale"
        />
        <circle :cx="cursor[0]" :cy="cursor[1]" :r="9 / scale" fill="none" stroke="#fff" :stroke-width="5 / scale" />
        <circle
          :cx="cursor[0]"
          :cy="cursor[1]"
          :r="9 / scale"
          fill="none"
          stroke="#a0392a"
          :stroke-width="2.5 / scale"
        />
      </template>
      <circle
        v-for="(fault, i) in faults"
        :key="`f${i}`"
        :cx="fault.at[0]"
        :cy="fault.at[1]"
        :r="14 / scale"
        fill="none"
        stroke="#d0021b"
        :stroke-width="4 / scale"
      />
    </svg>
    <p class="mt-1" :class="refusal ? 'wrong' : 'note'" role="status">{{ refusal || said }}</p>
  </div>
</template>

<style scoped>
.board {
  touch-action: none;
  cursor: crosshair;
  display: block;
  background: var(--paper);
  border-radius: 12px;
  max-width: 100%;
}
</style>
