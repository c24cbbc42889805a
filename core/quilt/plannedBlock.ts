import type { BlockMake } from '../block/blockMake'
import type { FoundationSection } from '../block/foundation'
import { foundationOf } from '../block/howSewn'
import { sizedTree, type SizedTree } from '../block/sizedTree'
import type { UnitKind } from '../block/unit'
import type { Piece } from '../cutting/gather'
import { measuredBlock } from '../made/measures'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { askedFor } from '../methods/askedFor'
import type { Choice } from '../methods/choose'
import type { Bonus, MethodId } from '../methods/method'
import { cutSums } from './pieceSums'
import type { Quilt } from './quilt'

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
  /** Papers it can be sewn on, each with its patches in order; null: its sections cannot be joined by straight seams. */
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
  /** Square inches of the pieces; length of the strips they are cut from. */
  area: number
  length: Inches
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

export function plannedBlock(quilt: Quilt, { block, design, order, tree, polygons }: BlockMake, choices: readonly Choice[], test: Piece[]): PlannedBlock {
  const both = 2 * quilt.seam
  const measured = measuredBlock(quilt, block)
  return {
    id: block.id, width: block.width + both, height: block.height + both, ...(measured ? { off: measured.width - block.width } : {}),
    patches: design.patches.length, seams: design.patches.length - 1, setIn: order.setIn, partial: order.partial, proven: order.isProven,
    units: choices.filter(({ demand }) => demand.perBlock.has(block.id)).map(({ demand, demand: { unit, count, perBlock }, way: { method, made }, ways }) => ({
      kind: unit.kind, count: perBlock.get(block.id)!, method: method.id, isAsked: askedFor(demand.method, unit.kind) === method.id, width: unit.width + both, height: unit.height + both, trim: made.trim,
      lengths: Object.fromEntries(Object.entries(made.lengths ?? {}).map(([name, sum]) => [name, sum.total])),
      cloths: unit.patches.map(patch => patch.cloth), over: made.made - count, mirrored: made.mirrored ?? 0, ...(made.bonus ? { bonus: made.bonus } : {}), key: unit.key,
      ways: ways.map(way => ({
        method: way.method.id, area: way.area, length: way.length, waste: way.waste, seams: way.made.seams, cuts: way.made.cuts, biasEdges: way.made.biasEdges, trim: way.made.trim, over: way.made.made - count, fitsPieces: way.fitsPieces,
      })),
    })),
    sewing: sizedTree(tree, polygons, quilt.seam), foundation: foundationOf(design)?.sections ?? null, test,
  }
}

/** The reasons for a block's numbers. `times`: how often it stands in the quilt. */
export function blockSums(quilt: Quilt, block: PlannedBlock, path: string, times: number, choices: readonly Choice[], put: (path: string, sum: Sum) => void): void {
  const unfinished = (at: string, { width, height }: { width: Inches, height: Inches }) => {
    for (const [side, size] of [['width', width], ['height', height]] as const) {
      put(`${at}.${side}`, sumOf([{ what: 'finished', value: size - 2 * quilt.seam }, { what: 'seams', count: 2, each: quilt.seam }]))
    }
  }
  unfinished(path, block)
  if (block.off !== undefined) put(`${path}.off`, sumOf([{ what: 'smallest', value: block.width + block.off }, { what: 'expected', value: -block.width }]))
  block.units.forEach((unit, u) => {
    const at = `${path}.units.${u}`
    put(`${at}.count`, times > 0 && unit.count % times === 0
      ? sumOf([{ what: 'units-in-blocks', count: times, each: unit.count / times, of: block.id }])
      : sumOf([{ what: 'units-counted', value: unit.count }]))
    put(`${at}.over`, sumOf([{ what: 'units-left-over', value: unit.over }]))
    if (unit.bonus) put(`${at}.bonus.side`, sumOf([{ what: 'corner-square', value: unit.bonus.square }, { what: 'lost-at-both-seams', value: unit.bonus.side - unit.bonus.square }]))
    const taken = choices.find(({ demand }) => demand.unit.key === unit.key && demand.perBlock.has(block.id))!.way.made
    for (const [name, sum] of Object.entries(taken.lengths ?? {})) put(`${at}.lengths.${name}`, sum)
    unit.ways.forEach((way, w) => put(`${at}.ways.${w}.length`, sumOf([{ what: 'strips-for-this', value: way.length }])))
    unfinished(at, unit)
  })
  block.test.forEach((piece, i) => {
    put(`${path}.test.${i}.count`, sumOf([{ what: 'counted', value: piece.count }]))
    cutSums(quilt, piece, `${path}.test.${i}`, put)
  })
  const visit = (tree: SizedTree, at: string): void => {
    if ('patch' in tree) return
    unfinished(at, tree)
    tree.join.forEach((child, i) => visit(child, `${at}.join.${i}`))
  }
  visit(block.sewing, `${path}.sewing`)
}
