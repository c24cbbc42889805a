<script setup lang="ts">
import { setMethod } from '~~/core/edits/blocks'
import type { MethodId } from '~~/core/methods/method'
import type { RecipeUnit } from '~~/core/sewing/recipe'
import { blockOf, designOf, clothOf } from '~~/core/quilt/quilt'
import { clothsOfCell } from '~~/core/block/demands'
import { CAUTIONS } from '~~/words/caution'
import { formatSize } from '~~/words/length'
import { capital, unitName } from '~~/words/names'
import { plural } from '~~/words/speech'
import { stepText } from '~~/words/step'

const store = useQuilt()
const toast = useSay()
const route = useRoute()
const speech = useSpeech()
const settings = useSettings()
const { units, blocks, rows, rowsDone, toggleRow, countUnits, countBlocks } = useMade()
const quilt = computed(() => store.quilt!)
const plan = computed(() => store.plan)
const recipes = computed(() => store.workbook?.recipes ?? [])
const chosen = ref(0)
const places = computed(() => new Map(plan.value?.pieces.map((piece, i) => [piece.id, i])))
const recipe = computed(() => recipes.value[Math.min(chosen.value, recipes.value.length - 1)] ?? null)
const ofBlock = computed(() => quilt.value.setting.cells.flat().filter(cell => cell.block === recipe.value?.block).length)
const madeBlocks = computed(() => Math.min(ofBlock.value, blocks.value.get(recipe.value?.block ?? '') ?? 0))
/** Units that are sewn before the block is joined; the others are ready as cut. */
const isSewn = (unit: RecipeUnit) => unit.steps.length > 1 || unit.pieces.length > 1
const versions = computed(() => recipes.value.filter(other => other.block === recipe.value?.block).length)

/** Where the numbers of a unit stand in the plan. */
function planned(unit: RecipeUnit) {
  const b = plan.value!.blocks.findIndex(block => block.id === recipe.value!.block)
  const list = plan.value!.blocks[b]?.units ?? []
  const cloths = unit.id.split('.').slice(2)
  const u = list.findIndex(candidate => candidate.kind === unit.kind && Math.abs(candidate.width - unit.size.width) < 1e-6 && Math.abs(candidate.height - unit.size.height) < 1e-6 && [...candidate.cloths].join() === cloths.join())
  return u < 0 ? null : { key: list[u]!.key, paths: { count: `blocks.${b}.units.${u}.count`, width: `blocks.${b}.units.${u}.width`, height: `blocks.${b}.units.${u}.height` } }
}
const coloursOf = (r: typeof recipes.value[number]) => Object.fromEntries(Object.entries(clothsOfCell(quilt.value, r.cell)).map(([role, id]) => [role, clothOf(quilt.value, id).colour]))
function choose(kind: string, method: MethodId | null) {
  toast.problems(store.apply('way of making', setMethod(recipe.value!.block, kind, method)))
}

