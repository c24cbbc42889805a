<script setup lang="ts">
import type { Cloth } from '~~/core/file/quilt'
import type { Picture } from '~~/core/make/steps/picture'
import { sideColour } from '~/drawing/sideColour'

const {
  picture,
  cloths,
  label,
  mirror = false,
  arrows = 1,
} = defineProps<{
  picture: Picture
  cloths: readonly Pick<Cloth, 'id' | 'colour' | 'letter'>[]
  /** For those who cannot see it. */
  label: string
  /** For the left hand. */
  mirror?: boolean
  /** How thick arrows are drawn: less than 1 where there are many. */
  arrows?: number
}>()

const id = useId()
const pad = computed(() => Math.max(picture.width, picture.height) * 0.05)
const unit = computed(() => Math.max(picture.width, picture.height) / 100)
const viewBox = computed(
  () => `${-pad.value} ${-pad.value} ${picture.width + 2 * pad.value} ${picture.height + 2 * pad.value}`,
)
const colours = computed(() => new Map(cloths.map(cloth => [cloth.id, cloth.colour])))
const points = (list: readonly (readonly [number, number])[]) => list.map(p => p.join()).join(' ')
const colourOf = (cloth: string | null, side: 'right' | 'wrong') =>
  sideColour(cloth === null ? undefined : colours.value.get(cloth), side)
</script>

<template>
  <svg
    :viewBox="viewBox"
    role="img"
    :aria-label="label"
    class="picture picture-ground"
    :style="mirror ? 'transform: scaleX(-1)' : undefined"
  >
    <defs>
      <pattern
        :id="`${id}-wrong`"
        :width="unit * 4"
        :height="unit * 4"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" :y2="unit * 4" stroke="#00000030" :stroke-width="unit" />
      </pattern>
      <marker
        :id="`${id}-head`"
        viewBox="0 0 10 10"
        refX="6"
        refY="5"
        markerWidth="5"
        markerHeight="5"
        orient="auto-start-reverse"
      >
        <path d="M0 0L10 5L0 10z" fill="#a0392a" stroke="#fff" stroke-width="1" />
      </marker>
    </defs>
    <template v-for="(shape, i) in picture.shapes" :key="i">
      <polygon
        :points="points(shape.points)"
        :fill="colourOf(shape.cloth, shape.side)"
        stroke="#26282b"
        :stroke-width="unit * 0.5"
        stroke-linejoin="round"
      />
      <polygon v-if="shape.side === 'wrong'" :points="points(shape.points)" :fill="`url(#${id}-wrong)`" />
    </template>
    <template v-for="(line, i) in picture.lines" :key="`l${i}`">
      <line
        v-if="line.kind !== 'edge'"
        :x1="line.from[0]"
        :y1="line.from[1]"
        :x2="line.to[0]"
        :y2="line.to[1]"
        stroke="#fffdf8"
        :stroke-width="unit * 2.2"
        stroke-opacity="0.75"
      />
      <line
        :x1="line.from[0]"
        :y1="line.from[1]"
        :x2="line.to[0]"
        :y2="line.to[1]"
        :stroke="line.kind === 'cut' ? '#a0392a' : '#26282b'"
        :stroke-width="unit * (line.kind === 'mark' ? 0.6 : line.kind === 'edge' ? 0.7 : 1.2)"
        :stroke-dasharray="
          line.kind === 'sew'
            ? `${unit * 3} ${unit * 2}`
            : line.kind === 'mark'
              ? `${unit * 0.8} ${unit * 1.6}`
              : undefined
        "
      />
    </template>
    <circle
      v-for="(dot, i) in picture.dots ?? []"
      :key="`d${i}`"
      :cx="dot[0]"
      :cy="dot[1]"
      :r="unit * 2"
      fill="#a0392a"
      stroke="#fff"
      :stroke-width="unit * 0.8"
    />
    <template v-for="(arrow, i) in picture.arrows" :key="`a${i}`">
      <line
        :x1="arrow.from[0]"
        :y1="arrow.from[1]"
        :x2="arrow.to[0]"
        :y2="arrow.to[1]"
        stroke="#fff"
        :stroke-width="unit * 4.4 * arrows"
        stroke-linecap="round"
      />
      <line
        :x1="arrow.from[0]"
        :y1="arrow.from[1]"
        :x2="arrow.to[0]"
        :y2="arrow.to[1]"
        stroke="#a0392a"
        :stroke-width="unit * 2.2 * arrows"
        :marker-end="`url(#${id}-head)`"
      />
    </template>
  </svg>
</template>

<style scoped>
.picture {
  width: 100%;
  height: 100%;
  display: block;
}
</style>
