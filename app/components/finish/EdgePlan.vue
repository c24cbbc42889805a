<script setup lang="ts">
import type { PlannedStrips } from '~~/core/plan/plannedBinding'
import { placeOnEdge } from '~~/words/binding'

/** The raw edge from above: where the binding begins, and where its joins come to lie. */
const { binding, raw } = defineProps<{ binding: PlannedStrips; raw: { width: number; height: number } }>()
const speech = useSpeech()

const unit = computed(() => Math.max(raw.width, raw.height) / 100)
const FROM_CORNER = 4
function pointAt(at: number): { x: number; y: number; nx: number; ny: number } {
  const { width, height } = raw
  const round = 2 * (width + height)
  let rest = ((at % round) + round) % round
  if (rest < width) return { x: rest, y: 0, nx: 0, ny: -1 }
  rest -= width
  if (rest < height) return { x: width, y: rest, nx: 1, ny: 0 }
  rest -= height
  if (rest < width) return { x: width - rest, y: height, nx: 0, ny: 1 }
  return { x: 0, y: height - (rest - width), nx: -1, ny: 0 }
}
const joins = computed(() => binding.joins.map(({ at }) => pointAt(binding.start + at)))
const flangeJoins = computed(() => (binding.flange?.joins ?? []).map(({ at }) => pointAt(binding.start + at)))
const start = computed(() => pointAt(binding.start))
/** Points at the place where the binding begins. */
const arrow = computed(() => {
  const { x, y, nx, ny } = start.value
  const [long, wide] = [7 * unit.value, 3 * unit.value]
  const back = [x + nx * long, y + ny * long] as const
  return `M${x} ${y}L${back[0] - ny * wide} ${back[1] + nx * wide}L${back[0] + ny * wide} ${back[1] - nx * wide}z`
})
const corners = computed(() => [
  [0, 0],
  [raw.width, 0],
  [raw.width, raw.height],
  [0, raw.height],
])
const label = computed(
  () =>
    `Begun and closed ${placeOnEdge(binding.start, raw, speech.value)}; joins `
    + binding.joins.map(({ at }) => placeOnEdge(binding.start + at, raw, speech.value)).join('; '),
)
</script>

<template>
  <svg
    :viewBox="`${-9 * unit} ${-9 * unit} ${raw.width + 18 * unit} ${raw.height + 18 * unit}`"
    role="img"
    :aria-label="label"
    class="edge"
    data-testid="edge-plan"
  >
    <rect :width="raw.width" :height="raw.height" class="quilt" :stroke-width="unit * 1.6" />
    <circle
      v-for="([x, y], i) in corners"
      :key="i"
      :cx="x"
      :cy="y"
      :r="FROM_CORNER"
      class="corner"
      :stroke-width="unit * 0.5"
    />
    <line
      v-for="(p, i) in joins"
      :key="`j${i}`"
      :x1="p.x - p.nx * unit * 3"
      :y1="p.y - p.ny * unit * 3"
      :x2="p.x + p.nx * unit * 3"
      :y2="p.y + p.ny * unit * 3"
      class="join"
      :stroke-width="unit * 1.2"
      data-join
    />
    <circle
      v-for="(p, i) in flangeJoins"
      :key="`f${i}`"
      :cx="p.x"
      :cy="p.y"
      :r="unit * 1.3"
      class="flange"
      :stroke-width="unit * 0.7"
    />
    <path :d="arrow" class="start" />
  </svg>
</template>

<style scoped>
.edge {
  width: 100%;
  max-height: 18rem;
}
.quilt {
  fill: none;
  stroke: var(--ink);
}
.corner {
  fill: none;
  stroke: var(--line);
}
.join {
  stroke: var(--ink);
}
.flange {
  fill: none;
  stroke: var(--ink);
}
.start {
  fill: var(--madder);
}
</style>
