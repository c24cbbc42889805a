<script setup lang="ts">
import { makingRules } from '~~/core/file/makings'
import { rulesOf } from '~~/core/file/settings'
import { clipsOf } from '~~/core/top/clips'
import { timesPlaced } from '~~/core/top/places'
import type { QuiltRow } from '~~/core/top/rows'
import { setMethod, setTrim, setWholeMethod } from '~~/core/edits/blocks'
import { setHalfSquares, setPressing } from '~~/core/edits/pressing'
import type { MethodId } from '~~/core/file/methodNames'
import type { Picture } from '~~/core/make/steps/picture'
import { needsSewing, type Recipe, type RecipeUnit } from '~~/core/recipes/recipe'
import { followsTheHand, type Step } from '~~/core/make/steps/step'
import { blockOf, designOf, clothOf } from '~~/core/file/quilt'
import { clothsOfCell } from '~~/core/file/clothsOfCell'
import { CAUTIONS } from '~~/words/caution'
import { steamText } from '~~/words/measured'
import { nestingText } from '~~/words/pressing'
import { capital, unitName } from '~~/words/names'
import { formatLength } from '~~/words/length'
import { clipsText, rowParts } from '~~/words/rows'
import { inEnglish, plural } from '~~/words/speech'
import { stageParts } from '~~/words/stage'
import { stepParts } from '~~/words/step'
import { textOf } from '~~/words/textPart'
import type { ModeStep } from '~/components/common/StepMode.vue'

const store = useQuilt()
const toast = useToasts()
const route = useRoute()
const speech = useSpeech()
const settings = useSettings()
const { units, blocks, rows, rowsDone, steps, toggleRow, toggleStep, countUnits, countBlocks } = useMade()
const quilt = computed(() => store.plannedQuilt!)
const plan = computed(() => store.plan)
const recipes = computed(() => store.workbook?.recipes ?? [])
const chosen = ref(0)
const places = computed(() => new Map(plan.value?.pieces.map((piece, i) => [piece.id, i])))
const recipe = computed(() => recipes.value[Math.min(chosen.value, recipes.value.length - 1)] ?? null)
const ofBlock = computed(() => (recipe.value ? timesPlaced(quilt.value, recipe.value.block) : 0))
const madeBlocks = computed(() => Math.min(ofBlock.value, blocks.value.get(recipe.value?.block ?? '') ?? 0))
const versions = computed(() => recipes.value.filter(other => other.block === recipe.value?.block).length)

/** With the letter of its pressing, where the block is pressed in more than one way. */
const nameOf = ({ block, cell, version }: Recipe) =>
  `${blockOf(quilt.value, block).name}${cell.mirror ? ', mirrored' : ''}${version ? `, ${version}` : ''}`
const versionsOf = (block: string) => [
  ...new Set(recipes.value.flatMap(other => (other.block === block && other.version ? [other.version] : []))),
]

const plannedUnit = (unit: RecipeUnit) =>
  plan
    .value!.blocks.flatMap(block => (block.id === recipe.value!.block ? block.units : []))
    .find(planned => planned.key === unit.key)!
/** Of the way each unit is made: whether edges lie on the bias when it is pressed. */
const hasBias = computed(() =>
  recipe.value!.units.some(unit => {
    const { ways } = plannedUnit(unit)
    return (ways.find(({ method }) => method === unit.method)?.biasEdges ?? 0) > 0
  }),
)
const panel = computed(() => plan.value!.blocks.find(({ id }) => id === recipe.value!.block)?.panel)
const coloursOf = (r: (typeof recipes.value)[number]) =>
  Object.fromEntries(
    Object.entries(clothsOfCell(quilt.value, r.cell)).map(([role, id]) => [role, clothOf(quilt.value, id).colour]),
  )
