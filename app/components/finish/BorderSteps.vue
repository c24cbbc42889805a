<script setup lang="ts">
import type { Plan } from '~~/core/plan/plan'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { borderSteps } from '~~/words/border'

const { quilt, plan, border } = defineProps<{
  quilt: Quilt
  plan: Plan
  /** Counted from 1. */
  border: number
}>()
const speech = useSpeech()
const cloth = computed(() => clothOf(quilt, quilt.borders[border - 1]!.cloth))
const steps = computed(() => borderSteps(quilt, plan, border, speech.value))
</script>

<template>
  <section class="card" :aria-label="`Border ${border}`">
    <div class="mb-2 flex items-center gap-3">
      <ClothSwatch :cloth="cloth" :size="40" />
      <h3>Border {{ quilt.borders.length > 1 ? border : '' }} in {{ cloth.name }}</h3>
    </div>
    <ol class="space-y-2">
      <li v-for="({ does, how }, s) in steps" :key="s">
        <p class="text-lg">{{ s + 1 }}. <FigureText :parts="does" /></p>
        <p class="note"><FigureText :parts="how" /></p>
      </li>
    </ol>
  </section>
</template>
