<script setup lang="ts">
import type { Inches } from '~~/core/measure/ruler'
import type { TapeSegment } from '~~/core/top/parts'
import { samePart, type TopPart } from '~~/core/top/regions/region'
import { formatMark } from '~~/words/length'

const {
  segments,
  side,
  scale,
  selected = null,
  step,
  colours,
  readonly = false,
} = defineProps<{
  segments: readonly TapeSegment[]
  /** Along the top edge or down the left. */
  side: 'width' | 'height'
  /** Pixels to the inch. */
  scale: number
  selected?: TopPart | null
  /** The ruler's step: what a drag snaps to. */
  step: Inches
  /** A colour for the edge of each segment. */
  colours: readonly string[]
  readonly?: boolean
}>()
const emit = defineEmits<{
  select: [part: TopPart]
  preview: [part: TopPart, size: Inches | null]
  commit: [part: TopPart, size: Inches]
  /** By so many ruler steps. */
  nudge: [part: TopPart, steps: number]
}>()

const settings = useSettings()
/** So deep that a mixed number stands between the band of colour and the marks. */
const deep = computed(() => (side === 'width' ? 48 : 60))
const BAND_PX = 7
const MARK_PX = 12
const root = useTemplateRef('root')
const total = computed(() => segments.reduce((sum, segment) => sum + segment.size, 0))
const length = computed(() => total.value * scale)
const at = ref(0)
const isAcross = computed(() => side === 'width')
/**
 * Marks like those of a tape, in one path: an inch or a centimetre each, every fifth longer; fewer where they would
 * be too dense.
 */
const marks = computed(() => {
  const unit = settings.units === 'cm' ? 1 / 2.54 : 1
  const every = [1, 2, 5, 10].find(n => n * unit * scale >= 6) ?? 20
  return Array.from({ length: Math.floor(total.value / unit / every) + 1 }, (_, i) => {
    const along = (i * every * unit * scale).toFixed(1)
    const long = (i * every) % (every * 5) === 0 ? MARK_PX : MARK_PX / 2
    return isAcross.value ? `M${along} ${deep.value}v${-long}` : `M${deep.value} ${along}h${-long}`
  }).join('')
})
const labels = computed(() =>
  segments.map(segment => ({
    at: (segment.start + segment.size / 2) * scale,
    text: formatMark(segment.size, settings),
    // with room between two neighbours: 3 beside 3 is not 33
    fits: segment.size * scale > formatMark(segment.size, settings).length * 7.6 + 8,
  })),
)
const current = computed(() => segments[Math.min(at.value, segments.length - 1)])
const isSelected = (segment: TapeSegment) =>
  samePart(selected, segment.part)
  || (selected?.kind === 'block'
    && segment.part.kind === 'block'
    && (isAcross.value ? segment.part.column === selected.column : segment.part.row === selected.row))
  || (selected?.kind === 'cornerstone' && segment.part.kind === 'sash')

function indexAt(event: PointerEvent): number {
  const box = root.value!.getBoundingClientRect()
  const along = (isAcross.value ? event.clientX - box.left : event.clientY - box.top) / scale
  const centre = (segment: TapeSegment) => Math.max(segment.start - along, along - segment.start - segment.size, 0)
  return segments.reduce((best, segment, i) => (centre(segment) < centre(segments[best]!) ? i : best), 0)
}

let drag: { index: number; from: number; size: Inches; moved: boolean } | null = null

function onDown(event: PointerEvent) {
  const index = indexAt(event)
  at.value = index
  emit('select', segments[index]!.part)
  if (readonly) return
  drag = { index, from: isAcross.value ? event.clientX : event.clientY, size: segments[index]!.size, moved: false }
  root.value!.setPointerCapture(event.pointerId)
}

function sizeAt(event: PointerEvent): Inches {
  const moved = ((isAcross.value ? event.clientX : event.clientY) - drag!.from) / scale
  return Math.max(step || 1 / 8, Math.round((drag!.size + moved) / (step || 1 / 8)) * (step || 1 / 8))
}

function onMove(event: PointerEvent) {
  if (!drag) return
  if (!drag.moved && Math.abs((isAcross.value ? event.clientX : event.clientY) - drag.from) < 5) return
  drag.moved = true
  emit('preview', segments[drag.index]!.part, sizeAt(event))
}

