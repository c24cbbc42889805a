<script setup lang="ts">
import { piecesIn } from '~~/core/cut/progress'
import { tick } from '~~/core/edits/record'
import { cuttingRows, pileLabels } from '~~/words/cuttingList'
import { CAUTIONS } from '~~/words/caution'
import { downloadTable } from '~/composables/downloadTable'

const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const settings = useSettings()
const speech = useSpeech()
const quilt = computed(() => store.plannedQuilt!)
const plan = computed(() => store.plan)
const planned = usePieces()
const { pieces, places } = planned
const cloths = useCutCloths()
const { printed, print } = usePrintOf<'sheet' | 'labels'>('sheet')
const saveCsv = () =>
  downloadTable(
    `${quilt.value.name} cutting.csv`,
    cuttingRows(quilt.value, plan.value!.pieces, store.blockNames, speech.value),
  )
const labels = computed(() => pileLabels(quilt.value, plan.value!.pieces, store.blockNames, speech.value))
const chosen = ref<string | null>(null)
const current = computed(() => cloths.value.find(({ cloth }) => cloth.id === chosen.value) ?? cloths.value[0] ?? null)
const tabs = computed(() => cloths.value.map(({ cloth }) => ({ value: cloth.id, label: cloth.name })))
const byId = computed(() => new Map(cloths.value.map(cut => [cut.cloth.id, cut])))
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
const modeSteps = useCutSteps(cloths, planned, toggle)
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
      @tick="i => modeSteps[i]!.tick()"
      @at="i => store.setBookmark({ station: 'cut', of: 'cut', step: i })"
    >
      <template #default="{ index }">
        <ClothMap
          v-if="modeSteps[index]?.strips"
          :cloth="modeSteps[index].strips.cloth"
          :need="modeSteps[index].strips.need"
          :path="modeSteps[index].strips.path"
          :pieces="pieces"
          :current="modeSteps[index].strips.group.places"
          :sheet="modeSteps[index].strips.group.strip.sheet"
          :size="modeSteps[index].strips.again?.opened[modeSteps[index].strips.group.strip.sheet]"
          :done="modeSteps[index].strips.progress.map(strip => strip.done)"
          :hand="settings.hand"
        />
        <ClothSwatch v-else-if="modeSteps[index]?.sewn" :cloth="modeSteps[index].sewn" :size="240" />
      </template>
    </StepMode>
    <StationHead title="Cut" print="the cutting sheet" mode="At the mat">
      <template v-if="plan && current">
        <UButton @click="print('labels')"
          ><UIcon name="i-lucide-tags" class="size-5" />Print labels for the piles</UButton
        >
        <UButton @click="saveCsv()"><UIcon name="i-lucide-table" class="size-5" />Save as a table</UButton>
      </template>
    </StationHead>
    <p v-if="!plan" class="note" role="status">Laying it out …</p>
    <TrimSewn v-else :places="places" />
    <template v-if="plan && current">
      <TestFirst :quilt="quilt" :plan="plan" @edit="edit" />
      <CutTogether :cloths="cloths" :pieces="pieces" />
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
      <PileLabels v-if="printed === 'labels'" class="print-only" :labels="labels" :title="quilt.name" />
      <h1 v-else class="print-only sheet-title">Cutting {{ quilt.name }}. Seam included in every size.</h1>
      <div class="sheets" :class="{ 'no-print': printed === 'labels' }">
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
    <p v-else-if="plan" class="note">No cloth is needed yet.</p>
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
