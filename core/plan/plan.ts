// In: a quilt. Out: its plan, and what the plan was made from.
import type { PlanWork } from './planWork'
import { blockMake } from '../make/units/blockMake'
import { unitDemands } from '../make/units/demands'
import type { UnitDemand } from '../make/units/unitDemand'
import { clothNeed, type ClothNeed } from '../cut/need'
import { gatherPieces } from '../cut/gather'
import type { Piece, PieceOrder } from '../cut/piece'
import { QUICK, type Search } from '../cut/layout'
import { planBinding, type Binding } from '../layers/binding'
import { bindingOrders } from '../layers/bindingPieces'
import { borderOrders, roughLength } from '../cut/edgePieces'
import { planBacking, type Backing } from '../layers/backing'
import { planBatting } from '../layers/batting'
import { seamTest } from '../made/seamTest'
import type { Inches } from '../measure/ruler'
import type { Sum } from '../measure/sum'
import { waysFor, type Choice, type Way } from './choose'
import { testBlockPieces } from './testBlock'
import { quiltRows, sashMarks, type QuiltRow, type SashMarks } from '../top/rows'
import { settingOrders } from '../cut/settingPieces'
import { dimensionsOf, plannedDimensions, type Dimensions } from '../top/dimensions'
import { plannedCloth, type PlannedCloth } from './plannedCloth'
import { plannedPiece } from './plannedPiece'
import { plannedQuilt, type PlannedQuilt } from './plannedQuilt'
import { because, plainOf, type Reckonable } from '../measure/reckoned'
import { unfinishedSide } from '../measure/unfinishedSide'
import type { BorderStrip } from '../top/borders/butted'
import { plannedBlock, type PlannedBlock } from './plannedBlock'
import { plannedStages, type PlannedStage } from './plannedStages'
import type { Quilt } from '../file/quilt'
import { workroomOf } from './workroom'

export interface PlannedBorder {
  border: number
  side: 'left' | 'right' | 'top' | 'bottom'
  length: Inches
  rough: Inches
  width: Inches
}

/** The plan before it is checked: plain data, lengths in inches. Names are agreed in `docs/file-format.md`. */
export interface Plan {
  quilt: PlannedQuilt
  stages: PlannedStage[]
  pieces: Piece[]
  cloths: PlannedCloth[]
  blocks: PlannedBlock[]
  /** In the order of joining. */
  rows: QuiltRow[]
  /** On long sashes. */
  marks: SashMarks[]
  borders: PlannedBorder[]
  backing: { panels: number; panelLength: Inches; seams: Backing['seams']; buy: Inches } | null
  batting: { width: Inches; height: Inches } | null
  binding: {
    style: Binding['style']
    length: Inches
    strips: number
    strip: Inches
    buy: Inches
    overlap: Inches
  } | null
  seamTest: {
    strips: number
    cut: Inches
    expected: Inches
    measured: Inches | null
    sewn: Inches | null
    off: Inches | null
  }
  sums: Record<string, Sum>
}

/**
 * From a quilt to its plan. Pure, and the same every time. Each stage reads what came before: blocks → setting →
 * borders → edge → pieces → cutting → layers.
 */
export function makePlan(quilt: Quilt, search: Search = QUICK): { plan: Plan; work: PlanWork } {
  const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
  const dimensions = dimensionsOf(quilt)
  const planned = plannedDimensions(quilt)
  const { width, height } = dimensions.top.stages.at(-1)!
  const binding = planBinding(quilt, width.total, height.total)
  const { choices, pieces, needs } = bestOfTwo(unitDemands(quilt, makes), fixedOrders(quilt, dimensions), quilt, search)

  const backing = planBacking(quilt, width.total, height.total)
  const batting = planBatting(quilt, width.total, height.total)
  const work: PlanWork = { quilt, makes, choices, dimensions, needs, pieces }
  const numbers = new Map(pieces.map(piece => [piece.id, piece.letter]))
  const parts: Reckonable<Omit<Plan, 'sums'>> = {
    quilt: plannedQuilt(quilt, { dimensions, pieces, needs, binding, backing }),
    stages: plannedStages(quilt, dimensions.top, planned.top),
    pieces: pieces.map(plannedPiece),
    cloths: needs.map((need, i) => plannedCloth(quilt.cloths[i]!, need, numbers)),
    blocks: quilt.blocks.map(block =>
      plannedBlock(quilt, makes.get(block.id)!, choices, testBlockPieces(work, block.id, pieces)),
    ),
    rows: quiltRows(quilt, dimensions),
    marks: sashMarks(quilt, dimensions),
    borders: dimensions.top.strips.map((strip, i) => plannedBorder(strip, planned.top.strips[i]!, quilt.seam)),
    backing: backing && {
      panels: because(backing.panels),
      panelLength: because(backing.panelLength),
      seams: backing.seams,
      buy: because(backing.buy),
    },
    batting: batting && { width: because(batting.width), height: because(batting.height) },
    binding: binding && {
      style: binding.style,
      length: because(binding.length),
      strips: because(binding.strips),
      strip: binding.strip,
      buy: because(binding.buy),
      overlap: because(binding.overlap),
    },
    seamTest: plannedSeamTest(quilt),
  }
  const { plain, sums } = plainOf<Omit<Plan, 'sums'>>(parts)
  return { plan: { ...plain, sums }, work }
}

/** In: a border strip by what was measured, and by the plan before measures. Out: what to cut and to trim it to. */
function plannedBorder(strip: BorderStrip, before: BorderStrip, seam: Inches): Reckonable<PlannedBorder> {
  return {
    border: strip.border,
    side: strip.side,
    length: because(strip.length),
    rough: because(roughLength(before)),
    width: because(unfinishedSide(strip.finishedWidth, seam)),
  }
}

