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
import { borderOrders, ROUGH_EXTRA } from '../cut/edgePieces'
import { planBacking, type Backing } from '../layers/backing'
import { planBatting } from '../layers/batting'
import { seamTest } from '../made/seamTest'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { waysFor, type Choice, type Way } from './choose'
import { testBlockPieces } from './testBlock'
import { quiltRows, sashMarks, type QuiltRow, type SashMarks } from '../top/rows'
import { settingOrders } from '../cut/settingPieces'
import { dimensionsOf, plannedDimensions, type Dimensions } from '../top/dimensions'
import { planSums } from './planSums'
import { plannedBlock, type PlannedBlock } from './plannedBlock'
import { plannedStages, type PlannedStage } from './plannedStages'
import { blockOf, clothOf, designOf, type Quilt } from '../file/quilt'
import { workroomOf } from './workroom'

/** The plan before it is checked: plain data, lengths in inches. Names are agreed in `docs/file-format.md`. */
export interface Plan {
  quilt: {
    width: Inches
    height: Inches
    edged: { width: Inches; height: Inches }
    blocks: number
    patches: number
    pieces: number
    buy: Inches
  }
  stages: PlannedStage[]
  pieces: Piece[]
  cloths: (Omit<ClothNeed, 'need' | 'buy' | 'unplaced'> & { need: number; buy: number; usable: Inches })[]
  blocks: PlannedBlock[]
  /** In the order of joining. */
  rows: QuiltRow[]
  /** On long sashes. */
  marks: SashMarks[]
  borders: { border: number; side: 'left' | 'right' | 'top' | 'bottom'; length: Inches; rough: Inches; width: Inches }[]
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
  const visible = binding?.visible ?? 0
  const rough = new Map(
    planned.top.strips.map(strip => [
      `${strip.border} ${strip.side}`,
      sumOf([...strip.length.terms, { what: 'rough-extra', value: ROUGH_EXTRA }]),
    ]),
  )
  const test = seamTest(quilt)
  const sums: Record<string, Sum> = {}
  const put = (path: string, sum: Sum) => void (sums[path] = sum)
  const work: PlanWork = { quilt, makes, choices, dimensions, needs, pieces }
  const parts = {
    quilt: {
      width: width.total,
      height: height.total,
      edged: { width: width.total + 2 * visible, height: height.total + 2 * visible },
      pieces: pieces.reduce((sum, piece) => sum + piece.count, 0),
      buy: needs.reduce((sum, need) => sum + (need.unit === 'in' ? need.buy.total : 0), 0) + (backing?.buy.total ?? 0),
      blocks: dimensions.setting.places.length,
      patches: patchCounts(quilt).reduce((sum, term) => sum + term.count * term.each, 0),
    },
    stages: plannedStages(quilt, dimensions.top, planned.top, put),
    pieces,
    cloths: needs.map(({ unplaced: _, ...need }) => ({
      ...need,
      need: need.need.total,
      buy: need.buy.total,
      usable: clothOf(quilt, need.id).usable,
    })),
    blocks: quilt.blocks.map(block =>
      plannedBlock(quilt, makes.get(block.id)!, choices, testBlockPieces(work, block.id, pieces)),
    ),
    rows: quiltRows(quilt, dimensions, put),
    marks: sashMarks(quilt, dimensions, put),
    borders: dimensions.top.strips.map(strip => ({
      border: strip.border,
      side: strip.side,
      length: strip.length.total,
      rough: rough.get(`${strip.border} ${strip.side}`)!.total,
      width: strip.finishedWidth + 2 * quilt.seam,
    })),
    backing: backing && {
      panels: backing.panels.total,
      panelLength: backing.panelLength.total,
      seams: backing.seams,
      buy: backing.buy.total,
    },
    batting: batting && { width: batting.width.total, height: batting.height.total },
    binding: binding && {
      style: binding.style,
      length: binding.length.total,
      strips: binding.strips.total,
      strip: binding.strip,
      buy: binding.buy.total,
      overlap: binding.overlap.total,
    },
    seamTest: { ...test, expected: test.expected.total, sewn: test.sewn?.total ?? null, off: test.off?.total ?? null },
  }
  planSums(
    {
      quilt,
      dimensions,
      needs,
      pieces,
      blocks: parts.blocks,
      choices,
      rough: dimensions.top.strips.map(strip => rough.get(`${strip.border} ${strip.side}`)!),
      backing,
      batting,
      binding,
      seamTest: test,
      patches: patchCounts(quilt),
    },
    put,
  )
  return { plan: { ...parts, sums }, work }
}

/** For each block: how often it stands in the quilt, and its patches. */
export function patchCounts(quilt: Quilt): { what: string; count: number; each: number; of: string }[] {
  const counts = new Map<string, number>()
  for (const cell of quilt.setting.cells.flat()) counts.set(cell.block, (counts.get(cell.block) ?? 0) + 1)
  return [...counts].map(([id, count]) => ({
    what: 'patches-of',
    count,
    each: designOf(quilt, blockOf(quilt, id)).patches.length,
    of: id,
  }))
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
    return rival && rival.method.id !== 'template' && demand.method === 'auto'
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