// at the machine: the units of this block, its joins, then the rows
const modeSteps = computed(() => {
  const r = recipe.value
  if (!r) return []
  const name = blockOf(quilt.value, r.block).name
  const sewn = r.units.filter(isSewn)
  return [
    ...sewn.flatMap(unit => unit.steps.map((step, i) => ({
      place: `${capital(unitName(unit.kind))}, ${plural(unit.inQuilt, 'unit')} in the quilt: step ${i + 1} of ${unit.steps.length}`, text: stepText(step, speech.value), picture: step.picture,
      ...(step.expect ? { figure: formatSize(step.expect.width, step.expect.height, speech.value) } : {}), done: (units.value.get(unit.id) ?? 0) >= unit.inQuilt, tick: i === unit.steps.length - 1 ? () => countUnits(unit.id, (units.value.get(unit.id) ?? 0) >= unit.inQuilt ? -unit.inQuilt : unit.inQuilt - (units.value.get(unit.id) ?? 0)) : null,
      ...(i === 0 ? { caution: CAUTIONS.needle } : step.do === 'press' ? { caution: CAUTIONS.iron } : {}),
    }))),
    ...r.joins.map(({ step, times }, i) => ({
      place: `${name}: join ${i + 1} of ${r.joins.length}`, text: `${times > 1 ? `${times} alike. ` : ''}${stepText(step, speech.value)}`, picture: step.picture, figure: step.expect ? formatSize(step.expect.width, step.expect.height, speech.value) : undefined,
      done: madeBlocks.value >= ofBlock.value, tick: null,
    })),
    {
      place: `${name}: done`, text: stepText({ code: 'block-done', data: r.size }, speech.value), picture: r.picture, figure: formatSize(r.size.width, r.size.height, speech.value), done: madeBlocks.value >= ofBlock.value,
      tick: () => countBlocks(r.block, madeBlocks.value >= ofBlock.value ? -ofBlock.value : ofBlock.value - madeBlocks.value),
    },
    ...rows.value.map((row, i) => ({
      place: `Rows: ${i + 1} of ${rows.value.length}`, picture: null, done: rowsDone.value[i]!, tick: () => toggleRow(i),
      text: `Join row ${i + 1}: ${row.cells.map(cell => blockOf(quilt.value, cell.block).name).join(', ')}. ${row.press === 'towards-sashes' ? 'Press all seams to the sashes.' : `Press all seams to the ${row.press}.`}`,
    })),
  ]
})
const walked = ref(new Set<number>())
function tickStep(index: number) {
  const step = modeSteps.value[index]!
  if (step.tick) step.tick()
  else if (walked.value.has(index)) walked.value.delete(index)
  else walked.value.add(index)
}
const shownSteps = computed(() => modeSteps.value.map((step, i) => ({ ...step, done: step.done || walked.value.has(i) })))
const startAt = computed(() => store.bookmark?.of === 'piece' ? store.bookmark.step ?? 0 : 0)
const isStepping = computed(() => route.query.steps !== undefined)
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-7xl p-5">
    <StepMode
      v-if="isStepping && shownSteps.length > 0"
      :steps="shownSteps"
      :start="startAt"
      :title="`At the machine: ${quilt.name}`"
      @close="navigateTo(route.path)"
      @tick="tickStep"
      @at="i => store.setBookmark({ station: 'piece', of: 'piece', step: i })"
    >
      <template #default="{ index }">
        <PictureView v-if="modeSteps[index]?.picture" :picture="modeSteps[index]!.picture!" :cloths="quilt.cloths" :label="modeSteps[index]!.text" :mirror="settings.hand === 'left'" />
      </template>
    </StepMode>
    <div class="no-print mb-4 flex flex-wrap items-center gap-3">
      <h1 class="mr-auto">Piece</h1>
      <button type="button" class="button" @click="print"><UIcon name="i-lucide-printer" class="size-5" />Print the recipe</button>
      <NuxtLink class="button act" :to="`${route.path}?steps`"><UIcon name="i-lucide-maximize" class="size-5" />At the machine, step by step</NuxtLink>
    </div>
    <p v-if="!plan || !recipe" class="note" role="status">Laying it out …</p>
    <template v-else>
      <div class="no-print mb-4 flex flex-wrap gap-2" role="tablist" aria-label="Blocks">
        <button v-for="(r, i) in recipes" :key="i" type="button" role="tab" class="button !px-3" :class="{ chosen: r === recipe }" :aria-selected="r === recipe" @click="chosen = i">
          <DesignPicture :design="designOf(quilt, blockOf(quilt, r.block))" :colours="coloursOf(r)" :size="34" />{{ blockOf(quilt, r.block).name }}<span class="note figure">× {{ r.count }}</span>
        </button>
      </div>
      <header class="mb-4 flex flex-wrap items-center gap-4">
        <div class="h-32 w-32 flex-none"><PictureView :picture="recipe.picture" :cloths="quilt.cloths" label="The block" /></div>
        <div>
          <h2 class="text-2xl">{{ blockOf(quilt, recipe.block).name }}</h2>
          <p class="figure !whitespace-normal">{{ recipe.count }} in these cloths<template v-if="versions > 1">, {{ ofBlock }} in all</template>; {{ formatSize(recipe.size.width, recipe.size.height, speech) }} unfinished</p>
          <div class="no-print mt-2 flex items-center gap-2">
            <button type="button" class="button icon" :disabled="madeBlocks === 0 || !store.canWrite" aria-label="One block fewer made" @click="countBlocks(recipe.block, -1)"><UIcon name="i-lucide-minus" class="size-5" /></button>
            <span class="figure font-semibold" data-testid="blocks-made">{{ madeBlocks }} of {{ ofBlock }} blocks sewn</span>
            <button type="button" class="button icon" :disabled="madeBlocks >= ofBlock || !store.canWrite" aria-label="One block more made" @click="countBlocks(recipe.block, 1)"><UIcon name="i-lucide-plus" class="size-5" /></button>
            <button type="button" class="button" :disabled="madeBlocks >= ofBlock || !store.canWrite" @click="countBlocks(recipe.block, ofBlock - madeBlocks)">All sewn</button>
          </div>
        </div>
        <p class="caution ml-auto max-w-md">{{ CAUTIONS.needle }}</p>
      </header>
      <section class="mb-6 space-y-4" aria-label="Units">
        <PlainPieces v-if="recipe.units.some(unit => !isSewn(unit))" :units="recipe.units.filter(unit => !isSewn(unit))" :quilt="quilt" :places="places" />
        <UnitCard
          v-for="unit in recipe.units.filter(isSewn)"
          :key="unit.id"
          :unit="unit"
          :quilt="quilt"
          :made="units.get(unit.id) ?? 0"
          :ways="store.workbook!.ways[planned(unit)?.key ?? ''] ?? []"
          :paths="planned(unit)?.paths ?? null"
          :places="places"
          :can-write="store.canWrite"
          @made="by => countUnits(unit.id, by)"
          @choose="method => choose(unit.kind, method)"
        />
      </section>
      <section v-if="recipe.joins.length > 0" class="card mb-6" aria-label="Joining the block">
        <h2 class="mb-1">Join the block</h2>
        <p class="caution mb-4">{{ CAUTIONS.iron }}</p>
        <JoinList :recipe="recipe" :quilt="quilt" />
      </section>
      <section class="no-print" aria-label="Rows">
        <h2 class="mb-1">Join the rows</h2>
        <p class="note mb-3">Lay all blocks out first, and step back. Chain the same seam of every row; two clips of one colour for each row keep the order.</p>
        <RowList :rows="rows" :quilt="quilt" :done="rowsDone" :can-write="store.canWrite" @toggle="toggleRow" />
      </section>
    </template>
  </div>
</template>
