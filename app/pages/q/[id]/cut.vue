<script setup lang="ts">
import { timesPlaced } from '~~/core/top/places'
import { doneCounts, piecesIn, stripProgress } from '~~/core/cut/progress'
import { isWorthKeeping } from '~~/core/cut/leftovers'
import { stripGroups } from '~~/core/cut/stripGroups'
import { tick } from '~~/core/edits/record'
import { clothOf } from '~~/core/file/quilt'
import { CAUTIONS } from '~~/words/caution'
import { stripWords, stripParts, subcuts } from '~~/words/cutting'
import { inEnglish } from '~~/words/speech'
import { useName } from '~~/words/names'
import type { TextPart } from '~~/words/textPart'
import type { ModeStep } from '~/components/common/StepMode.vue'

const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const speech = useSpeech()
const settings = useSettings()
const quilt = computed(() => store.plannedQuilt!)
const plan = computed(() => store.plan)
const needs = computed(
  () =>
    plan.value?.cloths
      .map((need, index) => ({ need, index, cloth: clothOf(quilt.value, need.id) }))
      .filter(({ need }) => need.strips.length > 0) ?? [],
)
const chosen = ref<string | null>(null)
const current = computed(() => needs.value.find(({ cloth }) => cloth.id === chosen.value) ?? needs.value[0] ?? null)
const pieces = computed(() => new Map(plan.value?.pieces.map(piece => [piece.id, piece])))
const places = computed(() => new Map(plan.value?.pieces.map((piece, i) => [piece.id, i])))
const ticked = computed(() => doneCounts(quilt.value.done, 'cut'))
const progress = computed(
  () => new Map(needs.value.map(({ need }) => [need.id, stripProgress(need.strips, ticked.value)])),
)
const pointed = ref<readonly number[]>([])
const groups = computed(() => new Map(needs.value.map(({ need }) => [need.id, stripGroups(need.strips, pieces.value)])))
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
const pilesOf = (cloth: string) =>
  plan.value!.pieces.map((piece, index) => ({ piece, index })).filter(({ piece }) => piece.cloth === cloth)
const sheets = computed(() => (current.value?.need.unit === 'piece' ? current.value.need.need : 1))

function toggle(cloth: string, index: number) {
  const strip = needs.value.find(({ need }) => need.id === cloth)!.need.strips[index]!
  const isDone = progress.value.get(cloth)![index]!.done
  const at = new Date().toISOString()
  edit(isDone ? 'strip not cut' : 'strip cut', file =>
    [...piecesIn(strip)].reduce((next, [id, count]) => tick('cut', id, isDone ? -count : count, at)(next), file),
  )
}

