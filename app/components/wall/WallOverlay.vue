<script setup lang="ts">
import type { CellPlace } from '~~/core/file/settings/settingRules'
import type { Dimensions } from '~~/core/top/dimensions'
import { outlinesOf } from '~~/core/top/parts'

/** What lies over the quilt on the wall: what is locked, picked, held, marked; in pixels from its corner. */
const { dimensions, scale } = defineProps<{
  dimensions: Dimensions
  scale: number
  /** The number of each row, and how far down it is; they stand so far left. */
  rows: readonly { number: number; y: number }[]
  left: number
  locked: readonly CellPlace[]
  picked: readonly CellPlace[]
  held: readonly CellPlace[]
  /** Where what is dragged would go. */
  target: CellPlace | null
  at: CellPlace | null
  marked: readonly { number: number; cells: readonly CellPlace[] }[]
}>()

const outlineOf = ([row, column]: CellPlace) => [
  ...outlinesOf({ kind: 'block', row, column }, dimensions),
  ...outlinesOf({ kind: 'frame', row, column }, dimensions),
]
const pointsOf = (place: CellPlace) =>
  outlineOf(place).map(outline => outline.map(([x, y]) => `${x * scale},${y * scale}`).join(' '))
const middleOf = (place: CellPlace) => {
  const [outline = []] = outlineOf(place)
  const mean = (axis: 0 | 1) => outline.reduce((sum, point) => sum + point[axis], 0) / Math.max(1, outline.length)
  return { x: mean(0) * scale, y: mean(1) * scale }
}
</script>

<template>
  <g>
    <text v-for="{ number, y } in rows" :key="number" class="row" :x="left" :y="y">{{ number }}</text>
    <template v-for="place in locked" :key="`l${place}`">
      <polygon v-for="points in pointsOf(place)" :key="points" :points="points" class="locked" />
      <path
        class="lock"
        :transform="`translate(${middleOf(place).x} ${middleOf(place).y})`"
        d="M-7 -1h14v10h-14z M-4 -1v-4a4 4 0 0 1 8 0v4"
      />
    </template>
    <template v-for="place in picked" :key="`p${place}`">
      <polygon v-for="points in pointsOf(place)" :key="`w${points}`" :points="points" class="casing" />
      <polygon v-for="points in pointsOf(place)" :key="points" :points="points" class="picked" />
    </template>
    <template v-for="place in held" :key="`h${place}`">
      <polygon v-for="points in pointsOf(place)" :key="points" :points="points" class="held" />
    </template>
    <template v-if="target">
      <polygon v-for="points in pointsOf(target)" :key="points" :points="points" class="target" />
    </template>
    <template v-if="at">
      <polygon v-for="points in pointsOf(at)" :key="points" :points="points" class="at" />
    </template>
    <g v-for="{ number, cells } in marked" :key="`m${number}`" data-testid="wall-mark">
      <template v-for="place in cells" :key="`${place}`">
        <polygon v-for="points in pointsOf(place)" :key="points" :points="points" class="mark" />
      </template>
      <g v-if="cells[0]" :transform="`translate(${middleOf(cells[0]).x} ${middleOf(cells[0]).y})`">
        <circle r="13" class="badge" />
        <text class="number">{{ number }}</text>
      </g>
    </g>
  </g>
</template>

<style scoped>
polygon {
  fill: none;
}
.casing {
  stroke: #fff;
  stroke-width: 6;
}
.picked {
  stroke: #a0392a;
  stroke-width: 3.5;
  stroke-dasharray: 9 5;
}
.at {
  stroke: #2f4470;
  stroke-width: 3;
}
.held {
  fill: #2f4470;
  fill-opacity: 0.4;
}
.target {
  fill: #cf9b3c;
  fill-opacity: 0.45;
  stroke: #2a2a2e;
  stroke-width: 2;
}
.locked {
  stroke: #2a2a2e;
  stroke-width: 2;
}
.mark {
  stroke: #cf9b3c;
  stroke-width: 5;
  stroke-linejoin: round;
  paint-order: stroke;
}
.badge {
  fill: #cf9b3c;
  stroke: #241d10;
  stroke-width: 1.5;
}
text {
  font-size: 15px;
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
  fill: #241d10;
}
.row {
  fill: var(--ink);
  font-size: 16px;
}
.lock {
  fill: #fff;
  stroke: #2a2a2e;
  stroke-width: 2;
}
</style>
