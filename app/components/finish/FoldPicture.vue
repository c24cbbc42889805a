<script setup lang="ts">
import { inEnglish } from '~~/words/speech'

/** The layers cut across, seen from their edge: how the allowances of the backs stand and are folded. */
const { shows } = defineProps<{
  shows: 'layers' | 'joined' | 'opened' | 'folded' | 'edge'
  colours: { block: string; back: string }
}>()

const LABELS = {
  layers: 'Block, batting and back from the edge: the back is larger',
  joined: 'Two blocks back to back, sewn along the batting',
  opened: 'Opened flat: both allowances stand up in front',
  folded: 'Each allowance folded in half and over its block',
  edge: 'The allowance folded in half round the edge',
} as const
const speech = useSpeech()
const said = computed(() => inEnglish(LABELS[shows], speech.value))
/** How far an allowance reaches, in the units of the drawing. */
const E = 26
</script>

<template>
  <figure>
    <svg class="fold" viewBox="-110 -54 220 88" role="img" :aria-label="said">
      <template v-if="shows === 'layers'">
        <rect x="-60" y="-8" width="120" height="10" class="batting" />
        <rect x="-60" y="-14" width="120" height="5" :fill="colours.block" class="cloth" />
        <rect :x="-60 - E" y="3" :width="120 + 2 * E" height="4" :fill="colours.back" class="cloth" />
      </template>
      <template v-else-if="shows === 'joined'">
        <template v-for="side in [-1, 1]" :key="side">
          <rect :x="side < 0 ? -13 : 3" y="-22" width="10" height="52" class="batting" />
          <rect :x="side < 0 ? -19 : 14" y="-22" width="5" height="52" :fill="colours.block" class="cloth" />
          <rect
            :x="side < 0 ? -2.5 : -0.5"
            :y="-22 - E"
            width="3"
            :height="52 + E"
            :fill="colours.back"
            class="cloth"
          />
        </template>
        <line x1="-12" y1="-22" x2="12" y2="-22" class="stitch" />
      </template>
      <template v-else>
        <template v-for="side in shows === 'edge' ? [-1] : [-1, 1]" :key="side">
          <g :transform="`scale(${side}, 1)`">
            <rect x="1" y="-8" width="98" height="10" class="batting" />
            <rect x="1" y="-14" width="98" height="5" :fill="colours.block" class="cloth" />
            <path
              v-for="kind in ['outline', 'back']"
              :key="kind"
              :d="
                shows === 'opened'
                  ? `M99 5H1V${-14 - E}`
                  : `M99 5H${shows === 'edge' ? -3 : 1}V-22H${E / 2}V-18H${shows === 'edge' ? 0 : 3}`
              "
              :class="kind"
              :stroke="kind === 'back' ? colours.back : undefined"
            />
            <line v-if="shows !== 'opened'" :x1="E / 2 - 3" y1="-25" :x2="E / 2 - 3" y2="8" class="stitch" />
          </g>
        </template>
        <line v-if="shows !== 'edge'" x1="0" y1="-6" x2="0" y2="8" class="stitch" />
      </template>
    </svg>
    <figcaption class="note">{{ said }}.</figcaption>
  </figure>
</template>

<style scoped>
.fold {
  display: block;
  width: 100%;
  max-width: 34rem;
  max-height: 24rem;
  print-color-adjust: exact;
}
.batting {
  fill: #efe6d2;
  stroke: #8b7f66;
  stroke-width: 0.8;
}
.cloth {
  stroke: #1d1b18;
  stroke-width: 0.6;
}
.outline,
.back {
  fill: none;
  stroke-linejoin: round;
}
.outline {
  stroke: #1d1b18;
  stroke-width: 4.2;
}
.back {
  stroke-width: 3;
}
.stitch {
  stroke: var(--madder);
  stroke-width: 1.6;
  stroke-dasharray: 4 2.5;
}
</style>
