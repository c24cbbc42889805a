<script setup lang="ts">
import type { Plan } from '~~/core/plan/plan'
import type { Cloth } from '~~/core/file/quilt'
import type { Piece } from '~~/core/cut/piece'
import { formatLength } from '~~/words/length'
import { isWorthKeeping } from '~~/core/cut/leftovers'
import { lightness } from '~~/core/measure/lightness'
import { inEnglish } from '~~/words/speech'

const {
  cloth,
  need,
  path,
  pieces,
  done = [],
  current = [],
  hand = 'right',
  sheet = 0,
  size = undefined,
} = defineProps<{
  cloth: Cloth
  need: Plan['cloths'][number]
  /** Where the cloth stands in the plan. */
  path: string
  pieces: ReadonlyMap<string, Piece>
  /** For each strip, whether it is cut. */
  done?: readonly boolean[]
  /** Strips to be pointed out. */
  current?: readonly number[]
  /** For the left hand the cloth is squared and cut from the other side. */
  hand?: 'left' | 'right'
  /** Which piece of cloth, for cloth in pieces. */
  sheet?: number
  /** Of that piece of cloth, where pieces are not all alike. */
  size?: { width: number; height: number } | undefined
}>()

const settings = useSettings()
const strips = computed(() =>
  need.strips.map((strip, i) => ({ ...strip, index: i })).filter(strip => strip.sheet === sheet),
)
const length = computed(() => size?.height ?? (need.unit === 'piece' ? cloth.usableLength : need.need))
const usable = computed(() => size?.width ?? cloth.usable)
const usablePath = computed(() => (size ? undefined : `${path}.usable`))
/** A piece is as long as it was sold; of yardage only what is needed is drawn. */
const lengthPath = computed(() => (need.unit === 'piece' ? undefined : `${path}.need`))
const left = computed(() => need.left.filter(rest => rest.sheet === sheet))
// long cloth is drawn lying down: what runs along the cloth runs along the screen
const lying = computed(() => length.value > usable.value)
const W = computed(() => (lying.value ? length.value : usable.value))
const H = computed(() => (lying.value ? usable.value : length.value))
const pad = computed(() => Math.max(W.value, H.value) * 0.045)
const fontSize = computed(() => Math.max(W.value, H.value) * 0.024)
/** On paper the map fills this box, in millimetres; its numbers are read at arm's length. */
const PAPER = { width: 112, height: 84, text: 8 * (25.4 / 72) }
const paperFont = computed(() => {
  const scale = Math.min(PAPER.width / (W.value + 2 * pad.value), PAPER.height / (H.value + 2.6 * pad.value))
  return PAPER.text / scale
})
/** Where a number of this size has room on its piece: on screen, on paper. */
const hasRoom = (cut: { x: number; y: number; width: number; height: number; piece: string }, size: number) =>
  placed(cut).width > size * 0.62 * letterOf(cut.piece).length && placed(cut).height > size * 0.8
function numberClass(cut: Parameters<typeof hasRoom>[0]): string | null {
  const [screen, paper] = [hasRoom(cut, fontSize.value), hasRoom(cut, paperFont.value)]
  if (screen && paper) return 'letter'
  return screen ? 'letter no-print' : paper ? 'letter print-only' : null
}
const text = computed(() => (lightness(cloth.colour) < 55 ? '#fff' : '#1d1d1f'))
const line = computed(() => (lightness(cloth.colour) < 55 ? '#fffdf8' : '#6b5a3c'))

function placed(box: { x: number; y: number; width: number; height: number }) {
  const x = hand === 'left' ? usable.value - box.x - box.width : box.x
  return lying.value
    ? { x: box.y, y: x, width: box.height, height: box.width }
    : { x, y: box.y, width: box.width, height: box.height }
}
/** The cut line of an angled piece where it lies; turned by a quarter when its box is. */
function outlineOf(cut: { x: number; y: number; width: number; height: number; piece: string }): string {
  const piece = pieces.get(cut.piece)!
  const isTurned = Math.abs(cut.width - piece.width) > 1e-6
  return piece
    .outline!.map(([px, py]) => {
      const [x, y] = isTurned ? [cut.width - py, px] : [px, py]
      const corner = placed({ x: cut.x + x, y: cut.y + y, width: 0, height: 0 })
      return `${corner.x},${corner.y}`
    })
    .join(' ')
}
/** Where a square is cut again, corner to corner. */
function diagonals(cut: {
  x: number
  y: number
  width: number
  height: number
  piece: string
}): [number, number, number, number][] {
  const cuts = pieces.get(cut.piece)?.cuts
  const box = placed(cut)
  const falling: [number, number, number, number] = [box.x, box.y, box.x + box.width, box.y + box.height]
  const rising: [number, number, number, number] = [box.x, box.y + box.height, box.x + box.width, box.y]
  return cuts === 'two-diagonals' ? [falling, rising] : cuts === 'one-diagonal' ? [rising] : []
}
const letterOf = (id: string) => pieces.get(id)?.letter ?? ''
</script>

