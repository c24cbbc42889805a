<script setup lang="ts">
import { MAX_SCATTER, type Decision } from '~~/core/made/decidedSize'
import type { MeasuredBlock } from '~~/core/plan/measuredBlock'
import { formatSmall } from '~~/words/length'
import { decisionText, DECISION_NAMES } from '~~/words/measured'
import { inEnglish } from '~~/words/speech'

/** One thing to do with measured blocks, and what it costs. */
const { decision, found, path } = defineProps<{
  decision: Decision
  found: MeasuredBlock
  /** Where the measures stand in the plan. */
  path: string
  canWrite: boolean
}>()
const emit = defineEmits<{ choose: [] }>()
const speech = useSpeech()
</script>

<template>
  <div class="choice" :class="{ chosen: found.decision === decision }">
    <UButton
      class="justify-start"
      :class="{ chosen: found.decision === decision }"
      :aria-pressed="found.decision === decision"
      :disabled="!canWrite"
      @click="emit('choose')"
    >
      <UIcon v-if="found.decision === decision" name="i-lucide-check" class="size-5" />{{ DECISION_NAMES[decision]
      }}<span v-if="found.advised === decision" class="tag ml-auto">advised</span>
    </UButton>
    <p>{{ inEnglish(decisionText(decision, found), speech) }}</p>
    <p v-if="decision === 'trim'" class="figure !whitespace-normal">
      Beyond the points of the largest
      <Figure :path="`${path}.beyondPoints`" title="Allowance left beyond the points" />
      {{ found.beyondPoints <= 0 ? 'is left: they are cut off' : 'of the seam is left' }}.
    </p>
    <p v-else-if="decision === 'ease'" class="figure !whitespace-normal">
      The farthest by
      <Figure :path="`${path}.ease`" :text="formatSmall(found.ease, speech)" title="Farthest from the mean" />{{
        found.ease > MAX_SCATTER ? ': too much to be eased' : ''
      }}.
    </p>
    <p class="figure !whitespace-normal">
      The quilt:
      <Figure :path="`${path}.quilts.${decision}.width`" title="Width of the quilt then" /> ×
      <Figure :path="`${path}.quilts.${decision}.height`" title="Height of the quilt then" />.
    </p>
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  gap: 0.25rem;
  padding: 0.7rem 0.9rem;
  border: 1.5px solid var(--line);
  border-radius: 0.6rem;
  text-align: left;
}
.choice.chosen {
  border-color: var(--madder);
  box-shadow: inset 0 0 0 1px var(--madder);
}
</style>
