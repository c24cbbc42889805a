<script setup lang="ts">
import { greyOf, lightness } from '~~/core/measure/lightness'
import type { Cloth } from '~~/core/file/quilt'
import { markColour, motifsOf, TILE } from '~/drawing/motifs'

const {
  cloth,
  size = 44,
  grey = false,
} = defineProps<{
  cloth: Pick<Cloth, 'letter' | 'colour' | 'pattern' | 'picture'>
  size?: number
  /** By its value alone. */
  grey?: boolean
}>()
const id = useId()
const light = computed(() => lightness(cloth.colour))
const colour = computed(() => (grey ? greyOf(cloth.colour) : cloth.colour))
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 44 44" class="flex-none" aria-hidden="true">
    <defs>
      <pattern :id="id" :width="TILE" :height="TILE" patternUnits="userSpaceOnUse">
        <rect :width="TILE" :height="TILE" :fill="colour" />
        <path
          v-for="motif in grey ? [] : motifsOf(cloth.pattern)"
          :key="motif.path"
          :d="motif.path"
          :fill="motif.kind === 'fill' ? markColour(light) : 'none'"
          :stroke="motif.kind === 'stroke' ? markColour(light) : 'none'"
          stroke-width="1.4"
        />
      </pattern>
    </defs>
    <rect
      x="0.75"
      y="0.75"
      width="42.5"
      height="42.5"
      rx="7"
      :fill="`url(#${id})`"
      stroke="currentColor"
      stroke-opacity="0.45"
      stroke-width="1.5"
    />
    <image
      v-if="cloth.picture && !grey"
      :href="cloth.picture"
      x="1.5"
      y="1.5"
      width="41"
      height="41"
      preserveAspectRatio="xMidYMid slice"
      clip-path="inset(0 round 6px)"
    />
    <circle
      v-if="cloth.letter"
      cx="22"
      cy="22"
      r="11.5"
      :fill="light < 55 ? '#fffdf8' : '#26282b'"
      fill-opacity="0.88"
    />
    <text
      v-if="cloth.letter"
      x="22"
      y="27.5"
      text-anchor="middle"
      font-weight="700"
      :font-size="cloth.letter.length > 1 ? 12 : 16"
      :fill="light < 55 ? '#26282b' : '#fffdf8'"
    >
      {{ cloth.letter }}
    </text>
  </svg>
</template>
