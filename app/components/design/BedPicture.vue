<script setup lang="ts">
import type { Bed } from '~~/core/edits/bedFit'
import type { Quilt } from '~~/core/file/quilt'
import { clothOf } from '~~/core/file/quilt'
import type { Inches } from '~~/core/measure/ruler'
import { dimensionsOf } from '~~/core/top/dimensions'
import { formatLength } from '~~/words/length'
import { paintQuilt } from '~/drawing/paintQuilt'

/** The quilt as it lies on a bed, from above with the edges of the mattress, and from the foot. */
const { quilt, bed } = defineProps<{ quilt: Quilt; bed: Bed }>()

const speech = useSpeech()
const size = computed(() => {
  const { width, height } = dimensionsOf(quilt).top.stages.at(-1)!
  return { width: width.total, height: height.total }
})
/** What hangs down: at each side, and at the foot when the tuck is taken up under the pillows. */
const side = computed(() => (size.value.width - bed.width) / 2)
const foot = computed(() => size.value.height - bed.length - bed.tuck)
const SCALE = computed(() => 300 / Math.max(size.value.height, bed.length + 20))
const canvas = useTemplateRef('canvas')
const box = computed(() => ({
  width: Math.round(size.value.width * SCALE.value),
  height: Math.round(size.value.height * SCALE.value),
}))
watchEffect(() => {
  const context = canvas.value?.getContext('2d')
  if (!context) return
  context.clearRect(0, 0, box.value.width, box.value.height)
  paintQuilt(context, quilt, dimensionsOf(quilt), { scale: SCALE.value, left: 0, top: 0 })
})
const edge = computed(() => {
  const outermost = quilt.borders.at(-1)
  return clothOf(quilt, outermost?.cloth ?? quilt.cloths[0]!.id).colour
})
const FLOOR: Inches = 14
/** The quilt from side to side: over the mattress and down. */
const overBed = computed(() => {
  const down = Math.min(side.value, bed.depth + FLOOR)
  return `M-0.9 -0.6v${down}M${bed.width + 0.9} -0.6v${down}M-1.4 -0.9h${bed.width + 2.8}`
})
/** The bed from the foot, in inches: x from the mattress' left edge, y down from its top. */
const view = computed(() => {
  const left = -Math.max(0, side.value) - 2
  const width = Math.max(bed.width, size.value.width) + 4
  return { left, top: -4, width, height: bed.depth + FLOOR + 8 }
})
const FRONT_PX = 320
const frontScale = computed(() => FRONT_PX / view.value.width)
const front = useTemplateRef('front')
/** What shows of the quilt from there, in pixels: the end that hangs down at the foot. */
const hanging = computed(() => ({
  width: Math.round(bed.width * frontScale.value),
  height: Math.round(Math.max(0, Math.min(foot.value, bed.depth + FLOOR)) * frontScale.value),
}))
watchEffect(() => {
  const context = front.value?.getContext('2d')
  if (!context) return
  context.clearRect(0, 0, hanging.value.width, hanging.value.height)
  paintQuilt(context, quilt, dimensionsOf(quilt), {
    scale: frontScale.value,
    left: -side.value * frontScale.value,
    top: -(size.value.height - foot.value) * frontScale.value,
  })
})
const hang = (length: Inches) =>
  length < 0
    ? `ends ${formatLength(-length, speech.value)} short of the edge`
    : length > bed.depth
      ? `hangs ${formatLength(length, speech.value)}, past the mattress`
      : `hangs ${formatLength(length, speech.value)}`
</script>

<template>
  <div class="flex flex-wrap gap-5">
    <figure class="max-w-80">
      <div class="relative" :style="{ width: `${box.width}px`, height: `${box.height}px` }">
        <canvas ref="canvas" :width="box.width" :height="box.height" aria-hidden="true" />
        <svg class="absolute inset-0" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true">
          <rect
            :x="side"
            :y="bed.tuck"
            :width="bed.width"
            :height="bed.length"
            fill="none"
            stroke="#fffdf8"
            stroke-width="1.6"
          />
          <rect
            :x="side"
            :y="bed.tuck"
            :width="bed.width"
            :height="bed.length"
            fill="none"
            stroke="#2a2a2e"
            stroke-width="0.8"
            stroke-dasharray="2.4 1.6"
          />
        </svg>
      </div>
      <figcaption class="note mt-1">From above; dashed, the edges of the mattress.</figcaption>
    </figure>
    <figure class="max-w-80">
      <div class="relative" :style="{ width: `${FRONT_PX}px`, height: `${view.height * frontScale}px` }">
        <svg
          :viewBox="`${view.left} ${view.top} ${view.width} ${view.height}`"
          class="absolute inset-0"
          role="img"
          :aria-label="`From the foot: at each side it ${hang(side)}; at the foot it ${hang(foot)}.`"
        >
          <rect x="0" y="0" :width="bed.width" :height="bed.depth" fill="#f7f0e5" stroke="#5f584d" stroke-width="0.5" />
          <rect x="2" :y="bed.depth" :width="bed.width - 4" :height="FLOOR - 4" fill="#d8cbb0" />
          <path v-if="side > 0" :d="overBed" :stroke="edge" stroke-width="1.4" fill="none" />
          <path
            :d="`M${-Math.max(0, side)} ${bed.depth + FLOOR - 4}H${bed.width + Math.max(0, side)}`"
            stroke="#5f584d"
            stroke-width="0.5"
          />
        </svg>
        <canvas
          v-show="foot > 0"
          ref="front"
          :width="hanging.width"
          :height="hanging.height"
          class="absolute"
          :style="{ left: `${-view.left * frontScale}px`, top: `${-view.top * frontScale}px` }"
          aria-hidden="true"
        />
      </div>
      <figcaption class="note mt-1">
        From the foot: at each side it {{ hang(side) }}; at the foot it {{ hang(foot) }}.
      </figcaption>
    </figure>
  </div>
</template>
