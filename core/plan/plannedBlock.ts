import type { BlockMake } from '../make/units/blockMake'
import type { FoundationSection } from '../make/order/foundation'
import { foundationOf } from '../make/order/howSewn'
import { plainSizedTree, sizedTree, type SizedTree } from '../make/order/sizedTree'
import type { UnitKind } from '../file/unitKinds'
import type { Piece } from '../cut/piece'
import { measuredBlock } from '../made/measures'
import { plannedMeasures, type MeasuredBlock } from './measuredBlock'
import type { Inches } from '../measure/ruler'
import { explained, type Explainable } from '../measure/explained'
import { sumOf, type Sum, type Term } from '../measure/sum'
import { unfinishedSide } from '../measure/unfinishedSide'
import { plannedPanel, type PlannedPanel } from './plannedPanel'
import { plannedPiece } from './plannedPiece'
import { askedFor } from '../file/askedFor'
import type { ChosenWay, Way } from './choose'
import type { Bonus } from '../make/methods/method'
import type { TrimAllowance } from '../file/trimAllowances'
import type { MethodId } from '../file/methodNames'
import type { Quilt } from '../file/quilt'
import type { Setting } from '../top/settings/setting'

export interface PlannedBlock {
  id: string
  /** Unfinished, as planned, with its frames: what a test block should measure. */
  width: Inches
  height: Inches
  /** The smallest block measured less the planned size; left out until one is measured. */
  off?: Inches
  /** What the measures say, and what can be done; left out until a block is measured. */
  measured?: MeasuredBlock
  /** What to cut it to once it is worked; only of blocks that are worked first. */
  panel?: PlannedPanel
  patches: number
  seams: number
  setIn: number
  partial: number
  /** False: fewer partial seams might do, but none were found in the time. */
  proven: boolean
  units: PlannedUnit[]
  sewing: SizedTree
  /**
   * Papers it can be sewn on, each with its patches in order; null: its sections cannot be joined by straight seams.
   */
  foundation: FoundationSection[] | null
  /** What to cut for one block alone, to sew and measure before the rest is cut. */
  test: Piece[]
}

export interface PlannedUnit {
  kind: UnitKind
  /** Over the whole quilt, for this block. */
  count: number
  method: MethodId
  /** The quilter asked for it; otherwise the aim did. */
  isAsked: boolean
  /** Unfinished: raw edge to raw edge. */
  width: Inches
  height: Inches
  trim: boolean
  /** How closely its squares are cut, where they are trimmed later. */
  care: TrimAllowance
  /** Lengths that its steps speak of and that are no piece's size, such as the segments of a strip set. */
  lengths: Record<string, Inches>
  cloths: string[]
  /** Every way to make it, best first: what it takes for all of these units in the quilt. */
  ways: PlannedWay[]
  /** Of the other hand, made whether wanted or not. */
  mirrored: number
  /** Small half-squares that the cut-off corners would make. */
  bonus?: Bonus | undefined
  /** Units of this kind and cloth left over when all are made, whichever block they were for. */
  over: number
  key: string
}

export interface PlannedWay {
  method: MethodId
  /**
   * Square inches of the pieces; length of the strips they are cut from, null where a piece is too large for its
   * cloth.
   */
  area: number
  length: Inches | null
  /** Part of the area that is in none of the units. */
  waste: number
  /** For one unit. */
  seams: number
  cuts: number
  biasEdges: number
  trim: boolean
  over: number
  fitsPieces: boolean
}

/** In: a block, how its units are made, what to cut for one of it. Out: the block as others read it. */
export function plannedBlock(
  quilt: Quilt,
  make: BlockMake,
  choices: readonly ChosenWay[],
  test: readonly Piece[],
  setting: Setting,
): Explainable<PlannedBlock> {
  const { block, design, order, tree, polygons } = make
  const { seam } = quilt
  const measured = measuredBlock(quilt, block)
  const [width, height] = [unfinishedSide(block.outer.width, seam), unfinishedSide(block.outer.height, seam)]
  return {
    id: block.id,
    width: explained(width),
    height: explained(height),
    ...(measured ? { off: explained(offBy(measured.width + 2 * seam, width.total)) } : {}),
    ...plannedMeasures(quilt, make, choices),
    ...plannedPanel(quilt, block, setting),
    patches: design.patches.length,
    seams: design.patches.length - 1,
    setIn: order.setIn,
    partial: order.partial,
    proven: order.isProven,
    units: choices
      .filter(({ demand }) => demand.perBlock.has(block.id))
      .map(choice => plannedUnit(choice, block.id, seam)),
    sewing: (design.picture ? plainSizedTree : sizedTree)(tree, polygons, seam),
    foundation: foundationOf(design)?.sections ?? null,
    test: test.map(plannedPiece),
  }
}

function offBy(smallest: Inches, expected: Inches): Sum {
  return sumOf([
    { what: 'smallest', value: smallest },
    { what: 'expected', value: -expected },
  ])
}

function plannedUnit(
  { demand, way: { method, made }, ways }: ChosenWay,
  block: string,
  seam: Inches,
): Explainable<PlannedUnit> {
  const { unit, count, counted } = demand
  return {
    kind: unit.kind,
    count: explained(sumOf(counted.filter(entry => entry.block === block).map(unitsInBlocks))),
    method: method.id,
    isAsked: askedFor(demand.method, unit.kind) === method.id,
    width: explained(unfinishedSide(unit.width, seam)),
    height: explained(unfinishedSide(unit.height, seam)),
    trim: made.trim,
    care: demand.care,
    lengths: Object.fromEntries(Object.entries(made.lengths ?? {}).map(([name, sum]) => [name, explained(sum)])),
    cloths: unit.patches.map(patch => patch.cloth),
    over: explained(
      sumOf([
        { what: 'units-made', value: made.made },
        { what: 'units-wanted', value: -count },
      ]),
    ),
    mirrored: made.mirrored ?? 0,
    ...(made.bonus ? { bonus: plannedBonus(made.bonus) } : {}),
    key: demand.key,
    ways: ways.map(way => plannedWay(way, count)),
  }
}

function unitsInBlocks({ block, blocks, each }: { block: string; blocks: number; each: number }): Term {
  return { what: 'units-in-blocks', count: blocks, each, of: block }
}

function plannedBonus(bonus: Bonus): Explainable<Bonus> {
  const { side, square } = bonus
  const reason = sumOf([
    { what: 'corner-square', value: square },
    { what: 'lost-at-both-seams', value: side - square },
  ])
  return { ...bonus, side: explained(reason) }
}

function plannedWay(
  { method, area, length, lengthSum, waste, made, fitsPieces }: Way,
  count: number,
): Explainable<PlannedWay> {
  return {
    method: method.id,
    area,
    length: Number.isFinite(length) ? explained(lengthSum) : null,
    waste,
    seams: made.seams,
    cuts: made.cuts,
    biasEdges: made.biasEdges,
    trim: made.trim,
    over: made.made - count,
    fitsPieces,
  }
}
