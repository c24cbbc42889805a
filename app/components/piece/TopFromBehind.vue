<script setup lang="ts">
import type { Cloth } from '~~/core/file/quilt'
import type { Polygon } from '~~/core/geometry/polygon'
import type { Recipe } from '~~/core/recipes/recipe'
import type { TopFromBehind } from '~~/core/recipes/topFromBehind'
import { sideColour } from '~/drawing/sideColour'

/** The rows turned over: every allowance lies the way it is pressed. */
const { behind, recipes, cloths } = defineProps<{
  behind: TopFromBehind
  recipes: readonly Recipe[]
  cloths: readonly Pick<Cloth, 'id' | 'colour'>[]
}>()

const id = useId()
const colours = computed(() => new Map(cloths.map(cloth => [cloth.id, cloth.colour])))
const points = (polygon: Polygon) => polygon.map(point => point.join()).join(' ')
/** Each back view once, however many places show it. */
const used = computed(() => [...new Set(behind.blocks.map(({ recipe }) => recipe))])
/** Round its middle. */
function lies({ recipe, x, y, turn, scale }: TopFromBehind['blocks'][number]): string {
  const { width, height } = recipes[recipe]!.back
  return `translate(${x} ${y}) rotate(${turn}) scale(${scale}) translate(${-width / 2} ${-height / 2})`
}
const unit = computed(() => Math.max(behind.width, behind.height) / 400)
</script>

<template>
  <svg
    :viewBox="`${-unit} ${-unit} ${behind.width + 2 * unit} ${behind.height + 2 * unit}`"
    role="img"
    aria-label="All rows from behind, as they are pressed"
    class="behind"
  >
    <defs>
      <g v-for="r in used" :id="`${id}-${r}`" :key="r" :stroke-width="unit * 0.5" stroke="#26282b">
        <polygon
          v-for="(shape, i) in recipes[r]!.back.shapes"
          :key="i"
          :points="points(shape.points)"
          :fill="sideColour(shape.cloth === null ? undefined : colours.get(shape.cloth), shape.side)"
        />
      </g>
      <marker
        :id="`${id}-head`"
        viewBox="0 0 10 10"
        refX="6"
        refY="5"
        markerWidth="4"
        markerHeight="4"
        orient="auto-start-reverse"
      >
        <path d="M0 0L10 5L0 10z" fill="#a0392a" />
      </marker>
    </defs>
    <polygon
      v-for="(piece, i) in behind.plain"
      :key="`p${i}`"
      :points="points(piece.points)"
      :fill="sideColour(colours.get(piece.cloth), 'wrong')"
      stroke="#26282b"
      :stroke-width="unit * 0.5"
    />
    <use
      v-for="(placed, i) in behind.blocks"
      :key="`b${i}`"
      :href="`#${id}-${placed.recipe}`"
      :transform="lies(placed)"
    />
    <polygon
      v-for="(band, i) in behind.allowances"
      :key="`a${i}`"
      :points="points(band)"
      fill="#fffdf8"
      fill-opacity="0.75"
      stroke="#26282b"
      :stroke-width="unit * 0.4"
    />
    <line
      v-for="({ from, to }, i) in behind.arrows"
      :key="`r${i}`"
      :x1="from[0]"
      :y1="from[1]"
      :x2="to[0]"
      :y2="to[1]"
      stroke="#a0392a"
      :stroke-width="unit * 1.2"
      :marker-end="`url(#${id}-head)`"
    />
  </svg>
</template>

<style scoped>
.behind {
  display: block;
  width: 100%;
  max-height: 80vh;
}
@media print {
  .behind {
    max-height: 7in;
  }
}
</style>
