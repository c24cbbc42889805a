import type { BlockMake } from '../make/units/blockMake'
import type { FoundationSection } from '../make/order/foundation'
import { foundationOf } from '../make/order/howSewn'
import { sizedTree, type SizedTree } from '../make/order/sizedTree'
import type { UnitKind } from '../file/unitKinds'
import type { Piece } from '../cut/piece'
import { measuredBlock } from '../made/measures'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum, type Term } from '../measure/sum'
import { askedFor } from '../file/askedFor'
import type { Choice, Way } from './choose'
import type { Bonus } from '../make/methods/method'
import type { Care } from '../file/cares'
import type { MethodId } from '../file/methodNames'
import type { Quilt } from '../file/quilt'

export interface PlannedBlock {
  id: string
  /** Unfinished, as planned: what a test block should measure. */
  width: Inches
  height: Inches
  /** The smallest block measured less the planned size; left out until one is measured. */
  off?: Inches
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
  care: Care
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

export function plannedBlock(quilt: Quilt, make: BlockMake, choices: readonly Choice[], test: Piece[]): PlannedBlock {
  const { block, design, order, tree, polygons } = make
  const both = 2 * quilt.seam
  const measured = measuredBlock(quilt, block)
  return {
    id: block.id,
    width: block.width + both,
    height: block.height + both,
    ...(measured ? { off: measured.width - block.width } : {}),
    patches: design.patches.length,
    seams: design.patches.length - 1,
    setIn: order.setIn,
    partial: order.partial,
    proven: order.isProven,
    units: choices
      .filter(({ demand }) => demand.perBlock.has(block.id))
      .map(choice => plannedUnit(choice, block.id, both)),
    sewing: sizedTree(tree, polygons, quilt.seam),
    foundation: foundationOf(design)?.sections ?? null,
    test,
  }
}

function plannedUnit({ demand, way: { method, made }, ways }: Choice, block: string, both: Inches): PlannedUnit {
  const { unit, count } = demand
  return {
    kind: unit.kind,
    count: demand.perBlock.get(block)!,
    method: method.id,
    isAsked: askedFor(demand.method, unit.kind) === method.id,
    width: unit.width + both,
    height: unit.height + both,
    trim: made.trim,
    care: demand.care,
    lengths: Object.fromEntries(Object.entries(made.lengths ?? {}).map(([name, sum]) => [name, sum.total])),
    cloths: unit.patches.map(patch => patch.cloth),
    over: made.made - count,
    mirrored: made.mirrored ?? 0,
    ...(made.bonus ? { bonus: made.bonus } : {}),
    key: demand.key,
    ways: ways.map(way => plannedWay(way, count)),
  }
}

function plannedWay({ method, area, length, waste, made, fitsPieces }: Way, count: number): PlannedWay {
  return {
    method: method.id,
    area,
    length: Number.isFinite(length) ? length : null,
    waste,
    seams: made.seams,
    cuts: made.cuts,
    biasEdges: made.biasEdges,
    trim: made.trim,
    over: made.made - count,
    fitsPieces,
  }
}

type Put = (path: string, sum: Sum) => void

/** The reasons for a block's numbers. */
export function blockSums(quilt: Quilt, block: PlannedBlock, path: string, choices: readonly Choice[], put: Put): void {
  const unfinished = (at: string, { width, height }: { width: Inches; height: Inches }) => {
    for (const [side, size] of [
      ['width', width],
      ['height', height],
    ] as const) {
      put(
        `${at}.${side}`,
        sumOf([
          { what: 'finished', value: size - 2 * quilt.seam },
          { what: 'seams', count: 2, each: quilt.seam },
        ]),
      )
    }
  }
  unfinished(path, block)
  if (block.off !== undefined)
    put(
      `${path}.off`,
      sumOf([
        { what: 'smallest', value: block.width + block.off },
        { what: 'expected', value: -block.width },
      ]),
    )
  block.units.forEach((unit, u) => {
    const at = `${path}.units.${u}`
    const choice = choices.find(({ demand }) => demand.key === unit.key)!
    put(
      `${at}.count`,
      sumOf(
        choice.demand.counted
          .filter(entry => entry.block === block.id)
          .map((entry): Term => ({ what: 'units-in-blocks', count: entry.blocks, each: entry.each, of: block.id })),
      ),
    )
    put(
      `${at}.over`,
      sumOf([
        { what: 'units-made', value: choice.way.made.made },
        { what: 'units-wanted', value: -choice.demand.count },
      ]),
    )
    if (unit.bonus)
      put(
        `${at}.bonus.side`,
        sumOf([
          { what: 'corner-square', value: unit.bonus.square },
          { what: 'lost-at-both-seams', value: unit.bonus.side - unit.bonus.square },
        ]),
      )
    for (const [name, sum] of Object.entries(choice.way.made.lengths ?? {})) put(`${at}.lengths.${name}`, sum)
    choice.ways.forEach((way, w) => {
      if (Number.isFinite(way.length)) put(`${at}.ways.${w}.length`, way.lengthSum)
    })
    unfinished(at, unit)
  })
  block.test.forEach((piece, i) => {
    for (const name of ['count', 'width', 'height'] as const) put(`${path}.test.${i}.${name}`, piece.why[name])
  })
  const visit = (tree: SizedTree, at: string): void => {
    if ('patch' in tree) return
    unfinished(at, tree)
    tree.join.forEach((child, i) => visit(child, `${at}.join.${i}`))
  }
  visit(block.sewing, `${path}.sewing`)
}