function onEnd(event: PointerEvent, keep: boolean) {
  if (!drag) return
  const { moved, index } = drag
  const size = sizeAt(event)
  drag = null
  if (!moved) return
  if (keep) emit('commit', segments[index]!.part, size)
  else emit('preview', segments[index]!.part, null)
}

function onKey(event: KeyboardEvent) {
  const forward = isAcross.value ? 'ArrowRight' : 'ArrowDown'
  const back = isAcross.value ? 'ArrowLeft' : 'ArrowUp'
  if (event.key === forward || event.key === back) {
    at.value = Math.min(segments.length - 1, Math.max(0, at.value + (event.key === forward ? 1 : -1)))
    emit('select', current.value!.part)
  } else if (event.key === '[' || event.key === '-') emit('nudge', current.value!.part, -1)
  else if (event.key === ']' || event.key === '+') emit('nudge', current.value!.part, 1)
  else if (event.key === 'Enter' || event.key === ' ') emit('select', current.value!.part)
  else return
  event.preventDefault()
}
</script>

<template>
  <svg
    ref="root"
    class="tape"
    :width="isAcross ? length : deep"
    :height="isAcross ? deep : length"
    tabindex="0"
    role="slider"
    :aria-orientation="isAcross ? 'horizontal' : 'vertical'"
    :aria-label="isAcross ? 'Tape across the quilt' : 'Tape down the quilt'"
    :aria-valuetext="current ? `${current.part.kind} ${formatMark(current.size, settings)}` : ''"
    :aria-valuenow="current?.size ?? 0"
    aria-valuemin="0"
    :aria-valuemax="total"
    :data-testid="`tape-${side}`"
    @pointerdown="onDown"
    @pointermove="onMove"
    @pointerup="onEnd($event, true)"
    @pointercancel="onEnd($event, false)"
    @lostpointercapture="onEnd($event, false)"
    @keydown="onKey"
  >
    <rect width="100%" height="100%" fill="var(--tape)" stroke="var(--line)" />
    <path :d="marks" stroke="var(--walnut)" fill="none" />
    <template v-if="isAcross">
      <rect
        v-for="(segment, i) in segments"
        :key="i"
        :x="segment.start * scale"
        y="0"
        :width="Math.max(0, segment.size * scale - 1)"
        :height="BAND_PX"
        :fill="colours[i]"
      />
      <text
        v-for="(label, i) in labels"
        v-show="label.fits"
        :key="`t${i}`"
        :x="label.at"
        y="28"
        text-anchor="middle"
        class="tape-figure"
      >
        {{ label.text }}
      </text>
    </template>
    <template v-else>
      <rect
        v-for="(segment, i) in segments"
        :key="i"
        x="0"
        :y="segment.start * scale"
        :width="BAND_PX"
        :height="Math.max(0, segment.size * scale - 1)"
        :fill="colours[i]"
      />
      <text
        v-for="(label, i) in labels"
        v-show="segments[i]!.size * scale > 17"
        :key="`t${i}`"
        :x="(BAND_PX + deep - MARK_PX) / 2"
        :y="label.at + 6"
        text-anchor="middle"
        class="tape-figure"
        :class="{ long: label.text.length > 3 }"
      >
        {{ label.text }}
      </text>
    </template>
    <rect
      v-for="(segment, i) in segments.filter(isSelected)"
      :key="`s${i}`"
      fill="var(--madder)"
      fill-opacity="0.12"
      stroke="var(--madder)"
      stroke-width="2.5"
      rx="5"
      :x="isAcross ? segment.start * scale - 2 : 1.5"
      :y="isAcross ? 1.5 : segment.start * scale - 2"
      :width="isAcross ? segment.size * scale + 4 : deep - 3"
      :height="isAcross ? deep - 3 : segment.size * scale + 4"
    />
  </svg>
</template>

<style scoped>
.tape {
  display: block;
  cursor: pointer;
  touch-action: none;
  user-select: none;
  overflow: visible;
}
.tape-figure {
  font-size: 17px;
  font-weight: 600;
  fill: var(--ink);
  font-feature-settings: 'frac';
}
.tape-figure.long {
  font-size: 15px;
}
</style>
