<script setup lang="ts">
import { lightness } from '~~/core/measure/lightness'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import type { PlannedPiecedBack } from '~~/core/plan/plannedPiecedBack'
import { pieceNames } from '~~/words/back'

/** The back from its right side, each piece with its name; one panel or unit may stand out. */
const {
  back,
  quilt,
  panel = null,
  unit = null,
} = defineProps<{ back: PlannedPiecedBack; quilt: Quilt; panel?: number | null; unit?: number | null }>()

interface DrawnPiece {
  x: number
  y: number
  width: number
  height: number
  name: string
  colour: string
  isNew: boolean
  isOut: boolean
}
const shapes = computed((): DrawnPiece[] => {
  const names = pieceNames(back)
  const seam = 2 * quilt.seam
  return back.panels.flatMap(({ units }, p) =>
    units.flatMap(({ pieces }, u) =>
      pieces.map(({ thing, width, height, x, y }, i) => {
        const cloth = thing === null ? quilt.backing!.cloth : back.things[thing]!.cloth
        return {
          x,
          y,
          width: width - seam,
          height: height - seam,
          name: names[p]![u]![i]!,
          colour: cloth === null ? '#d9d2c3' : clothOf(quilt, cloth).colour,
          isNew: thing === null,
          isOut: panel !== null && (panel !== p || (unit !== null && unit !== u)),
        }
      }),
    ),
  )
})
const size = computed(() => ({
  width: Math.max(...shapes.value.map(({ x, width }) => x + width)),
  height: Math.max(...shapes.value.map(({ y, height }) => y + height)),
}))
/** Dark cloth takes pale names. */
const ink = (colour: string) => (lightness(colour) < 55 ? '#ffffff' : '#1d1b18')
const textSize = ({ width, height, name }: DrawnPiece) =>
  Math.min(size.value.height / 22, height * 0.62, (width / name.length) * 1.35)
</script>

<template>
  <svg
    class="back"
    :viewBox="`-0.4 -0.4 ${size.width + 0.8} ${size.height + 0.8}`"
    role="img"
    aria-label="The back, piece by piece"
    data-testid="pieced-back"
  >
    <g v-for="(shape, i) in shapes" :key="i" :opacity="shape.isOut ? 0.18 : 1">
      <rect
        :x="shape.x"
        :y="shape.y"
        :width="shape.width"
        :height="shape.height"
        :fill="shape.colour"
        stroke="#1d1b18"
        :stroke-width="size.width / 400"
        :stroke-dasharray="shape.isNew ? `${size.width / 60} ${size.width / 90}` : undefined"
      />
      <text
        :x="shape.x + shape.width / 2"
        :y="shape.y + shape.height / 2"
        :font-size="textSize(shape)"
        :fill="ink(shape.colour)"
        text-anchor="middle"
        dominant-baseline="central"
      >
        {{ shape.name }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.back {
  display: block;
  width: 100%;
  height: 100%;
  max-height: 44rem;
  print-color-adjust: exact;
}
</style>
