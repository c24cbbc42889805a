<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { rawPlace } from '~~/core/quilting/quiltedTop'
import { underArm } from '~~/core/quilting/underArm'
import type { PlannedQuilting } from '~~/core/plan/plannedQuilting'
import { dimensionsOf } from '~~/core/top/dimensions'
import { drawnTop } from '~~/core/top/parts'

/** The quilt with its lines on it, and the widest place between them. Sizes in pixels. */
const {
  quilt,
  quilting,
  width,
  height,
  line = null,
  warn = false,
  numbered = 0,
} = defineProps<{
  quilt: Quilt
  quilting: PlannedQuilting | null
  width: number
  height: number
  /** The one that is sewn now: those before it are drawn as done. */
  line?: number | null
  /** The widest place is wider than the batting allows. */
  warn?: boolean
  /** So many lines bear their numbers where they begin. */
  numbered?: number
}>()

const MARGIN_PX = 8
const dimensions = computed(() => dimensionsOf(quilt))
const whole = computed(() => drawnTop(dimensions.value))
/** Pixels to the inch: the cloth is drawn within the same margin. */
const frame = computed(() =>
  Math.min((width - 2 * MARGIN_PX) / whole.value.width, (height - 2 * MARGIN_PX) / whole.value.height),
)
/** Lines lie in the raw top, the cloth is drawn finished. */
const onCloth = computed(() => {
  const { beyond, sx, sy } = rawPlace(quilt, dimensions.value)
  const left = (width - whole.value.width * frame.value) / 2
  const top = (height - whole.value.height * frame.value) / 2
  return `translate(${left} ${top}) scale(${frame.value / sx} ${frame.value / sy}) translate(${-beyond} ${-beyond})`
})
const path = (lines: PlannedQuilting['lines']) =>
  lines
    .filter(({ points }) => points.length > 1)
    .map(({ points }) => `M${points.map(([x, y]) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}`)
    .join('')
const all = computed(() => path(quilting?.lines ?? []))
const done = computed(() => (line === null ? '' : path(quilting?.lines.slice(0, line) ?? [])))
const now = computed(() => (line === null ? '' : path(quilting?.lines.slice(line, line + 1) ?? [])))
const ties = computed(() => (quilting?.lines ?? []).filter(({ points }) => points.length === 1).map(l => l.points[0]!))
const start = computed(() => (line === null ? null : quilting?.lines[line]?.points[0]))
/** What lies under the arm while the line of now is begun. */
const arm = computed(() => {
  const points = line === null ? undefined : quilting?.lines[line]?.points
  return points && quilting ? underArm(points, quilting) : null
})
</script>

<template>
  <div class="relative" :style="{ aspectRatio: `${width} / ${height}` }">
    <QuiltPicture :quilt="quilt" :width="width" :height="height" />
    <svg
      v-if="quilting"
      class="absolute inset-0 h-full w-full"
      :viewBox="`0 0 ${width} ${height}`"
      role="img"
      :aria-label="`The quilt with ${quilting.lines.length} lines of quilting`"
    >
      <g :transform="onCloth">
        <polygon
          v-if="arm && arm.outline.length > 2"
          :points="arm.outline.map(([x, y]) => `${x},${y}`).join(' ')"
          class="arm"
        />
        <path :d="all" class="halo" vector-effect="non-scaling-stroke" />
        <path :d="all" class="thread" :class="{ faint: line !== null }" vector-effect="non-scaling-stroke" />
        <path v-if="done" :d="done" class="thread" vector-effect="non-scaling-stroke" />
        <path v-if="now" :d="now" class="now" vector-effect="non-scaling-stroke" />
        <circle v-for="([x, y], i) in ties" :key="i" :cx="x" :cy="y" :r="3 / frame" class="tie" />
        <circle v-if="start" :cx="start[0]" :cy="start[1]" :r="7 / frame" class="start" />
        <text
          v-for="({ points }, i) in (quilting.lines ?? []).slice(0, numbered)"
          :key="`n${i}`"
          :x="points[0]![0]"
          :y="points[0]![1]"
          :font-size="11 / frame"
          class="number"
        >
          {{ i + 1 }}
        </text>
        <GapCircle
          v-if="line === null"
          :x="quilting.gap.x"
          :y="quilting.gap.y"
          :r="quilting.gap.size / 2"
          :warn="warn"
        />
      </g>
    </svg>
  </div>
</template>

<style scoped>
path {
  fill: none;
}
.number {
  fill: #000;
  stroke: #fffdf8;
  stroke-width: 0.25em;
  font-weight: 700;
  paint-order: stroke;
  text-anchor: middle;
  dominant-baseline: central;
}
.halo {
  stroke: #fffdf8;
  stroke-opacity: 0.75;
  stroke-width: 3px;
}
.thread {
  stroke: #26282b;
  stroke-width: 1.2px;
}
.faint {
  stroke-opacity: 0.3;
}
.now {
  stroke: #a0392a;
  stroke-width: 4px;
}
.arm {
  fill: #26282b;
  fill-opacity: 0.28;
}
.tie {
  fill: #a0392a;
  stroke: #fffdf8;
  stroke-width: 0.1px;
}
.start {
  fill: #a0392a;
}
</style>
