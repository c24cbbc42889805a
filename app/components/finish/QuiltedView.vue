<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import type { Box } from '~~/core/geometry/polygon'
import type { PlannedQuilting } from '~~/core/plan/plannedQuilting'
import { rawPlace } from '~~/core/quilting/quiltedTop'
import { dimensionsOf } from '~~/core/top/dimensions'
import { quiltPainter } from '~/drawing/paintQuilt'
import { quiltingPainter } from '~/drawing/paintQuilting'
import { TiledPicture, type TilePainter } from '~/drawing/tiledPicture'

/** The quilt with its lines on it, to look at from near: moved about in, larger and smaller. */
const {
  quilt,
  quilting,
  warn = false,
} = defineProps<{
  quilt: Quilt
  quilting: PlannedQuilting | null
  /** The widest place is wider than the batting allows. */
  warn?: boolean
}>()

const MARGIN_PX = 10
/** Nearer than this there is nothing more to see, in pixels to the inch. */
const MAX_SCALE = 48

const frame = useTemplateRef('frame')
const canvas = useTemplateRef('canvas')
const { width: across, height: down } = useElementSize(frame)
const { pixelRatio: ratio } = useDevicePixelRatio()
const dimensions = computed(() => dimensionsOf(quilt))
const size = computed(() => rawPlace(quilt, dimensions.value))
/** Pixels to the inch where the whole quilt is seen. */
const fit = computed(() =>
  Math.max(
    0.1,
    Math.min((across.value - 2 * MARGIN_PX) / size.value.width, (down.value - 2 * MARGIN_PX) / size.value.height),
  ),
)
const most = computed(() => Math.max(1, MAX_SCALE / fit.value))
const { view, isMoving, nearer, farther, whole, lookAt, onKey } = usePanZoom(frame, most)
/** Where the quilt lies in the frame. */
const place = computed(() => {
  const { k, x, y } = view.value
  return {
    scale: fit.value * k,
    left: x + (k * (across.value - size.value.width * fit.value)) / 2,
    top: y + (k * (down.value - size.value.height * fit.value)) / 2,
  }
})

const picture = computed(() => {
  const cloth = quiltPainter(quilt, dimensions.value)
  const lines = quilting && quiltingPainter(quilting, ratio.value)
  const { width, height, beyond, sx, sy } = size.value
  const paint: TilePainter = (context, scale, tile) => {
    context.save()
    context.translate(beyond * scale, beyond * scale)
    context.scale(sx, sy)
    cloth(context, { scale, left: 0, top: 0, seen: boxIn(tile, beyond * scale, sx, sy) })
    context.restore()
    lines?.(context, scale, tile)
  }
  return new TiledPicture(paint, width, height)
})
function boxIn({ x, y, width, height }: Box, off: number, sx: number, sy: number): Box {
  return { x: (x - off) / sx, y: (y - off) / sy, width: width / sx, height: height / sy }
}
useTiledCanvas(canvas, { picture, place, isMoving, across, down })

function lookAtGap() {
  const { x, y, size: wide } = quilting!.gap
  const [left, top] = [across.value - size.value.width * fit.value, down.value - size.value.height * fit.value]
  const times = Math.min(across.value, down.value) / (2.5 * wide * fit.value)
  lookAt(left / 2 + x * fit.value, top / 2 + y * fit.value, times)
}
</script>

<template>
  <div class="no-print">
    <div class="mb-2 flex flex-wrap gap-2" role="group" aria-label="Look at the quilt">
      <UButton :disabled="view.k >= most" @click="nearer()">
        <UIcon name="i-lucide-zoom-in" class="size-5" />Nearer
      </UButton>
      <UButton :disabled="view.k <= 1" @click="farther()">
        <UIcon name="i-lucide-zoom-out" class="size-5" />Farther
      </UButton>
      <UButton :disabled="view.k <= 1" data-testid="see-whole" @click="whole()">
        <UIcon name="i-lucide-maximize" class="size-5" />The whole quilt
      </UButton>
      <UButton v-if="quilting" data-testid="see-gap" @click="lookAtGap()">
        <UIcon name="i-lucide-circle-dashed" class="size-5" />The widest place
      </UButton>
    </div>
    <div
      ref="frame"
      class="frame"
      :class="{ near: view.k > 1 }"
      tabindex="0"
      role="application"
      :aria-label="`The quilt${
        quilting ? ` with ${quilting.lines.length} lines of quilting` : ''
      }. Plus and minus go nearer and farther, arrow keys move, 0 shows the whole.`"
      data-testid="quilted"
      @keydown="onKey"
    >
      <canvas ref="canvas" class="absolute inset-0 h-full w-full" />
      <svg v-if="quilting" class="absolute inset-0 h-full w-full" aria-hidden="true">
        <GapCircle
          :x="place.left + quilting.gap.x * place.scale"
          :y="place.top + quilting.gap.y * place.scale"
          :r="(quilting.gap.size / 2) * place.scale"
          :warn="warn"
        />
      </svg>
    </div>
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  height: clamp(24rem, 100vh - 23rem, 48rem);
  overflow: hidden;
  cursor: zoom-in;
  touch-action: pan-y;
}
.frame.near {
  cursor: grab;
  touch-action: none;
}
.frame.near:active {
  cursor: grabbing;
}
</style>
