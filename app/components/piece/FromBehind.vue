<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setHalfSquares, setPressing } from '~~/core/edits/pressing'
import type { Quilt } from '~~/core/file/quilt'
import type { Plan } from '~~/core/plan/plan'
import type { Recipe, RecipeUnit } from '~~/core/recipes/recipe'
import { steamText } from '~~/words/measured'
import { HALF_SQUARE_OPTIONS, nestingText, PRESS_OPTIONS } from '~~/words/pressing'

/** A block from behind, and how all seams of the quilt are pressed. */
const { recipe } = defineProps<{
  recipe: Recipe
  /** The quilt that the plan is of, and the one that choices change. */
  planned: Quilt
  quilt: Quilt
  pressing: Plan['pressing']
  /** The ways in which this block is pressed, by their signs. */
  versions: readonly string[]
  /** Edges lie on the bias when a unit of it is pressed. */
  hasBias: boolean
  canWrite: boolean
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const speech = useSpeech()
const isTrimmedHalfSquare = ({ kind, trim }: RecipeUnit) => kind === 'half-square' && trim
</script>

<template>
  <section class="card mb-6 flex flex-wrap items-center gap-5" aria-label="From behind">
    <div v-if="recipe.back.shapes.length > 0" class="h-56 w-56 flex-none" data-testid="back-view">
      <PictureView
        :picture="recipe.back"
        :cloths="planned.cloths"
        :arrows="0.6"
        label="The block from behind, as it is pressed"
      />
    </div>
    <div class="min-w-64 flex-1 space-y-2">
      <h2>From behind{{ recipe.version ? `, version ${recipe.version}` : '' }}</h2>
      <p>
        <template v-if="recipe.back.shapes.length > 0"
          >Turned over sideways: every allowance lies the way its arrow points.</template
        >
        <template v-if="planned.press === 'plan'">{{ nestingText(pressing, speech) }}</template>
        <template v-else-if="planned.press === 'open'">Without an arrow, each lies on its own patch.</template>
      </p>
      <p v-if="recipe.version">
        Like blocks stand side by side here, and pressed all alike their seams would not nest: some are pressed as
        {{ versions.join(', others as ') }}. Mark each with its sign; the rows say where it stands.
      </p>
      <ChoiceField
        label="Seams of all blocks are pressed"
        place="no-print max-w-80"
        :value="quilt.press"
        :options="PRESS_OPTIONS"
        :disabled="!canWrite"
        @choose="press => emit('edit', 'way of pressing', setPressing(press))"
      />
      <ChoiceField
        v-if="recipe.units.some(isTrimmedHalfSquare)"
        label="Half-squares are trimmed"
        place="no-print max-w-80"
        :value="quilt.halfSquares"
        :options="HALF_SQUARE_OPTIONS"
        :disabled="!canWrite"
        data-testid="half-squares"
        @choose="how => emit('edit', 'how half-squares are trimmed', setHalfSquares(how))"
      />
      <p>{{ steamText(hasBias) }}</p>
      <p v-if="planned.press === 'dark' && pressing.crossings.clash.length > 0" class="note">
        {{ nestingText(pressing, speech) }}
      </p>
    </div>
  </section>
</template>