// at the mat: every kind of strip of every cloth, one after the other, counted down
const flat = computed(() =>
  needs.value.flatMap(({ need, cloth, index }) =>
    groups.value.get(need.id)!.map((group, place) => ({ need, cloth, index, group, place })),
  ),
)
const modeSteps = computed(() =>
  flat.value.map(({ cloth, need, index, group, place }): ModeStep => {
    const { strip, places: strips } = group
    const path = `cloths.${index}.strips.${strips[0]}`
    const cuts = subcuts(strip, pieces.value, speech.value, places.value)
    const left = strips.filter(at => !progress.value.get(cloth.id)![at]!.done).length
    return {
      place: `${cloth.letter}, ${cloth.name}: cut ${place + 1} of ${groups.value.get(need.id)!.length}`,
      figures: [`${path}.${stripWords(strip, 1, speech.value).side}`],
      parts: [
        ...stripParts(strip, strips.length, speech.value, path),
        strips.length > 1 ? '. Each into ' : '. Into ',
        ...cuts.flatMap((cut, i): TextPart[] => [
          `${i > 0 ? '; ' : ''}pile ${cut.piece?.letter ?? ''}: `,
          ...cut.parts,
        ]),
        '. Seam included.',
      ],
      done: left === 0,
      ...(strips.length > 1 && left > 0 ? { left } : {}),
      ...(place === 0
        ? {
            caution: `${inEnglish(
              'Press the cloth, fold selvage to selvage so that it hangs without a ripple, '
                + 'and square one end against the fold.',
              speech.value,
            )} ${CAUTIONS.blade}`,
          }
        : {}),
    }
  }),
)
/** Ticks one more strip of a kind; when all are ticked, takes the last tick back. */
function tickStep(at: number) {
  const { cloth, group } = flat.value[at]!
  const next = group.places.find(place => !progress.value.get(cloth.id)![place]!.done) ?? group.places.at(-1)!
  toggle(cloth.id, next)
}
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
          :done="progress.get(flat[index]!.cloth.id)!.map(p => p.done)"
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
      <div class="no-print mb-4 flex flex-wrap gap-2" role="tablist" aria-label="Cloths">
        <UButton
          v-for="{ cloth, need } in needs"
          :key="cloth.id"
          role="tab"
          class="!px-3"
          :class="{ chosen: cloth.id === current.cloth.id }"
          :aria-selected="cloth.id === current.cloth.id"
          @click="chosen = cloth.id"
        >
          <ClothSwatch :cloth="cloth" :size="30" />{{ cloth.name
          }}<span class="note"
            >{{ progress.get(cloth.id)!.filter(p => p.done).length }} of {{ need.strips.length }}</span
          >
        </UButton>
      </div>
      <p class="caution no-print mb-4">{{ CAUTIONS.blade }}</p>
      <h1 class="print-only sheet-title">Cutting {{ quilt.name }}. Seam included in every size.</h1>
      <div class="sheets">
        <section
          v-for="{ need, cloth, index } in needs"
          :key="cloth.id"
          class="sheet"
          :class="{ 'print-only': cloth.id !== current.cloth.id }"
          :aria-label="`Cutting ${cloth.name}`"
        >
          <header class="mb-3 flex flex-wrap items-center gap-3">
            <ClothSwatch :cloth="cloth" :size="44" />
            <h2 class="mr-auto">{{ cloth.letter }}, {{ cloth.name }}</h2>
            <p class="figure !whitespace-normal">
              <Figure :path="`cloths.${index}.laid`" kind="count" title="Strips" />
              {{ need.strips.length === 1 ? 'strip' : 'strips' }} from
              <Figure
                :path="`cloths.${index}.need`"
                :kind="need.unit === 'piece' ? 'count' : 'length'"
                title="Cloth that the strips take"
              />{{ need.unit === 'piece' ? ' pieces' : '' }}.
              <strong class="no-print">Seam included in every size.</strong>
            </p>
          </header>
          <div class="two">
            <div>
              <div v-for="s in cloth.id === current.cloth.id ? sheets : 1" :key="s" class="map-box card !p-2">
                <ClothMap
                  :cloth="cloth"
                  :need="need"
                  :path="`cloths.${index}`"
                  :pieces="pieces"
                  :done="progress.get(cloth.id)!.map(p => p.done)"
                  :current="pointed"
                  :hand="settings.hand"
                  :sheet="s - 1"
                />
              </div>
              <h3 class="no-print mt-4 mb-2">Piles</h3>
              <table class="no-print w-full">
                <thead>
                  <tr class="note text-left">
                    <th>Pile</th>
                    <th>Cut, seam included</th>
                    <th class="text-right">Pieces</th>
                    <th class="pl-4">For</th>
                  </tr>
                </thead>
                <tbody>
                  <tr v-for="{ piece, index: at } in pilesOf(cloth.id)" :key="piece.id" class="border-t border-line">
                    <td class="py-1">
                      <span class="tag">{{ piece.letter }}</span>
                    </td>
                    <td>
                      <Figure :path="`pieces.${at}.width`" :title="`Width of ${piece.letter}`" /> ×
                      <Figure :path="`pieces.${at}.height`" :title="`Height of ${piece.letter}`" />
                    </td>
                    <td class="text-right">
                      <Figure :path="`pieces.${at}.count`" kind="count" :title="`Pieces of ${piece.letter}`" /><span
                        v-if="piece.spare"
                        class="note"
                      >
                        ({{ piece.spare }} spare)</span
                      >
                    </td>
                    <td class="pl-4">
                      {{ inEnglish(useName(piece, store.blockNames), speech)
                      }}{{ piece.hand === 'either' ? '' : `, ${piece.hand} hand`
                      }}{{ piece.isStriped ? ', stripes run with its height' : '' }}
                    </td>
                  </tr>
                </tbody>
              </table>
              <template v-if="need.left.some(isWorthKeeping)">
                <h3 class="left mt-4 mb-1">Left over, worth keeping</h3>
                <p class="left figure !whitespace-normal">
                  <template v-for="(rest, i) in need.left" :key="i"
                    ><span v-if="isWorthKeeping(rest)" class="mr-4 inline-block"
                      ><Figure :path="`cloths.${index}.left.${i}.width`" title="Left over, across" /> ×
                      <Figure :path="`cloths.${index}.left.${i}.height`" title="Left over, along" /></span
                  ></template>
                </p>
              </template>
            </div>
            <StripList
              :groups="groups.get(cloth.id)!"
              :index="index"
              :pieces="pieces"
              :places="places"
              :progress="progress.get(cloth.id)!"
              :block-names="store.blockNames"
              @toggle="i => toggle(cloth.id, i)"
              @point="strips => (pointed = strips)"
            />
          </div>
        </section>
      </div>
    </template>
    <p v-else class="note">No cloth is needed yet.</p>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  gap: 1.2rem;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  align-items: start;
}
.map-box {
  margin-bottom: 0.6rem;
}
.map-box :deep(svg) {
  max-height: 62vh;
}
@media (max-width: 1000px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
/* on paper what is needed at the mat: maps whose numbers are read at arm's length, beside them strips to tick */
@media print {
  .sheet-title {
    font-size: 13pt;
    margin-bottom: 3mm;
  }
  .sheets {
    font-size: 8.5pt;
    line-height: 1.25;
  }
  .sheet {
    break-inside: avoid;
    margin-bottom: 3mm;
    border-top: 1.5px solid #000;
    padding-top: 1.5mm;
  }
  .sheet header {
    margin-bottom: 1mm;
    gap: 2mm;
  }
  .sheet header :deep(svg) {
    width: 7mm;
    height: 7mm;
  }
  .sheet h2 {
    font-size: 11pt;
  }
  .sheet h3 {
    font-size: 8.5pt;
    margin: 0;
  }
  .left {
    display: inline;
    margin-right: 2mm !important;
  }
  .two {
    grid-template-columns: 112mm 1fr;
    gap: 4mm;
  }
  .map-box {
    border: 0;
    margin: 0;
    padding: 0 !important;
  }
  .map-box :deep(svg) {
    max-height: 84mm;
  }
}
</style>
