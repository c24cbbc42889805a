import { makingRules } from '~~/core/file/makings'
import type { Picture } from '~~/core/make/steps/picture'
import { followsTheHand, type Step } from '~~/core/make/steps/step'
import { needsSewing, type Recipe, type RecipeUnit } from '~~/core/recipes/recipe'
import { clipsOf } from '~~/core/top/clips'
import { timesPlaced } from '~~/core/top/places'
import { CAUTIONS } from '~~/words/caution'
import { capital, unitName } from '~~/words/names'
import { clipsText, rowParts } from '~~/words/rows'
import { plural } from '~~/words/speech'
import { stageParts } from '~~/words/stage'
import { stepParts } from '~~/words/step'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** A step at the machine: its picture, those of its stages, and what its tick does. */
export interface PieceStep extends ModeStep {
  picture: Picture | null
  /** Of its stages. */
  pictures?: Picture[]
  followsHand?: boolean
  tick: () => void
}

const bothSides = (path: string) => [`${path}.width`, `${path}.height`]

/** At the machine, one after the other: the units of a block, its joins, then the rows. */
export function usePieceSteps(recipe: Readonly<Ref<Recipe | null>>, nameOf: (recipe: Recipe) => string) {
  const told = useTold()
  return computed((): PieceStep[] => {
    const found = recipe.value
    if (!found) return []
    const units = found.units.filter(needsSewing).flatMap(unit => unitSteps(unit, told))
    return [...units, ...chartSteps(found, told), ...joinSteps(found, nameOf(found), told), ...rowSteps(told)]
  })
}

/** What steps are told from: the quilt, what is made of it, and what hands do within a step that wants care. */
function useTold() {
  const store = useQuilt()
  const speech = useSpeech()
  const made = useMade()
  const { stepOf } = useChartRows()
  const isTicked = (id: string) => (made.steps.value.get(id) ?? 0) > 0
  const partsOf = (step: Step) => stepParts(step, speech.value, store.clothNames)
  const stagesOf = ({ stages = [] }: Step) => ({
    stages: stages.map(stage => stageParts(stage, speech.value, store.clothNames)),
    pictures: stages.map(({ picture }) => picture),
  })
  return { store, speech, ...made, stepOf, isTicked, partsOf, stagesOf }
}
type Told = ReturnType<typeof useTold>

function unitSteps(
  unit: RecipeUnit,
  { units, countUnits, toggleStep, isTicked, partsOf, stagesOf }: Told,
): PieceStep[] {
  const made = units.value.get(unit.id) ?? 0
  const isMade = made >= unit.inQuilt
  const name = `${capital(unitName(unit))}, ${plural(unit.inQuilt, 'unit')} in the quilt`
  return unit.steps.map((step, i) => {
    const isLast = i === unit.steps.length - 1
    const id = `${unit.id}.${step.code}.${i}`
    return {
      place: `${name}: step ${i + 1} of ${unit.steps.length}`,
      parts: partsOf(step),
      ...stagesOf(step),
      picture: step.picture,
      followsHand: followsTheHand(step),
      ...(step.expect ? { figures: bothSides(unit.path) } : {}),
      ...(i === 0 ? { caution: CAUTIONS.needle } : step.do === 'press' ? { caution: CAUTIONS.iron } : {}),
      done: isMade || (!isLast && isTicked(id)),
      tick: isLast ? () => countUnits(unit.id, isMade ? -unit.inQuilt : unit.inQuilt - made) : () => toggleStep(id),
    }
  })
}

/** A picture is sewn row by row as its chart is read. */
function chartSteps({ block, cell }: Recipe, { store, stepOf }: Told): PieceStep[] {
  const chart = store.plan?.charts.find(other => other.block === block && (other.mirror ?? false) === cell.mirror)
  return (chart?.rows ?? []).map(row => ({ ...stepOf(chart!, row), picture: null }))
}

function joinSteps(found: Recipe, name: string, told: Told): PieceStep[] {
  const { store, speech, blocks, countBlocks, toggleStep, isTicked, partsOf, stagesOf } = told
  const all = timesPlaced(store.plannedQuilt!, found.block)
  const made = Math.min(all, blocks.value.get(found.block) ?? 0)
  const joins = found.joins.map(({ id, step, times, path }, i): PieceStep => ({
    place: `${name}: join ${i + 1} of ${found.joins.length}`,
    parts: [times > 1 ? `${times} alike. ` : '', ...partsOf(step)],
    ...stagesOf(step),
    picture: step.picture,
    figures: bothSides(path),
    done: made >= all || isTicked(id),
    tick: () => toggleStep(id),
  }))
  const frames = found.frames.map(({ id, step }, i): PieceStep => ({
    place: `${name}: frame, ${i + 1} of ${found.frames.length}`,
    parts: partsOf(step),
    picture: step.picture,
    done: made >= all || isTicked(id),
    tick: () => toggleStep(id),
  }))
  const done: PieceStep = {
    place: `${name}: done`,
    parts: stepParts(found.done, speech.value),
    picture: found.done.picture,
    figures: bothSides(found.path),
    done: made >= all,
    tick: () => countBlocks(found.block, made >= all ? -all : all - made),
  }
  return [...joins, ...frames, done]
}

function rowSteps({ store, speech, rows, rowsDone, toggleRow }: Told): PieceStep[] {
  const { making, clips } = store.plannedQuilt!
  // without a top, rows are joined by their backs, on a page of their own
  if (!makingRules(making).hasTop) return []
  return rows.value.map((row, i) => {
    const colours = clipsOf(clips, row)
    return {
      place: `Joining the top: ${i + 1} of ${rows.value.length}`,
      picture: null,
      done: rowsDone.value[i]!,
      tick: () => toggleRow(i),
      parts: [
        ...rowParts(row, store.blockNames, speech.value, `rows.${i}`),
        colours ? ` Keep its first and its last block with ${clipsText(colours)}.` : '',
      ],
      figures: bothSides(`rows.${i}`),
    }
  })
}
