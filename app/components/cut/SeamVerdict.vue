<script setup lang="ts">
import { stepsToMove } from '~~/core/made/seamRecord'
import { SEAM_TOLERANCE } from '~~/core/made/seamTest'
import type { Plan } from '~~/core/plan/plan'
import { formatMillimetres, formatSmall } from '~~/words/length'
import { moveOfNeedle } from '~~/words/measured'
import { plural } from '~~/words/speech'

/** What a measured test says of the seam, and how far the needle is moved. */
const { test, needle = 0 } = defineProps<{
  test: Plan['seamTest']
  /** Where it stands, by the numbers of the machine. */
  needle?: number | undefined
}>()
const emit = defineEmits<{ again: [] }>()
const speech = useSpeech()
/** How much the seam takes beyond what is wanted. */
const off = computed(() => test.off ?? 0)
const isRight = computed(() => Math.abs(off.value) < SEAM_TOLERANCE)
const steps = computed(() => (test.step === null ? null : stepsToMove(off.value, test.step)))
</script>

<template>
  <p class="figure mt-3 !whitespace-normal" role="status" :class="isRight ? '' : 'caution'" data-testid="seam-verdict">
    <template v-if="isRight">Your seam is right.</template>
    <template v-else
      >Your seam takes
      <Figure path="seamTest.off" :text="formatSmall(Math.abs(off), speech)" title="Seam as sewn, and as wanted" />
      too {{ off > 0 ? 'much' : 'little' }}. Move the needle or the guide as far,
      <Figure path="seamTest.off" :text="formatMillimetres(Math.abs(off))" title="Seam as sewn, and as wanted" />,
      {{ moveOfNeedle(off)
      }}<template v-if="steps !== null && steps !== 0"
        >, {{ plural(Math.abs(steps), 'step') }} of the needle to {{ needle + steps }}</template
      >, and sew the test again.</template
    >
    <UButton variant="ghost" @click="emit('again')">Test again</UButton>
  </p>
</template>
