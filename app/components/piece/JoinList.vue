<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { pressSeams } from '~~/core/edits/pressing'
import { blockOf, type Quilt } from '~~/core/file/quilt'
import type { RecipeJoin } from '~~/core/make/joins/joins'
import type { Recipe } from '~~/core/recipes/recipe'
import { stepParts, stepText } from '~~/words/step'

const { recipe, quilt, canWrite } = defineProps<{ recipe: Recipe; quilt: Quilt; canWrite: boolean }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const store = useQuilt()
const speech = useSpeech()

const byHand = computed(() => blockOf(quilt, recipe.block).press)
/** By whom the side of a seam was chosen. */
function chosen({ seams }: RecipeJoin): 'plan' | 'hand' | 'open' {
  const own = seams.map(({ number }) => byHand.value[number]).find(press => press !== undefined)
  return own === undefined ? 'plan' : own === 'open' ? 'open' : 'hand'
}
const TURNED = { first: 'second', second: 'first', open: 'first' } as const
function press({ seams }: RecipeJoin, how: string) {
  const changed = seams.map(({ number, press: now }) => ({
    number,
    press: how === 'plan' ? null : how === 'open' ? ('open' as const) : TURNED[now],
  }))
  emit('edit', 'seam pressed by hand', pressSeams(recipe.block, changed))
}
</script>

<template>
  <ol class="joins">
    <li v-for="(join, i) in recipe.joins" :key="join.id">
      <div class="shot">
        <PictureView
          :picture="join.step.picture"
          :cloths="quilt.cloths"
          :label="stepText(join.step, speech, store.clothNames)"
        />
      </div>
      <p class="figure !whitespace-normal">
        <strong>{{ i + 1 }}.</strong> <span v-if="join.times > 1" class="font-semibold">{{ join.times }} alike. </span
        ><FigureText :parts="stepParts(join.step, speech, store.clothNames)" />{{ ' '
        }}<span v-if="join.step.expect" class="note"
          >Now <Figure :path="`${join.path}.width`" title="Width so far" /> ×
          <Figure :path="`${join.path}.height`" title="Height so far" />.</span
        >
      </p>
      <StageList v-if="join.step.stages" class="no-print" :stages="join.step.stages" :cloths="quilt.cloths" />
      <!-- on papers every patch is folded over its own seam -->
      <ChoiceField
        v-if="join.step.code !== 'foundation-add'"
        :label="`How join ${i + 1} is pressed`"
        labelled="unseen"
        place="no-print mt-1"
        :value="chosen(join)"
        :options="[
          { value: 'plan', label: 'pressed by plan' },
          ...(chosen(join) === 'hand' ? [{ value: 'hand', label: 'pressed by hand' }] : []),
          { value: 'turn', label: 'press it the other way' },
          { value: 'open', label: 'press it open' },
        ]"
        :disabled="!canWrite"
        @choose="value => press(join, value)"
      />
      <PartCheck
        v-if="join.log"
        :key="`log ${join.id}`"
        :name="`Join ${i + 1}`"
        :expected="join.log.length"
        :seams="join.log.across"
        is-log
      />
      <PartCheck
        v-else-if="join.step.expect && i < recipe.joins.length - 1"
        :key="join.id"
        :name="`Join ${i + 1}`"
        :expected="join.step.expect.width"
        :seams="join.across"
      />
    </li>
    <li v-for="({ id, step }, i) in recipe.frames" :key="id" data-testid="frame-step">
      <div class="shot">
        <PictureView :picture="step.picture" :cloths="quilt.cloths" :label="stepText(step, speech, store.clothNames)" />
      </div>
      <p class="figure !whitespace-normal">
        <strong>{{ recipe.joins.length + i + 1 }}.</strong>{{ ' '
        }}<FigureText :parts="stepParts(step, speech, store.clothNames)" />
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
