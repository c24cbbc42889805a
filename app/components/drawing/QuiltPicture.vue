<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { dimensionsOf } from '~~/core/top/dimensions'
import { drawnTop } from '~~/core/top/parts'
import { paintQuilt } from '~/drawing/paintQuilt'

/** A whole quilt, small, in the middle of its room. Sizes in pixels. */
const {
  quilt,
  width,
  height,
  grey = undefined,
} = defineProps<{ quilt: Quilt; width: number; height: number; grey?: (colour: string) => string }>()

const MARGIN_PX = 8
const canvas = useTemplateRef('canvas')
const dimensions = computed(() => dimensionsOf(quilt))
watchEffect(() => {
  const context = canvas.value?.getContext('2d')
  if (!context) return
  const whole = drawnTop(dimensions.value)
  const scale = Math.min((width - 2 * MARGIN_PX) / whole.width, (height - 2 * MARGIN_PX) / whole.height)
  context.clearRect(0, 0, width, height)
  paintQuilt(context, quilt, dimensions.value, {
    scale,
    left: (width - whole.width * scale) / 2,
    top: (height - whole.height * scale) / 2,
    ...(grey ? { grey } : {}),
  })
})
</script>

<template>
  <canvas ref="canvas" :width="width" :height="height" class="mx-auto block w-full" aria-hidden="true" />
</template>
