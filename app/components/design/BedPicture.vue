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
const hang = (length: Inches) =>
  length < 0
    ? `ends ${formatLength(-length, speech.value)} short of the edge`
    : length > bed.depth
      ? `hangs ${formatLength(length, speech.value)}, past the mattress`
      : `hangs ${formatLength(length, speech.value)}`
</script>

<template>
  <div class="flex flex-wrap gap-5">
    <figure>
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
    <figure>
      <svg
        :viewBox="`${-Math.max(0, side) - 2} -4 ${Math.max(bed.width, size.width) + 4} ${bed.depth + FLOOR + 8}`"
        class="w-72"
        role="img"
        :aria-label="`From the foot: at each side it ${hang(side)}; at the foot it ${hang(foot)}.`"
      >
        <rect x="0" y="0" :width="bed.width" :height="bed.depth" fill="#f7f0e5" stroke="#5f584d" stroke-width="0.5" />
        <rect x="2" :y="bed.depth" :width="bed.width - 4" :height="FLOOR - 4" fill="#d8cbb0" />
        <rect
          v-if="foot > 0"
          x="0"
          y="-0.6"
          :width="bed.width"
          :height="Math.min(foot, bed.depth + FLOOR) + 0.6"
          :fill="edge"
          fill-opacity="0.85"
        />
        <path v-if="side > 0" :d="overBed" :stroke="edge" stroke-width="1.4" fill="none" />
        <path
          :d="`M${-Math.max(0, side)} ${bed.depth + FLOOR - 4}H${bed.width + Math.max(0, side)}`"
          stroke="#5f584d"
          stroke-width="0.5"
        />
      </svg>
      <figcaption class="note mt-1">
        From the foot: at each side it {{ hang(side) }}; at the foot it {{ hang(foot) }}.
      </figcaption>
    </figure>
  </div>
</template>