function plannedSeamTest(quilt: Quilt): Reckonable<Plan['seamTest']> {
  const test = seamTest(quilt)
  return {
    ...test,
    expected: because(test.expected),
    sewn: test.sewn && because(test.sewn),
    off: test.off && because(test.off),
  }
}

/**
 * Every unit made its best way; and, where the aim is least cloth, a second whole plan in which the closest call goes
 * the other way, for what is best for one unit alone need not be best on the cloth. The better of the two by cloth to
 * buy, then by need.
 */
function bestOfTwo(
  demands: readonly UnitDemand[],
  fixed: readonly PieceOrder[],
  quilt: Quilt,
  search: Search,
): LaidOut {
  const room = workroomOf(quilt)
  const choices = demands.map((demand): Choice => {
    const ways = waysFor(demand, quilt, room)
    return { demand, way: ways[0]!, ways }
  })
  const first = layOutChoices(choices, fixed, quilt, search)
  const close = quilt.aim === 'least-cloth' ? closestCall(choices) : null
  if (!close) return first
  const swapped = choices.map((choice, i) => (i === close.at ? { ...choice, way: close.way } : choice))
  const second = layOutChoices(swapped, fixed, quilt, search, first)
  const [a, b] = [toBuy(first), toBuy(second)]
  if (b.inches !== a.inches || b.pieces !== a.pieces)
    return b.inches <= a.inches && b.pieces <= a.pieces ? second : first
  return clothUsed(second, quilt) < clothUsed(first, quilt) - 1e-6 ? second : first
}

/** The unit whose second-best way takes hardly more cloth than its best; a template is no rival. */
function closestCall(choices: readonly Choice[]): { at: number; way: Way } | null {
  const calls = choices.flatMap(({ demand, way, ways }, at) => {
    const rival = ways[1]
    return rival && !rival.method.isLastResort && demand.method === 'auto'
      ? [{ at, way: rival, gap: rival.cloth - way.cloth }]
      : []
  })
  return calls.sort((a, b) => a.gap - b.gap)[0] ?? null
}

interface LaidOut {
  choices: readonly Choice[]
  pieces: Piece[]
  needs: readonly ClothNeed[]
}

/** Cloth to buy: length of what is sold by length, and pieces of what comes in pieces. */
export interface ToBuy {
  inches: Inches
  pieces: number
}

function toBuy({ needs }: Pick<LaidOut, 'needs'>): ToBuy {
  const sum = (unit: ClothNeed['unit']) =>
    needs.reduce((total, need) => total + (need.unit === unit ? need.buy.total : 0), 0)
  return { inches: sum('in'), pieces: sum('piece') }
}

/**
 * What cloth would have to be bought for the whole quilt if one kind of unit were made each of its ways, all else as
 * planned; null where a piece of that way fits no cloth. `unit`: key of the planned unit.
 */
export function buyByWay({ quilt, choices, pieces, needs, dimensions }: PlanWork, unit: string): (ToBuy | null)[] {
  const at = choices.findIndex(({ demand }) => demand.key === unit)
  const known: LaidOut = { choices, pieces: [...pieces], needs }
  const fixed = fixedOrders(quilt, dimensions)
  return (choices[at]?.ways ?? []).map(way => {
    if (!Number.isFinite(way.length)) return null
    if (way.method === choices[at]!.way.method) return toBuy(known)
    return toBuy(
      layOutChoices(
        choices.map((choice, i) => (i === at ? { ...choice, way } : choice)),
        fixed,
        quilt,
        QUICK,
        known,
      ),
    )
  })
}

/** Pieces that no choice of ways changes: sashes, borders, binding. */
function fixedOrders(quilt: Quilt, { setting, top }: Dimensions): PieceOrder[] {
  const room = workroomOf(quilt)
  const { width, height } = top.stages.at(-1)!
  return [
    ...settingOrders(quilt, setting, room),
    ...borderOrders(quilt, plannedDimensions(quilt).top, room),
    ...bindingOrders(quilt, planBinding(quilt, width.total, height.total), room),
  ]
}

/** `known`: a plan laid out already; cloths that give the same pieces there are not laid out again. */
function layOutChoices(
  choices: readonly Choice[],
  fixed: readonly PieceOrder[],
  quilt: Quilt,
  search: Search,
  known?: LaidOut,
): LaidOut {
  const orders = choices.flatMap(({ demand, way }) =>
    way.made.pieces.map((draft): PieceOrder => ({
      draft,
      method: way.method.id,
      where: [...demand.perBlock.keys()],
      feeds: demand.feeds,
      times: demand.count,
    })),
  )
  const pieces = gatherPieces([...orders, ...fixed], quilt.spares)
  const wanted = (all: readonly Piece[], cloth: string) =>
    all
      .filter(piece => piece.cloth === cloth)
      .map(piece => `${piece.id} ${piece.count}`)
      .join()
  const needs = quilt.cloths.map((cloth, i) => {
    const isSame = known && wanted(pieces, cloth.id) === wanted(known.pieces, cloth.id)
    return isSame ? known.needs[i]! : clothNeed(quilt, cloth, pieces, search)
  })
  return { choices, pieces, needs }
}

function clothUsed({ needs }: Pick<LaidOut, 'needs'>, quilt: Quilt): number {
  return needs.reduce((sum, need, i) => {
    const { usable, length } = quilt.cloths[i]!
    return sum + need.need.total * usable * (need.unit === 'piece' ? (length ?? 1) : 1)
  }, 0)
}
