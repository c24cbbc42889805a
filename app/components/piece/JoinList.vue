<script setup lang="ts">
import type { Recipe } from '~~/core/sewing/recipe'
import type { Quilt } from '~~/core/quilt/quilt'
import { formatSize } from '~~/words/length'
import { stepText } from '~~/words/step'

const { recipe, quilt } = defineProps<{ recipe: Recipe, quilt: Quilt }>()
const speech = useSpeech()
</script>

<template>
  <ol class="joins">
    <li v-for="({ step, times }, i) in recipe.joins" :key="i">
      <div class="shot"><PictureView :picture="step.picture" :cloths="quilt.cloths" :label="stepText(step, speech)" /></div>
      <p class="figure !whitespace-normal"><strong>{{ i + 1 }}.</strong> <span v-if="times > 1" class="font-semibold">{{ times }} alike. </span>{{ stepText(step, speech) }} <span v-if="step.expect" class="note">Now {{ formatSize(step.expect.width, step.expect.height, speech) }}.</span></p>
    </li>
    <li>
      <div class="shot"><PictureView :picture="recipe.picture" :cloths="quilt.cloths" label="The finished block" /></div>
      <p class="figure !whitespace-normal">{{ stepText({ code: 'block-done', data: recipe.size }, speech) }}</p>
    </li>
  </ol>
</template>

<style scoped>
.joins { display: grid; grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr)); gap: 1.1rem; }
.shot { height: 9rem; margin-bottom: 0.4rem; }
li { break-inside: avoid; }
@media print { .joins { grid-template-columns: repeat(4, 1fr); font-size: 0.85em; } .shot { height: 30mm; } }
</style>