<template>
  <svg
    class="map"
    :viewBox="`${-pad} ${-pad * 1.4} ${W + 2 * pad} ${H + pad * 2.6}`"
    role="img"
    :aria-label="`Map of ${cloth.name}: ${strips.length} strips on ${formatLength(length, settings)}`"
    data-testid="cloth-map"
    :style="{ '--number': fontSize, '--paper-number': paperFont }"
  >
    <rect
      :width="W"
      :height="H"
      :fill="cloth.colour"
      fill-opacity="0.28"
      stroke="var(--soft)"
      :stroke-width="fontSize * 0.12"
    />
    <g v-for="strip in strips" :key="strip.index" :opacity="done[strip.index] ? 0.45 : 1">
      <template v-for="(cut, c) in strip.cuts" :key="c">
        <polygon
          v-if="pieces.get(cut.piece)?.outline"
          class="piece"
          :points="outlineOf(cut)"
          :fill="cloth.colour"
          :stroke="line"
          :stroke-width="fontSize * 0.1"
        />
        <rect
          v-else
          class="piece"
          v-bind="placed(cut)"
          :fill="cloth.colour"
          :stroke="line"
          :stroke-width="fontSize * 0.1"
        />
        <line
          v-for="(ends, d) in diagonals(cut)"
          :key="`d${d}`"
          :x1="ends[0]"
          :y1="ends[1]"
          :x2="ends[2]"
          :y2="ends[3]"
          :stroke="line"
          :stroke-width="fontSize * 0.1"
        />
      </template>
      <rect
        v-bind="placed(strip)"
        fill="none"
        stroke="var(--ink)"
        :stroke-width="fontSize * (current.includes(strip.index) ? 0.42 : 0.14)"
      />
      <template v-for="(cut, c) in strip.cuts" :key="`t${c}`">
        <text
          v-if="numberClass(cut)"
          :x="placed(cut).x + placed(cut).width / 2"
          :y="placed(cut).y + placed(cut).height / 2"
          text-anchor="middle"
          dominant-baseline="central"
          font-weight="700"
          :class="numberClass(cut)"
          :fill="text"
        >
          {{ letterOf(cut.piece) }}
        </text>
      </template>
    </g>
    <g v-for="(rest, i) in left" :key="`r${i}`">
      <rect
        v-if="isWorthKeeping(rest)"
        v-bind="placed(rest)"
        fill="none"
        stroke="var(--soft)"
        :stroke-width="fontSize * 0.08"
        :stroke-dasharray="`${fontSize * 0.5} ${fontSize * 0.4}`"
      />
    </g>
    <rect
      v-for="strip in strips.filter(({ index }) => current.includes(index))"
      :key="`c${strip.index}`"
      v-bind="placed(strip)"
      fill="none"
      stroke="#a0392a"
      :stroke-width="fontSize * 0.4"
    />
    <text
      :x="W / 2"
      :y="-pad * 0.45"
      text-anchor="middle"
      fill="var(--ink)"
      class="figure"
      :data-path="lying ? lengthPath : usablePath"
    >
      {{ formatLength(lying ? length : usable, settings) }}{{ lying ? ' of cloth' : ' usable' }}
    </text>
    <text
      :x="-pad * 0.4"
      :y="H / 2"
      text-anchor="middle"
      fill="var(--ink)"
      class="figure"
      :data-path="lying ? usablePath : lengthPath"
      :transform="`rotate(-90 ${-pad * 0.4} ${H / 2})`"
    >
      {{ formatLength(lying ? usable : length, settings) }}{{ lying ? ' usable' : '' }}
    </text>
    <text v-if="cloth.selvage > 0 && !size" :x="0" :y="H + pad * 0.85" class="edge" fill="var(--soft)">
      {{ inEnglish(lying ? 'selvage along this edge' : 'selvages left and right', settings.speech) }}
    </text>
  </svg>
</template>

<style scoped>
.map {
  width: 100%;
  max-height: 100%;
  display: block;
}
.letter,
.edge {
  font-size: calc(var(--number) * 1px);
}
.map .figure {
  font-size: calc(var(--number) * 1.15px);
}
/* on paper: outlines and letters, no ink for cloth */
@media print {
  .map {
    max-height: 84mm;
  }
  .map text {
    font-size: calc(var(--paper-number) * 1px);
  }
  .map .piece {
    fill: #fff;
    stroke: #000;
  }
  .map .letter {
    fill: #000;
  }
  .map g {
    opacity: 1;
  }
}
</style>
