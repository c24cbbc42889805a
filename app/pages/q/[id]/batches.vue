<script setup lang="ts">
import { batchTick } from '~~/core/batches/batchProgress'
import { makingRules } from '~~/core/file/makings'
import { followsTheHand } from '~~/core/make/steps/step'
import { AT_STATION, batchParts, batchTitle } from '~~/words/batch'
import { CAUTIONS } from '~~/words/caution'
import { plural } from '~~/words/speech'
import { stageParts } from '~~/words/stage'
import { textOf } from '~~/words/textPart'
import type { ModeStep } from '~/components/common/StepMode.vue'
import type { Visit } from '~/composables/useBatches'

/** The whole top as batches: at each visit to mat, machine and iron all that can be done there. */
const store = useQuilt()
const route = useRoute()
const settings = useSettings()
const quilt = computed(() => store.plannedQuilt!)
const { batches, done, visits, book, pictureOf, rowsOf, stagesOf, count, next } = useBatches()
const isStepping = computed(() => route.query.steps !== undefined)

const isDone = (visit: Visit) => visit.batches.every((batch, i) => done.value[visit.from + i]! >= batch.count)
/** The one to do now. */
const current = computed(() => visits.value.find(visit => !isDone(visit)))
/** All of it is on paper only: it is made when somebody prints. */
const isPrinting = ref(false)
useEventListener(window, 'beforeprint', () => (isPrinting.value = true))
useEventListener(window, 'afterprint', () => (isPrinting.value = false))
/** Which walk a batch belongs to, and of how many: those for the test blocks are counted apart. */
function walkText(i: number): string {
  const mine = visits.value.filter(({ isTest }) => isTest === (batches.value[i]!.test === true))
  const walk = mine.findIndex(({ from, batches: own }) => i >= from && i < from + own.length) + 1
  return `walk ${walk} of ${mine.length}`
}
const walks = computed(() => visits.value.filter(({ isTest }) => !isTest).length)
const modeSteps = computed((): ModeStep[] =>
  batches.value.map((batch, i) => {
    const left = batch.count - done.value[i]!
    const walk = `${AT_STATION[batch.at]}, ${walkText(i)}`
    const place = batch.test ? `${walk}, test block` : walk
    return {
      place: `${place}. ${batchTitle(batch, book.value)}`,
      parts: batchParts(batch, book.value),
      stages: stagesOf(batch).map(stage => stageParts(stage, book.value.speech, book.value.cloths)),
      done: left === 0,
      left,
      ...(batch.at === 'iron'
        ? { caution: CAUTIONS.iron }
        : batch.at === 'machine'
          ? { caution: CAUTIONS.needle }
          : {}),
    }
  }),
)
const pictureAt = (i: number, stage: number | null) =>
  stage === null ? pictureOf(batches.value[i]!) : (stagesOf(batches.value[i]!)[stage]?.picture ?? null)
const followsHand = (i: number) => {
  const { task } = batches.value[i]!
  const step = 'unit' in task ? book.value.units.get(task.unit)?.steps[task.step] : undefined
  return step !== undefined && followsTheHand(step)
}
const startAt = computed(() => {
  const { of, step } = store.bookmark ?? {}
  // tomorrow at the batch where it was left, wherever the plan has moved it
  const left = batches.value.findIndex(batch => batchTick(batch) === of)
  const isSecond = left >= 0 && step === 1
  const at = isSecond ? batches.value.findLastIndex(batch => batchTick(batch) === of) : left
  return at >= 0 ? at : next.value
})
function keepPlace(i: number) {
  const batch = batches.value[i]
  if (!batch) return
  const isSecond = batches.value.findIndex(({ id }) => id === batch.id) < i
  store.setBookmark({ station: 'piece', of: batchTick(batch), step: isSecond ? 1 : 0 })
}
</script>

<template>
  <div class="mx-auto max-w-5xl p-5">
    <StepMode
      v-if="isStepping && batches.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`In batches: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="i => count(i, done[i]! < batches[i]!.count ? 1 : -1)"
      @all="i => count(i, batches[i]!.count - done[i]!)"
      @at="keepPlace"
    >
      <template #default="{ index, stage }">
        <PictureView
          v-if="pictureAt(index, stage)"
          :picture="pictureAt(index, stage)!"
          :cloths="quilt.cloths"
          :label="textOf(stage === null ? modeSteps[index]!.parts : modeSteps[index]!.stages![stage]!)"
          :mirror="settings.hand === 'left' && followsHand(index)"
        />
        <RowJoin v-else-if="rowsOf(batches[index]!)" v-bind="rowsOf(batches[index]!)!" :quilt="quilt" />
      </template>
    </StepMode>
    <div class="no-print mb-2">
      <BackToStation />
    </div>
    <StationHead
      title="In batches"
      :print="batches.length > 0 ? 'the batches' : undefined"
      :mode="batches.length > 0 ? 'Batches' : undefined"
    />
    <p v-if="!store.batched" class="note" role="status">Laying it out …</p>
    <NothingYet v-else-if="batches.length === 0" :to="toPage('design')" station="To Design">
      The quilt is one patch: there is nothing to sew. With more of them here stand the walks between mat, machine and
      iron.
    </NothingYet>
    <template v-else>
      <BatchesPaper
        v-if="isPrinting"
        class="print-only"
        :visits="visits"
        :book="book"
        :quilt="quilt"
        :picture-of="pictureOf"
      />
      <p class="no-print mb-4 max-w-3xl">
        {{ makingRules(quilt.making).hasTop ? 'The whole top' : 'All blocks' }} in {{ plural(walks, 'walk') }} between
        mat, machine and iron, as few as can be: at each stop all is done that can be done there.
        <template v-if="visits[0]!.isTest">
          First one block of each kind, to measure before the rest is sewn; what that takes is counted apart.
        </template>
      </p>
      <ol class="no-print space-y-3">
        <VisitCard
          v-for="(visit, v) in visits"
          :key="v"
          :visit="visit"
          :number="v + 1"
          :is-current="visit === current"
          :book="book"
          :quilt="quilt"
          :done="done.slice(visit.from, visit.from + visit.batches.length)"
          :picture-of="pictureOf"
          :can-write="store.canWrite"
          @count="(i, by) => count(visit.from + i, by)"
        />
      </ol>
    </template>
  </div>
</template>
