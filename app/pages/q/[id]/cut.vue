<script setup lang="ts">
import { timesPlaced } from '~~/core/top/places'
import { doneCounts, piecesIn, stripProgress } from '~~/core/cut/progress'
import { stripGroups } from '~~/core/cut/stripGroups'
import { tick } from '~~/core/edits/record'
import { clothOf } from '~~/core/file/quilt'
import { CAUTIONS } from '~~/words/caution'
import type { CutCloth } from '~/composables/useCutSteps'

const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const settings = useSettings()
const quilt = computed(() => store.plannedQuilt!)
const plan = computed(() => store.plan)
const pieces = computed(() => new Map(plan.value?.pieces.map(piece => [piece.id, piece])))
const places = computed(() => new Map(plan.value?.pieces.map((piece, i) => [piece.id, i])))
const ticked = computed(() => doneCounts(quilt.value.done, 'cut'))
const cloths = computed((): CutCloth[] =>
  (plan.value?.cloths ?? []).flatMap((need, index) =>
    need.strips.length === 0
      ? []
      : [
          {
            need,
            index,
            cloth: clothOf(quilt.value, need.id),
            groups: stripGroups(need.strips, pieces.value),
            progress: stripProgress(need.strips, ticked.value),
          },
        ],
  ),
)
const chosen = ref<string | null>(null)
const current = computed(() => cloths.value.find(({ cloth }) => cloth.id === chosen.value) ?? cloths.value[0] ?? null)
const tabs = computed(() => cloths.value.map(({ cloth }) => ({ value: cloth.id, label: cloth.name })))
const byId = computed(() => new Map(cloths.value.map(cut => [cut.cloth.id, cut])))
/** The block with the most to cut is the one to try first. */
const testBlock = computed(() => {
  const blocks =
    plan.value?.blocks
      .map((block, index) => ({ block, index }))
      .filter(({ block }) => timesPlaced(quilt.value, block.id) > 0) ?? []
  return blocks.sort((a, b) => b.block.test.length - a.block.test.length)[0] ?? null
})
const isTested = computed(() => testBlock.value !== null && quilt.value.made.some(entry => entry.what === 'block'))
/** Open until the block was tested; what was opened stays open while one reads what came of it. */
const isTestShown = ref(!isTested.value)
const sheets = computed(() => (current.value?.need.unit === 'piece' ? current.value.need.need : 1))

function toggle(cloth: string, index: number) {
  const { need, progress } = byId.value.get(cloth)!
  const isDone = progress[index]!.done
  const at = new Date().toISOString()
  edit(isDone ? 'strip not cut' : 'strip cut', file =>
    [...piecesIn(need.strips[index]!)].reduce(
      (next, [id, count]) => tick('cut', id, isDone ? -count : count, at)(next),
      file,
    ),
  )
}
const { flat, steps: modeSteps, tickStep } = useCutSteps(cloths, toggle)
const isStepping = computed(() => route.query.steps !== undefined)
const startAt = computed(() =>
  store.bookmark?.of === 'cut'
    ? (store.bookmark.step ?? 0)
    : Math.max(
        0,
        modeSteps.value.findIndex(step => !step.done),
      ),
)
</script>

<template>
  <div class="mx-auto max-w-7xl p-5">
    <StepMode
      v-if="isStepping && modeSteps.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`At the mat: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="tickStep"
      @at="i => store.setBookmark({ station: 'cut', of: 'cut', step: i })"
    >
      <template #default="{ index }">
        <ClothMap
          :cloth="flat[index]!.cloth"
          :need="flat[index]!.need"
          :path="`cloths.${flat[index]!.index}`"
          :pieces="pieces"
          :current="flat[index]!.group.places"
          :sheet="flat[index]!.group.strip.sheet"
          :done="flat[index]!.progress.map(strip => strip.done)"
          :hand="settings.hand"
        />
      </template>
    </StepMode>
    <StationHead title="Cut" print="the cutting sheet" mode="At the mat" />
    <p v-if="!plan" class="note" role="status">Laying it out …</p>
    <template v-else-if="current">
      <details class="no-print mb-5" :open="isTestShown" @toggle="e => (isTestShown = isOpened(e))">
        <summary class="mb-3 cursor-pointer text-lg font-semibold">
          Seam test and test block {{ isTested ? '(done)' : 'come first' }}
        </summary>
        <div class="grid items-start gap-4 lg:grid-cols-2">
          <SeamTest :test="plan.seamTest" :quilt="quilt" @edit="edit" />
          <TestBlock
            v-if="testBlock"
            :quilt="quilt"
            :planned="testBlock.block"
            :path="`blocks.${testBlock.index}`"
            @edit="edit"
          />
        </div>
      </details>
      <template v-if="testBlock && !isTested">
        <p class="caution no-print mb-4" data-testid="test-first">
          The rest of the sheet is below. Wait with it until the test block measures right.
        </p>
        <p class="print-only caution mb-2">
          First cut for one block only, sew it and measure it; the rest waits until it measures right.
        </p>
      </template>
      <TabRow class="mb-4" label="Cloths" :tabs="tabs" :value="current.cloth.id" @choose="id => (chosen = id)">
        <template #picture="{ value }"><ClothSwatch :cloth="byId.get(value)!.cloth" :size="30" /></template>
        <template #more="{ value }"
          ><span class="note"
            >{{ byId.get(value)!.progress.filter(strip => strip.done).length }} of
            {{ byId.get(value)!.progress.length }}</span
          ></template
        >
      </TabRow>
      <p class="caution no-print mb-4">{{ CAUTIONS.blade }}</p>
      <h1 class="print-only sheet-title">Cutting {{ quilt.name }}. Seam included in every size.</h1>
      <div class="sheets">
        <ClothSheet
          v-for="cut in cloths"
          :key="cut.cloth.id"
          :class="{ 'print-only': cut !== current }"
          :cut="cut"
          :pieces="pieces"
          :places="places"
          :sheets="cut === current ? sheets : 1"
          :block-names="store.blockNames"
          @toggle="strip => toggle(cut.cloth.id, strip)"
        />
      </div>
    </template>
    <p v-else class="note">No cloth is needed yet.</p>
  </div>
</template>

<style scoped>
@media print {
  .sheet-title {
    font-size: 13pt;
    margin-bottom: 3mm;
  }
  .sheets {
    font-size: 8.5pt;
    line-height: 1.25;
  }
}
</style>
