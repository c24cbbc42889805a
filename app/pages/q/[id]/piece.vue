<script setup lang="ts">
import { makingRules } from '~~/core/file/makings'
import { timesPlaced } from '~~/core/top/places'
import { setMethod, setTrim, setWholeMethod } from '~~/core/edits/blocks'
import { needsSewing, type Recipe, type RecipeUnit } from '~~/core/recipes/recipe'
import { blockOf, designOf } from '~~/core/file/quilt'
import { CAUTIONS } from '~~/words/caution'
import { textOf } from '~~/words/textPart'

const store = useQuilt()
const edit = useEdit()
const route = useRoute()
const settings = useSettings()
const { units, blocks, rows, rowsDone, toggleRow, countUnits, countBlocks } = useMade()
const quilt = computed(() => store.plannedQuilt!)
const plan = computed(() => store.plan)
// what is sewn already comes last: there is nothing to sew of it
const recipes = computed(() =>
  (store.workbook?.recipes ?? []).toSorted((a, b) => Number(isSewn(a)) - Number(isSewn(b))),
)
const isSewn = ({ block: id }: Recipe) => blockOf(quilt.value, id).tray !== undefined
const chosen = ref('0')
const { places } = usePieces()
const recipe = computed(() => recipes.value[Number(shown.value)] ?? null)
/** A recipe that is there, also when a change of plan left fewer. */
const shown = computed(() => String(Math.min(Number(chosen.value), recipes.value.length - 1)))
const block = computed(() => blockOf(quilt.value, recipe.value!.block))
const isPicture = computed(() => designOf(quilt.value, block.value).picture !== undefined)
const planned = computed(() => plan.value!.blocks.find(({ id }) => id === block.value.id)!)
const ofBlock = computed(() => timesPlaced(quilt.value, block.value.id))
const madeBlocks = computed(() => Math.min(ofBlock.value, blocks.value.get(block.value.id) ?? 0))
const alike = computed(() => recipes.value.filter(other => other.block === block.value.id))

/** With the sign of its pressing, where the block is pressed in more than one way. */
const nameOf = ({ block: id, cell, version }: Recipe) =>
  `${blockOf(quilt.value, id).name}${cell.mirror ? ', mirrored' : ''}${version ? `, ${version}` : ''}`
const plannedUnit = (unit: RecipeUnit) => planned.value.units.find(({ key }) => key === unit.key)!
/** Of the way each unit is made: whether edges lie on the bias when it is pressed. */
const hasBias = computed(() =>
  recipe.value!.units.some(unit => {
    const { ways } = plannedUnit(unit)
    return (ways.find(({ method }) => method === unit.method)?.biasEdges ?? 0) > 0
  }),
)

const modeSteps = usePieceSteps(recipe, nameOf)
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
      <RecipeTabs
        class="mb-4"
        :recipes="recipes"
        :quilt="quilt"
        :name-of="nameOf"
        :value="shown"
        @choose="value => (chosen = value)"
      />
      <RecipeHead
        :recipe="recipe"
        :name="nameOf(recipe)"
        :quilt="quilt"
        :versions="alike.length"
        :all="ofBlock"
        :made="madeBlocks"
        :is-sewn="isSewn(recipe)"
        :can-write="store.canWrite"
        @count="by => countBlocks(block.id, by)"
      />
      <FromBehind
        :recipe="recipe"
        :planned="quilt"
        :quilt="store.quilt!"
        :pressing="plan.pressing"
        :versions="[...new Set(alike.flatMap(({ version }) => version ?? []))]"
        :has-bias="hasBias"
        :can-write="store.canWrite"
        @edit="edit"
      />
      <p v-if="planned.panel?.isMeasured" class="card mb-4" data-testid="panel-now">
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
          @choose="method => edit('way of making', setMethod(block.id, unit.kind, method))"
          @care="care => edit('how generously squares are cut', setTrim(block.id, unit.kind, care))"
        />
      </section>
      <p v-if="isPicture" class="card mb-6">
        A picture is sewn by its chart: row by row, from strip sets or in panels.
        <UButton class="no-print mt-2" variant="solid" :to="toPage('chart', { query: { block: block.id } })"
          ><UIcon name="i-lucide-grid-3x3" class="size-5" />Read the chart</UButton
        >
      </p>
      <section
        v-if="recipe.joins.length + recipe.frames.length > 0"
        class="joining card mb-6"
        aria-label="Joining the block"
      >
        <h2 class="mb-1">{{ recipe.joins.length > 0 ? 'Join the block' : 'Frame the block' }}</h2>
        <p class="caution mb-4">{{ CAUTIONS.iron }}</p>
        <JoinList :recipe="recipe" :quilt="quilt" :can-write="store.canWrite" @edit="edit" />
      </section>
      <BlockMeasures
        v-if="!block.derived"
        :key="block.id"
        :quilt="quilt"
        :block="block"
        :planned="planned"
        :path="recipe.path"
        :can-write="store.canWrite"
        @edit="edit"
      />
      <PaperWork
        v-if="!isSewn(recipe) && !isPicture"
        :quilt="quilt"
        :planned="planned"
        :can-write="store.canWrite"
        @method="method => edit('way of making', setWholeMethod(block.id, method))"
      />
      <p v-if="!makingRules(quilt.making).hasTop" class="card no-print">
        The blocks are quilted one by one and joined by their backs, not as a top.
        <UButton class="mt-2" :to="toPage('as-you-go')"
          ><UIcon name="i-lucide-layers" class="size-5" />Block by block, as you go</UButton
        >
      </p>
      <JoinTop
        v-else
        :rows="rows"
        :quilt="quilt"
        :marks="plan.marks"
        :done="rowsDone"
        :can-write="store.canWrite"
        @edit="edit"
        @toggle="toggleRow"
      />
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