function school(press: 'plan' | 'dark' | 'open') {
  toast.problems(store.apply('way of pressing', setPressing(press)))
}
const isTrimmedHalfSquare = ({ kind, trim }: RecipeUnit) => kind === 'half-square' && trim
function trimHalfSquares(how: 'open' | 'closed') {
  toast.problems(store.apply('how half-squares are trimmed', setHalfSquares(how)))
}
function makeWhole(method: 'auto' | 'foundation' | 'template') {
  toast.problems(store.apply('way of making', setWholeMethod(recipe.value!.block, method)))
}
function choose(kind: string, method: MethodId | null) {
  toast.problems(store.apply('way of making', setMethod(recipe.value!.block, kind, method)))
}

const bothSides = (path: string) => [`${path}.width`, `${path}.height`]

/** What blocks are joined to first: columns where sashes, or shifts, run between them. */
const joined = computed(() => {
  const { kind } = store.quilt!.setting
  return rows.value.some(row => row.kind === 'column') ? 'column' : rulesOf({ kind }).joined
})
/** Triangles are cut a little large: the whole top is trimmed before anything is sewn to it. */
const trimming = computed(() => {
  const { seam, setting } = store.quilt!
  return setting.sashing
    ? `Trim the whole top ${formatLength(seam, speech.value)} outside the points where sashes meet the edge.`
    : `Trim the whole top ${formatLength(setting.float + seam, speech.value)} outside the corners of the blocks.`
})
const joining = computed(() =>
  joined.value === 'diagonal'
    ? 'Join each diagonal from its lower left, with the triangles at its ends; then the diagonals, from the upper '
      + `left; the corners last. ${trimming.value}`
    : joined.value === 'column'
      ? 'Join each column from the top down, then the columns two and two.'
      : 'Join each row from left to right, then the rows two and two.',
)
// at the machine: the units of this block, its joins, then the rows
const modeSteps = computed((): PieceStep[] => {
  const r = recipe.value
  return r ? [...r.units.filter(needsSewing).flatMap(unitSteps), ...joinSteps(r), ...rowSteps()] : []
})
interface PieceStep extends ModeStep {
  picture: Picture | null
  /** Of its stages. */
  pictures?: Picture[]
  followsHand?: boolean
  tick: () => void
}
/** What hands do within a step that wants care. */
const stagesOf = ({ stages = [] }: Step) => ({
  stages: stages.map(stage => stageParts(stage, speech.value, store.clothNames)),
  pictures: stages.map(({ picture }) => picture),
})

function unitSteps(unit: RecipeUnit): PieceStep[] {
  const made = units.value.get(unit.id) ?? 0
  const isMade = made >= unit.inQuilt
  return unit.steps.map((step, i) => {
    const isLast = i === unit.steps.length - 1
    const id = `${unit.id}.${step.code}.${i}`
    return {
      place:
        `${capital(unitName(unit))}, ${plural(unit.inQuilt, 'unit')} in the quilt: `
        + `step ${i + 1} of ${unit.steps.length}`,
      parts: stepParts(step, speech.value, store.clothNames),
      ...stagesOf(step),
      picture: step.picture,
      followsHand: followsTheHand(step),
      ...(step.expect ? { figures: bothSides(unit.path) } : {}),
      ...(i === 0 ? { caution: CAUTIONS.needle } : step.do === 'press' ? { caution: CAUTIONS.iron } : {}),
      done: isMade || (!isLast && (steps.value.get(id) ?? 0) > 0),
      tick: isLast ? () => countUnits(unit.id, isMade ? -unit.inQuilt : unit.inQuilt - made) : () => toggleStep(id),
    }
  })
}
function joinSteps(r: Recipe): PieceStep[] {
  const name = nameOf(r)
  const done = madeBlocks.value >= ofBlock.value
  return [
    ...r.joins.map(({ id, step, times, path }, i): PieceStep => ({
      place: `${name}: join ${i + 1} of ${r.joins.length}`,
      parts: [times > 1 ? `${times} alike. ` : '', ...stepParts(step, speech.value, store.clothNames)],
      ...stagesOf(step),
      picture: step.picture,
      figures: bothSides(path),
      done: done || (steps.value.get(id) ?? 0) > 0,
      tick: () => toggleStep(id),
    })),
    {
      place: `${name}: done`,
      parts: stepParts(r.done, speech.value),
      picture: r.done.picture,
      figures: bothSides(r.path),
      done,
      tick: () => countBlocks(r.block, done ? -ofBlock.value : ofBlock.value - madeBlocks.value),
    },
  ]
}
function clipsSentence(row: QuiltRow): string {
  const clips = clipsOf(quilt.value.clips, row)
  return clips ? ` Keep its first and its last block with ${clipsText(clips)}.` : ''
}
function rowSteps(): PieceStep[] {
  // as you go rows are joined by their backs, on a page of their own
  if (!makingRules(quilt.value.making).hasTop) return []
  return rows.value.map((row, i) => ({
    place: `Joining the top: ${i + 1} of ${rows.value.length}`,
    picture: null,
    done: rowsDone.value[i]!,
    tick: () => toggleRow(i),
    parts: [...rowParts(row, store.blockNames, speech.value, `rows.${i}`), clipsSentence(row)],
    figures: bothSides(`rows.${i}`),
  }))
}
const startAt = computed(() => (store.bookmark?.of === 'piece' ? (store.bookmark.step ?? 0) : 0))
const isStepping = computed(() => route.query.steps !== undefined)
</script>

