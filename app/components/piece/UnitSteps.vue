<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import { followsTheHand } from '~~/core/make/steps/step'
import type { RecipeUnit } from '~~/core/recipes/recipe'
import { stepParts, stepText } from '~~/words/step'

/** The steps of a unit in pictures, and how it looks from behind. */
const { unit, quilt } = defineProps<{ unit: RecipeUnit; quilt: Quilt; title: string }>()
const store = useQuilt()
const speech = useSpeech()
const settings = useSettings()
</script>

<template>
  <ol class="steps">
    <li v-for="(step, i) in unit.steps" :key="i">
      <div class="shot">
        <PictureView
          :picture="step.picture"
          :cloths="quilt.cloths"
          :label="stepText(step, speech, store.clothNames)"
          :mirror="settings.hand === 'left' && followsTheHand(step)"
        />
      </div>
      <p class="figure !whitespace-normal">
        <strong>{{ i + 1 }}.</strong> <FigureText :parts="stepParts(step, speech, store.clothNames)" />
      </p>
      <StageList v-if="step.stages" class="no-print" :stages="step.stages" :cloths="quilt.cloths" />
    </li>
    <li v-if="unit.back" data-testid="unit-back">
      <div class="shot">
        <PictureView
          :picture="unit.back"
          :cloths="quilt.cloths"
          :arrows="0.6"
          :label="`${title} from behind, as pressed`"
        />
      </div>
      <p>From behind, turned over sideways: each allowance as it is pressed.</p>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 1rem;
  margin-top: 0.8rem;
}
.shot {
  height: 8rem;
  margin-bottom: 0.4rem;
}
@media print {
  .steps {
    grid-template-columns: repeat(5, 1fr);
    gap: 3mm;
    font-size: 0.78em;
    line-height: 1.25;
  }
  .steps > li {
    break-inside: avoid;
  }
  .shot {
    height: 24mm;
    margin-bottom: 1mm;
  }
}
</style>
