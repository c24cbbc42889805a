<script setup lang="ts">
import type { Recipe } from '~~/core/plan/recipe'
import type { Quilt } from '~~/core/file/quilt'
import { stepParts, stepText } from '~~/words/step'

const { recipe, quilt } = defineProps<{ recipe: Recipe; quilt: Quilt }>()
const store = useQuilt()
const speech = useSpeech()
</script>

<template>
  <ol class="joins">
    <li v-for="({ step, times, path }, i) in recipe.joins" :key="i">
      <div class="shot">
        <PictureView :picture="step.picture" :cloths="quilt.cloths" :label="stepText(step, speech, store.clothNames)" />
      </div>
      <p class="figure !whitespace-normal">
        <strong>{{ i + 1 }}.</strong> <span v-if="times > 1" class="font-semibold">{{ times }} alike. </span
        ><FigureText :parts="stepParts(step, speech, store.clothNames)" />{{ ' '
        }}<span v-if="step.expect" class="note"
          >Now <Figure :path="`${path}.width`" title="Width so far" /> ×
          <Figure :path="`${path}.height`" title="Height so far" />.</span
        >
      </p>
    </li>
    <li>
      <div class="shot">
        <PictureView :picture="recipe.done.picture" :cloths="quilt.cloths" label="The finished block" />
      </div>
      <p class="figure !whitespace-normal"><FigureText :parts="stepParts(recipe.done, speech)" /></p>
    </li>
  </ol>
</template>

<style scoped>
.joins {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
  gap: 1.1rem;
}
.shot {
  height: 9rem;
  margin-bottom: 0.4rem;
}
li {
  break-inside: avoid;
}
@media print {
  .joins {
    grid-template-columns: repeat(5, 1fr);
    gap: 3mm;
    font-size: 0.78em;
    line-height: 1.25;
  }
  .shot {
    height: 24mm;
    margin-bottom: 1mm;
  }
}
</style>