<template>
  <div class="mx-auto max-w-7xl p-5">
    <StepMode
      v-if="isStepping && modeSteps.length > 0"
      :steps="modeSteps"
      :start="startAt"
      :title="`At the machine: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="i => modeSteps[i]!.tick()"
      @at="i => store.setBookmark({ station: 'piece', of: 'piece', step: i })"
    >
      <template #default="{ index, stage }">
        <PictureView
          v-if="modeSteps[index]?.picture"
          :picture="stage === null ? modeSteps[index]!.picture! : modeSteps[index]!.pictures![stage]!"
          :cloths="quilt.cloths"
          :label="textOf(stage === null ? modeSteps[index]!.parts : modeSteps[index]!.stages![stage]!)"
          :mirror="settings.hand === 'left' && modeSteps[index]!.followsHand"
        />
      </template>
    </StepMode>
    <StationHead title="Piece" print="the recipe" mode="At the machine">
      <UButton :to="toPage('batches')"><UIcon name="i-lucide-layers" class="size-5" />In batches</UButton>
      <UButton :to="toPage('chances')"><UIcon name="i-lucide-chart-column" class="size-5" />What chance does</UButton>
    </StationHead>
    <p v-if="!plan || !recipe" class="note" role="status">Laying it out …</p>
    <template v-else>
      <div class="no-print mb-4 flex flex-wrap gap-2" role="tablist" aria-label="Blocks">
        <UButton
          v-for="(r, i) in recipes"
          :key="i"
          role="tab"
          class="!px-3"
          :class="{ chosen: r === recipe }"
          :aria-selected="r === recipe"
          @click="chosen = i"
        >
          <DesignPicture
            :design="designOf(quilt, blockOf(quilt, r.block))"
            :colours="coloursOf(r)"
            :size="34"
            :style="r.cell.mirror ? { transform: 'scaleX(-1)' } : {}"
          />{{ nameOf(r) }}<span class="note figure">× {{ r.count }}</span>
        </UButton>
      </div>
      <header class="mb-4 flex flex-wrap items-center gap-4">
        <div class="h-32 w-32 flex-none">
          <PictureView :picture="recipe.done.picture" :cloths="quilt.cloths" label="The block" />
        </div>
        <div>
          <h2 class="text-2xl">{{ nameOf(recipe) }}</h2>
          <p class="figure !whitespace-normal">
            {{ recipe.count }} in these cloths{{ recipe.version ? ', pressed so' : ''
            }}<template v-if="versions > 1">, {{ ofBlock }} in all</template>;
            <Figure :path="`${recipe.path}.width`" title="Unfinished width" /> ×
            <Figure :path="`${recipe.path}.height`" title="Unfinished height" /> unfinished
          </p>
          <div class="no-print mt-2 flex items-center gap-2">
            <UButton
              square
              :disabled="madeBlocks === 0 || !store.canWrite"
              aria-label="One block fewer made"
              @click="countBlocks(recipe.block, -1)"
            >
              <UIcon name="i-lucide-minus" class="size-5" />
            </UButton>
            <span class="figure font-semibold" data-testid="blocks-made"
              >{{ madeBlocks }} of {{ ofBlock }} blocks sewn</span
            >
            <UButton
              square
              :disabled="madeBlocks >= ofBlock || !store.canWrite"
              aria-label="One block more made"
              @click="countBlocks(recipe.block, 1)"
            >
              <UIcon name="i-lucide-plus" class="size-5" />
            </UButton>
            <UButton
              :disabled="madeBlocks >= ofBlock || !store.canWrite"
              @click="countBlocks(recipe.block, ofBlock - madeBlocks)"
            >
              All sewn
            </UButton>
          </div>
        </div>
        <p class="caution ml-auto min-w-72 max-w-md flex-1 print:max-w-none">{{ CAUTIONS.needle }}</p>
      </header>
      <section class="card mb-6 flex flex-wrap items-center gap-5" aria-label="From behind">
        <div class="h-56 w-56 flex-none" data-testid="back-view">
          <PictureView
            :picture="recipe.back"
            :cloths="quilt.cloths"
            :arrows="0.6"
            label="The block from behind, as it is pressed"
          />
        </div>
        <div class="min-w-64 flex-1 space-y-2">
          <h2>From behind{{ recipe.version ? `, version ${recipe.version}` : '' }}</h2>
          <p>
            Turned over sideways: every allowance lies the way its arrow points.
            <template v-if="quilt.press === 'plan'">{{ nestingText(plan.pressing, speech) }}</template>
            <template v-else-if="quilt.press === 'open'">Without an arrow, each lies on its own patch.</template>
          </p>
          <p v-if="recipe.version">
            Like blocks stand side by side here, and pressed all alike their seams would not nest: some are pressed as
            {{ versionsOf(recipe.block).join(', others as ') }}. Mark each with its sign; the rows say where it stands.
          </p>
          <ChoiceField
            label="Seams of all blocks are pressed"
            place="no-print max-w-80"
            :value="store.quilt!.press"
            :options="[
              { value: 'plan', label: 'so that they nest' },
              { value: 'dark', label: 'to the darker side' },
              { value: 'open', label: 'open' },
            ]"
            :disabled="!store.canWrite"
            @choose="value => school(value)"
          />
          <ChoiceField
            v-if="recipe.units.some(isTrimmedHalfSquare)"
            label="Half-squares are trimmed"
            place="no-print max-w-80"
            :value="store.quilt!.halfSquares"
            :options="[
              { value: 'open', label: 'opened and pressed' },
              { value: 'closed', label: 'closed, then pressed' },
            ]"
            :disabled="!store.canWrite"
            data-testid="half-squares"
            @choose="value => trimHalfSquares(value)"
          />
          <p>{{ steamText(hasBias) }}</p>
          <p v-if="quilt.press === 'dark' && plan.pressing.crossings.clash.length > 0" class="note">
            {{ nestingText(plan.pressing, speech) }}
          </p>
        </div>
      </section>
      <p v-if="panel?.isMeasured" class="card mb-4" data-testid="panel-now">
        The blocks beside it were measured: cut the worked panel to
        <strong
          ><Figure :path="`${recipe.path}.panel.width`" title="To meet the blocks beside it" /> ×
          <Figure :path="`${recipe.path}.panel.height`" title="To meet the blocks beside it" /></strong
        >, whatever its step says.
      </p>
      <section class="mb-6 space-y-4" aria-label="Units">
        <PlainPieces
          v-if="recipe.units.some(unit => !needsSewing(unit))"
          :units="recipe.units.filter(unit => !needsSewing(unit))"
          :quilt="quilt"
          :places="places"
        />
        <UnitCard
          v-for="unit in recipe.units.filter(needsSewing)"
          :key="unit.id"
          :unit="unit"
          :quilt="quilt"
          :made="units.get(unit.id) ?? 0"
          :planned="plannedUnit(unit)"
          :places="places"
          :can-write="store.canWrite"
          @made="by => countUnits(unit.id, by)"
          @choose="method => choose(unit.kind, method)"
          @care="
            care =>
              toast.problems(store.apply('how generously squares are cut', setTrim(recipe!.block, unit.kind, care)))
          "
        />
      </section>
      <section v-if="recipe.joins.length > 0" class="joining card mb-6" aria-label="Joining the block">
        <h2 class="mb-1">Join the block</h2>
        <p class="caution mb-4">{{ CAUTIONS.iron }}</p>
        <JoinList
          :recipe="recipe"
          :quilt="quilt"
          :can-write="store.canWrite"
          @edit="(name, change) => toast.problems(store.apply(name, change))"
        />
      </section>
      <BlockMeasures
        v-if="!blockOf(quilt, recipe.block).derived"
        :key="recipe.block"
        :quilt="quilt"
        :block="blockOf(quilt, recipe.block)"
        :planned="plan.blocks.find(b => b.id === recipe!.block)!"
        :path="recipe.path"
        :can-write="store.canWrite"
        @edit="(name, change) => toast.problems(store.apply(name, change))"
      />
      <PaperWork
        :quilt="quilt"
        :planned="plan.blocks.find(b => b.id === recipe!.block)!"
        :can-write="store.canWrite"
        @method="makeWhole"
      />
      <p v-if="!makingRules(quilt.making).hasTop" class="card no-print">
        The blocks are quilted one by one and joined by their backs, not as a top.
        <UButton class="mt-2" :to="toPage('as-you-go')"
          ><UIcon name="i-lucide-layers" class="size-5" />Block by block, as you go</UButton
        >
      </p>
      <section v-else class="no-print" aria-label="Rows">
        <div class="mb-1 flex flex-wrap items-center gap-3">
          <h2 class="grow">Join the top</h2>
          <UButton v-if="rows.length > 1" :to="toPage('joining')"
            ><UIcon name="i-lucide-list-tree" class="size-5" />Order, pins and marks</UButton
          >
          <UButton :to="toPage('cards')"><UIcon name="i-lucide-printer" class="size-5" />Row cards</UButton>
        </div>
        <p class="note mb-3">
          Lay all blocks out first, and step back. {{ joining }} Chain the same seam of every {{ joined }};
          {{ inEnglish('two clips of one color for each row keep the order.', speech) }}
        </p>
        <ClipsField
          class="mb-4"
          :clips="quilt.clips"
          :disabled="!store.canWrite"
          @edit="(name, change) => toast.problems(store.apply(name, change))"
        />
        <RowList
          :rows="rows"
          :marks="plan.marks"
          :quilt="quilt"
          :done="rowsDone"
          :can-write="store.canWrite"
          @toggle="toggleRow"
        />
        <RowMeasures
          :rows="rows"
          :quilt="quilt"
          :can-write="store.canWrite"
          @edit="(name, change) => toast.problems(store.apply(name, change))"
        />
      </section>
    </template>
  </div>
</template>

<style scoped>
@media print {
  .joining {
    break-inside: auto;
    border: 0;
    padding: 0;
  }
  .joining h2,
  .joining .caution {
    break-after: avoid;
  }
}
</style>
