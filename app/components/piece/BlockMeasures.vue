<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { removeMeasures, setMeasures } from '~~/core/edits/record'
import type { Block, Quilt } from '~~/core/file/quilt'
import { doubtOf, type Doubt } from '~~/core/made/blockMeasures'
import { DECISIONS, type Decision } from '~~/core/made/decidedSize'
import type { Inches } from '~~/core/measure/ruler'
import type { PlannedBlock } from '~~/core/plan/plannedBlock'
import { formatLength, formatSmall } from '~~/words/length'
import { ADVICE, doubtText, NO_SEAM_TO_BLAME } from '~~/words/measured'
import { plural } from '~~/words/speech'

/** Blocks measured one after the other; what they say; what is done about it, and what each way costs. */
const { quilt, block, planned, path, canWrite } = defineProps<{
  quilt: Quilt
  block: Block
  planned: PlannedBlock
  /** Where the block stands in the plan. */
  path: string
  canWrite: boolean
}>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()

const speech = useSpeech()
const entry = computed(() => quilt.made.findLast(made => made.what === 'block' && made.block === block.id))
const side = computed(() => (Math.abs(planned.width - planned.height) < 1e-6 ? 'size' : 'width'))
const values = computed(() => entry.value?.[side.value] ?? entry.value?.size ?? [])
const found = computed(() => planned.measured)
const doubt = ref<Doubt | null>(null)

function write(next: readonly Inches[], decision: Decision | undefined, name: string) {
  if (next.length === 0) return emit('edit', 'measures taken back', removeMeasures('block', block.id))
  const { height } = entry.value ?? {}
  const decided = decision ? { decision } : {}
  const measures = { what: 'block' as const, block: block.id, [side.value]: [...next], ...decided }
  emit('edit', name, setMeasures(side.value === 'width' && height ? { ...measures, height } : measures))
}
function add(inches: Inches) {
  doubt.value = doubtOf(inches, planned.width, quilt.units)
  if (!doubt.value) write([...values.value, inches], entry.value?.decision, 'measured block')
}
function addMeant() {
  const meant = doubt.value
  doubt.value = null
  if (meant?.what === 'other-unit') write([...values.value, meant.inches], entry.value?.decision, 'measured block')
}
const remove = (i: number) =>
  write(
    values.value.filter((_, other) => other !== i),
    entry.value?.decision,
    'measure taken back',
  )
</script>

<template>
  <section class="card no-print mb-6" aria-label="Measured blocks" data-testid="block-measures">
    <h2>Measure the blocks</h2>
    <p class="mb-3">
      Across, raw edge to raw edge, each should be
      <strong><Figure :path="`${path}.width`" title="Unfinished width" /></strong>. Measure several: one alone cannot
      tell the seam from chance.
    </p>
    <div class="flex flex-wrap items-start gap-6">
      <div class="space-y-3">
        <FractionPad :units="quilt.units" :disabled="!canWrite" @enter="add" />
        <LengthField
          label="Or type it"
          :value="null"
          :least="-1000"
          :most="1000"
          :step="1 / 16"
          hide-steps
          :disabled="!canWrite"
          @commit="add"
        />
      </div>
      <div class="min-w-72 flex-1 space-y-4">
        <p v-if="doubt" class="caution" role="alert">
          {{ doubtText(doubt, speech) }}
          <UButton v-if="doubt.what === 'other-unit'" @click="addMeant">Yes</UButton>
        </p>
        <ul v-if="values.length > 0" class="flex flex-wrap gap-2" aria-label="Measured so far">
          <li v-for="(value, i) in values" :key="i">
            <UButton
              class="figure !px-3"
              :disabled="!canWrite"
              :aria-label="`Take back ${formatLength(value, speech)}`"
              @click="remove(i)"
            >
              <span data-given>{{ formatLength(value, speech) }}</span><UIcon name="i-lucide-x" class="size-4" />
            </UButton>
          </li>
        </ul>
        <template v-if="found">
          <p class="figure !whitespace-normal" role="status" data-testid="measured-says">
            Mean of {{ plural(found.count, 'block') }}
            <Figure :path="`${path}.measured.mean`" title="Mean of the measures" /><template v-if="found.spread > 0"
              >, <Figure :path="`${path}.measured.spread`" title="From the smallest to the largest" /> apart</template
            >.
            <template v-if="found.seams === 0 && found.advised !== 'go-on'">{{ NO_SEAM_TO_BLAME }} </template>
            <template v-if="found.error !== undefined && Math.abs(found.error) >= 1 / 256">
              Each seam takes
              <Figure
                :path="`${path}.measured.error`"
                :text="formatSmall(Math.abs(found.error), speech)"
                title="What each allowance takes beside the plan"
              />
              too {{ found.error > 0 ? 'much' : 'little' }} on each side<template v-if="found.scatter"
                >; by chance they differ about
                <Figure
                  :path="`${path}.measured.scatter`"
                  :text="formatSmall(found.scatter, speech)"
                  title="How far they lie about their mean" /></template
              >.
            </template>
            <strong>{{ ADVICE[found.advised] }}</strong>
          </p>
          <div class="grid gap-3 sm:grid-cols-2" role="group" aria-label="What to do with them">
            <DecisionChoice
              v-for="decision in DECISIONS"
              :key="decision"
              :decision="decision"
              :found="found"
              :path="`${path}.measured`"
              :can-write="canWrite"
              @choose="write(values, decision, 'what is done with the blocks')"
            />
          </div>
        </template>
      </div>
    </div>
  </section>
</template>
