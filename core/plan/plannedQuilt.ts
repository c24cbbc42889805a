import type { Piece } from '../cut/piece'
import { blockOf, designOf, type Quilt } from '../file/quilt'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { Dimensions } from '../top/dimensions'
import { placesOf } from '../top/places'
import { edgedSide } from '../layers/edged'
import { boughtInAll, costInAll, type BoughtOf } from './boughtInAll'

/** The quilt as a whole. */
export interface PlannedQuilt {
  width: Inches
  height: Inches
  edged: { width: Inches; height: Inches }
  blocks: number
  patches: number
  pieces: number
  buy: Inches
  /** Of all cloth to buy whose price is said; null where none is. */
  cost: number | null
}

interface QuiltFacts extends BoughtOf {
  dimensions: Dimensions
  /** The finished top, or the quilt as it was trimmed. */
  trimmed: { width: Sum; height: Sum }
  pieces: readonly Piece[]
}

/** In: everything that was planned of its parts. Out: the totals. */
export function plannedQuilt(
  quilt: Quilt,
  { dimensions, trimmed, pieces, needs, backing, hands }: QuiltFacts,
): Explainable<PlannedQuilt> {
  const { width, height } = dimensions.top.stages.at(-1)!
  const cost = costInAll(quilt, { needs, backing, hands })
  return {
    width: explained(width),
    height: explained(height),
    edged: { width: explained(edgedSide(quilt, trimmed.width)), height: explained(edgedSide(quilt, trimmed.height)) },
    blocks: explained(sumOf(rowsOfBlocks(dimensions))),
    patches: explained(sumOf(patchesOfBlocks(quilt))),
    pieces: explained(sumOf(quilt.cloths.map(({ id, name }) => piecesOf(pieces, id, name)))),
    cost: cost && explained(cost),
    buy: explained(boughtInAll(quilt, { needs, backing, hands })),
  }
}

/** Rows with as many blocks are told of together. */
function rowsOfBlocks({ setting }: Dimensions): Term[] {
  const rows = new Map<number, number>()
  for (const { regions } of setting.rows) {
    const blocks = regions.filter(({ part }) => part.kind === 'block').length
    if (blocks > 0) rows.set(blocks, (rows.get(blocks) ?? 0) + 1)
  }
  return [...rows].map(([each, count]) => ({ what: 'rows-of-blocks', count, each }))
}

/** For each block: how often it stands in the quilt, and its patches. */
function patchesOfBlocks(quilt: Quilt): Term[] {
  const counts = new Map<string, number>()
  for (const [{ block }, places] of placesOf(quilt))
    if (!blockOf(quilt, block).derived) counts.set(block, (counts.get(block) ?? 0) + places)
  return [...counts].map(([id, count]) => ({
    what: 'patches-of',
    count,
    each: designOf(quilt, blockOf(quilt, id)).patches.length,
    of: id,
  }))
}

function piecesOf(pieces: readonly Piece[], cloth: string, name: string): Term {
  const value = pieces.filter(piece => piece.cloth === cloth).reduce((sum, piece) => sum + piece.count, 0)
  return { what: 'pieces-of', value, of: name }
}
