<script setup lang="ts">
import { doneCounts } from '~~/core/cut/progress'
import { setBacking } from '~~/core/edits/layers'
import { makingRules } from '~~/core/file/makings'
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import { clothOf } from '~~/core/file/quilt'
import { backSteps, coverText } from '~~/words/back'
import { CAUTIONS } from '~~/words/caution'
import { formatBought } from '~~/words/length'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** The back pieced from leftovers: its picture, what is cut from what, and how it is sewn. */
const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const speech = useSpeech()
const settings = useSettings()
const quilt = computed(() => store.plannedQuilt!)
const back = computed(() => store.plan?.backing?.pieced ?? null)
const { state, looked, found, run, stop } = useBetterBack()

const steps = computed(() => (back.value ? backSteps(back.value, speech.value) : []))
const ticks = computed(() => doneCounts(quilt.value.done, 'step'))
const isDone = (id: string) => (ticks.value.get(id) ?? 0) > 0
const modeSteps = computed((): ModeStep[] =>
  steps.value.map(({ id, place, parts }, i) => ({
    place: `${i + 1} of ${steps.value.length}. ${place}`,
    parts,
    done: isDone(id),
    ...(i === 0 ? { caution: CAUTIONS.needle } : {}),
  })),
)
const { isStepping, startAt, keepPlace } = useStepPlace(
  () => steps.value.map(({ id }) => id),
  i => isDone(steps.value[i]!.id),
)
function tick(i: number) {
  const { id } = steps.value[i]!
  store.tick('step', id, isDone(id) ? -1 : 1, isDone(id) ? 'not sewn' : 'sewn')
}
</script>

<template>
  <div class="mx-auto max-w-6xl p-5">
    <StepMode
      v-if="isStepping && back && steps.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`The back: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="tick"
      @at="keepPlace"
    >
      <template #default="{ index }">
        <PiecedBackPicture :back="back" :quilt="quilt" :panel="steps[index]!.panel" :unit="steps[index]!.unit" />
      </template>
    </StepMode>
    <div class="no-print mb-2">
      <BackToStation />
    </div>
    <StationHead
      title="Piece the back"
      :print="back ? 'the back' : undefined"
      :mode="back ? 'At the machine' : undefined"
    />
    <h1 class="print-only mb-2 text-2xl">{{ quilt.name }}: the back</h1>
    <p v-if="!store.plan" class="note" role="status">Laying it out …</p>
    <NothingYet v-else-if="!back" :to="toPage('finish')" station="To the backing, on Finish">
      Here will stand the back, panel by panel: from which leftovers each piece is cut, and in what order they are sewn
      together. For that, let the back be pieced from what is left over.
      <template v-if="makingRules(quilt.making).hasTop" #action>
        <UButton variant="solid" @click="edit('back from what is left over', setBacking({ way: 'leftovers' }))"
          >Piece it from what is left over</UButton
        >
      </template>
    </NothingYet>
    <div v-else class="grid items-start gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section class="card space-y-3" aria-label="The back">
        <PiecedBackPicture :back="back" :quilt="quilt" />
        <p class="text-lg">
          {{ coverText(back) }}
          <template v-if="back.bought.length > 0">
            What is dashed is cut from {{ clothOf(quilt, quilt.backing!.cloth).name }}: buy
            <strong
              ><Figure
                path="backing.buy"
                kind="cloth"
                :text="formatBought(store.plan.backing!.buy, speech)"
                title="To buy for the back" /></strong
            >.
          </template>
        </p>
        <p class="no-print flex flex-wrap items-center gap-3">
          <UButton v-if="state !== 'running'" :disabled="!store.canWrite" @click="run">
            <UIcon name="i-lucide-search" class="size-5" />Look for a better one
          </UButton>
          <UButton v-else @click="stop">
            <UIcon name="i-lucide-square" class="size-5" />Stop, and take the best
          </UButton>
          <span class="note" role="status">
            <template v-if="state === 'running'">
              {{ looked }} looked at{{ found === null ? '' : ', a better one is found' }} …
            </template>
            <template v-else-if="state === 'done'">
              {{ found === null ? 'No better one was found.' : 'A better one is taken.' }}
            </template>
            <template v-else-if="state === 'failed'">That did not work. This one stays.</template>
          </span>
        </p>
      </section>
      <div class="no-print space-y-4">
        <LengthField
          class="card"
          label="No piece narrower than"
          :value="quilt.backing!.narrowest ?? UNIT_DEFAULTS[settings.units].narrowestPiece"
          :least="1"
          :most="20"
          :step="1 / 2"
          :disabled="!store.canWrite"
          @commit="narrowest => edit('narrowest piece of the back', setBacking({ narrowest }))"
        />
        <InHandForm :quilt="store.quilt!" :disabled="!store.canWrite" @edit="edit" />
      </div>
      <BackCuts class="lg:col-span-2" :back="back" :quilt="quilt" />
      <section class="card lg:col-span-2" aria-label="How it is sewn" data-testid="back-steps">
        <h2 class="mb-2">Sew</h2>
        <p v-if="steps.length === 0" class="note">It is one piece: there is nothing to sew.</p>
        <ol class="space-y-1.5">
          <li v-for="(step, i) in steps" :key="step.id" class="flex items-center gap-3">
            <TickBox :checked="isDone(step.id)" :label="step.place" :disabled="!store.canWrite" @toggle="tick(i)" />
            <span
              ><strong>{{ step.place }}.</strong> <FigureText :parts="step.parts"
            /></span>
          </li>
        </ol>
      </section>
    </div>
  </div>
</template>
