<script setup lang="ts">
import type { Design } from '~~/core/designs/design'
import { rolesOf } from '~~/core/designs/design'
import { squaresUrl } from '~/drawing/paintSquares'

const {
  design,
  colours = {},
  size = 96,
} = defineProps<{
  design: Design
  /** Role → colour; undressed roles get quiet greys. */
  colours?: Readonly<Record<string, string>>
  size?: number
}>()

const QUIET = ['#4b4640', '#e8dcc3', '#a0392a', '#c9973a', '#8d8577']
const colourOf = computed(
  () => new Map(rolesOf(design).map((role, i) => [role, colours[role] ?? QUIET[i % QUIET.length]!])),
)
/** Thousands of squares are one small picture, a point each. */
const points = computed(() => (design.picture ? squaresUrl(design, role => colourOf.value.get(role)!) : null))
</script>

<template>
  <svg
    :viewBox="`-0.03 -0.03 ${design.width + 0.06} ${design.height + 0.06}`"
    :width="size"
    :height="(size * design.height) / design.width"
    aria-hidden="true"
  >
    <image
      v-if="points"
      :href="points"
      :width="design.width"
      :height="design.height"
      preserveAspectRatio="none"
      class="points"
    />
    <polygon
      v-for="(patch, i) in points ? [] : design.patches"
      :key="i"
      :points="patch.points.map(p => p.join()).join(' ')"
      :fill="colourOf.get(patch.role)"
      stroke="#00000030"
      :stroke-width="design.width / 160"
      stroke-linejoin="round"
    />
  </svg>
</template>

<style scoped>
.points {
  image-rendering: pixelated;
}
</style>
