<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import {
  describeSeamTest,
  measureSeamTest,
  removeSeamTest,
  setUpSeamTest,
  type SeamTestWords,
} from '~~/core/edits/record'
import type { Quilt } from '~~/core/file/quilt'
import { SEAM_TOLERANCE } from '~~/core/made/seamTest'
import { seamTestDoubt, type SeamTestDoubt } from '~~/core/made/seamTestDoubt'
import type { Inches } from '~~/core/measure/ruler'
import type { Plan } from '~~/core/plan/plan'
import { CAUTIONS } from '~~/words/caution'
import { formatExactLength, formatLength } from '~~/words/length'
import { seamDoubtText } from '~~/words/measured'

const { test, quilt } = defineProps<{ test: Plan['seamTest']; quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const isRight = computed(() => test.off !== null && Math.abs(test.off) < SEAM_TOLERANCE)
/** How the test of now is set up: strips, and for which cloth, machine, thread and needle. */
const setup = computed(() => {
  const { cloth, machine, thread, needle } = quilt.made.findLast(({ what }) => what === 'seam-test') ?? {}
  return { strips: test.strips, cut: test.cut, cloth, machine, thread, needle }
})
/** Another number or width of strips, another cloth or needle is another test: those measured stay on record. */
function choose(change: Partial<typeof setup.value>) {
  doubt.value = null
  emit('edit', 'seam test set up', setUpSeamTest({ ...setup.value, ...change }))
}
/** Where and how the test of now is sewn: said after it was measured, its measure stays. */
function describe(words: SeamTestWords) {
  if (test.measured === null) choose(words)
  else emit('edit', 'seam test described', describeSeamTest(words))
}
/** A measure that no seam can give: asked back, and not taken. */
const doubt = ref<(SeamTestDoubt & { measured: Inches }) | null>(null)
function measure(measured: Inches) {
  const found = seamTestDoubt(quilt.units, { ...test, measured }, quilt.seam)
  doubt.value = found && { ...found, measured }
  if (!found) take(measured)
}
function take(measured: Inches) {
  doubt.value = null
  emit('edit', 'seam test', measureSeamTest({ what: 'seam-test', ...setup.value }, measured, new Date().toISOString()))
}
function setNeedle(needle: number | undefined) {
  // a needle that is moved asks for another test
  if (setup.value.needle === undefined) describe({ needle })
  else choose({ needle })
}
</script>

<template>
  <section class="card" aria-label="Seam test">
    <div class="flex items-center gap-3">
      <h2 class="mr-auto">First: test your seam</h2>
      <span v-if="isRight && !doubt" class="tag" title="The seam is right" style="color: var(--good)"
        ><UIcon name="i-lucide-check" class="size-5"
      /></span>
    </div>
    <p class="figure mt-1 !whitespace-normal">
      Sew {{ test.strips }} strips, each cut <span data-given>{{ formatLength(test.cut, speech) }}</span> wide, side by
      side; press. They should measure
      <strong data-testid="seam-expected"><Figure path="seamTest.expected" title="Strips sewn together" /></strong>.
    </p>
    <div class="mt-3 grid gap-3 sm:grid-cols-3">
      <ChoiceField
        label="Strips"
        :value="test.strips"
        :options="[2, 3, 4, 5].map(n => ({ value: n, label: n }))"
        class="figure"
        @choose="value => choose({ strips: value })"
      />
      <LengthField
        label="Each cut"
        :value="test.cut"
        :least="1"
        :most="12"
        :step="1 / 2"
        hide-steps
        @commit="v => choose({ cut: v })"
      />
      <LengthField
        label="They measure"
        :value="test.measured"
        :least="0.5"
        :most="60"
        :step="1 / 16"
        hide-steps
        @commit="measure"
      />
    </div>
    <p v-if="doubt" class="caution figure mt-3 !whitespace-normal" role="alert" data-testid="seam-doubt">
      {{ seamDoubtText({ ...test, ...doubt }, speech) }}
      <UButton v-if="doubt.meant !== null" @click="take(doubt.meant)">
        Yes, {{ formatExactLength(doubt.meant, speech) }}
      </UButton>
    </p>
    <p
      v-else-if="test.doubt && test.measured !== null"
      class="caution figure mt-3 !whitespace-normal"
      role="status"
      data-testid="seam-doubt"
    >
      {{ seamDoubtText({ ...test, ...test.doubt, measured: test.measured }, speech) }}
      <UButton v-if="test.doubt.meant !== null" @click="take(test.doubt.meant)">
        Yes, {{ formatExactLength(test.doubt.meant, speech) }}
      </UButton>
    </p>
    <SeamVerdict v-if="test.off !== null && !doubt" :test="test" :needle="setup.needle" @again="choose({})" />
    <SeamSetUp
      :test="test"
      :setup="setup"
      @describe="describe"
      @needle="setNeedle"
      @remove="i => emit('edit', 'seam test off', removeSeamTest(i))"
    />
    <p class="note mt-3">
      Set the guide on the bed with the needle down by hand: a ruler under the foot, its seam line at the needle, the
      guide flush along its edge, before the needle and clear of the feed.
    </p>
    <p class="caution mt-3">{{ CAUTIONS.needle }}</p>
  </section>
</template>
