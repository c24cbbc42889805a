<script setup lang="ts">
import { doneCounts } from '~~/core/cut/progress'
import { bindingSteps } from '~~/words/binding'
import { CAUTIONS } from '~~/words/caution'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** The binding at the machine, one step at a time, taken up tomorrow where it was left. */
const store = useQuilt()
const speech = useSpeech()
const quilt = computed(() => store.plannedQuilt!)
const steps = computed(() => {
  const binding = store.plan?.binding
  const own = quilt.value.binding
  if (!binding || !own) return []
  return bindingSteps(binding, own, store.plan!.trim, quilt.value.seam, speech.value)
})
const ticks = computed(() => doneCounts(quilt.value.done, 'step'))
/** Of a binding with other steps nothing is ticked yet. */
const ids = computed(() =>
  steps.value.map((_, i) => `binding.${store.plan!.binding!.style}.${i + 1}-of-${steps.value.length}`),
)
const isDone = (i: number) => ticks.value.has(ids.value[i]!)
const modeSteps = computed((): ModeStep[] =>
  steps.value.map(({ parts }, i) => ({
    place: `Step ${i + 1} of ${steps.value.length}`,
    parts,
    done: isDone(i),
    ...(i === 0 ? { caution: CAUTIONS.needle } : {}),
  })),
)
const { startAt, keepPlace } = useStepPlace(() => ids.value, isDone)
function tick(i: number) {
  store.tick('step', ids.value[i]!, isDone(i) ? -1 : 1, isDone(i) ? 'step not done' : 'step done')
}
const finish = computed(() => toPage('finish'))
</script>

<template>
  <div class="mx-auto max-w-5xl p-5">
    <StepMode
      v-if="modeSteps.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`Binding: ${quilt.name}`"
      @close="navigateTo(finish)"
      @tick="tick"
      @at="keepPlace"
    >
      <template #default="{ index }">
        <BindingStepPicture :quilt="quilt" :plan="store.plan!" :about="steps[index]!.about" />
      </template>
    </StepMode>
    <p v-else-if="!store.plan" class="note" role="status">Laying it out …</p>
    <NothingYet v-else :to="finish" station="To the binding, on Finish">
      This quilt has no binding yet. Here will stand how its strips are joined, sewn on, turned at each corner and
      closed, step by step.
    </NothingYet>
  </div>
</template>
