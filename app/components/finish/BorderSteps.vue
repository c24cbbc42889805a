<script setup lang="ts">
import type { Plan } from '~~/core/plan/plan'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { formatExactLength } from '~~/words/length'
import { craft } from '~~/words/speech'

const { quilt, plan, border } = defineProps<{
  quilt: Quilt
  plan: Plan
  /** Counted from 1. */
  border: number
}>()
const speech = useSpeech()
const found = computed(() => quilt.borders[border - 1]!)
const pairs = computed(() => {
  const sides = ['left', 'right']
  const ends = ['top', 'bottom']
  return (found.value.first === 'sides' ? [sides, ends] : [ends, sides]).map(names => ({
    names,
    index: plan.borders.findIndex(strip => strip.border === border && strip.side === names[0]),
  }))
})
const SAID: Record<string, string> = { left: 'the sides', top: 'top and bottom' }
const isCornered = computed(() => found.value.corners === 'cornered')
const isMitred = computed(() => found.value.corners === 'mitred')
</script>

<template>
  <section class="card" :aria-label="`Border ${border}`">
    <div class="mb-2 flex items-center gap-3">
      <ClothSwatch :cloth="clothOf(quilt, found.cloth)" :size="40" />
      <h3>Border {{ quilt.borders.length > 1 ? border : '' }} in {{ clothOf(quilt, found.cloth).name }}</h3>
    </div>
    <ol class="space-y-2">
      <li v-for="(pair, p) in pairs" :key="p">
        <p class="text-lg">
          {{ p + 1 }}. {{ p === 0 ? 'First' : 'Then' }} {{ SAID[pair.names[0]!] }}:
          {{ found.pieced ? 'join the units of two strips: each measures' : 'trim two strips to' }}
          <strong><Figure :path="`borders.${pair.index}.length`" :title="`Length of ${SAID[pair.names[0]!]}`" /></strong
          >, <Figure :path="`borders.${pair.index}.width`" title="Width of the strip" /> wide.
        </p>
        <p class="note">
          <template v-if="isCornered && p === 1"
            >Sew a corner to both ends of each strip first; its seams meet those of the first pair.
          </template>
          <template v-if="!found.pieced"
            >Cut rough at <Figure :path="`borders.${pair.index}.rough`" title="Rough length" />.
          </template>
          <template v-if="isMitred"
            >Middle to middle, the same over at both ends; pin, ease, and sew from seam to seam: begin and end
            <span data-given>{{ formatExactLength(quilt.seam, speech) }}</span> from the corners of the top.</template
          >
          <template v-else
            >Mark halves and quarters on strip and top, pin those, then between; ease, never stretch.</template
          >
        </p>
      </li>
      <li v-if="isMitred">
        <p class="text-lg">
          {{ pairs.length + 1 }}. {{ craft('Miter', speech) }} the four corners, one after the other.
        </p>
        <p class="note">
          Fold the top so that two strips lie edge on edge, right sides together. Mark from where their seams end to the
          corner of the border, sew from the inside out, open it: flat and square? Then trim to a seam and press open.
        </p>
      </li>
    </ol>
  </section>
</template>
