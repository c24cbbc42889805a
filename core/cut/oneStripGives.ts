// In: a pile and its cloth. Out: how many of its pieces one strip across the cloth gives, and for how many blocks.
import { roundedSum, sumOf, type Sum } from '../measure/sum'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { fitsIn, liesOf } from './cutPiece'
import { toCutPiece } from './need'
import type { Piece } from './piece'

export interface OneStrip {
  depth: Inches
  pieces: Sum
  /** Whole blocks for each block that takes of the pile, by its id. */
  blocks: { block: string; count: number }[]
}

/**
 * Of a strip as deep as the piece is one way or the other, the one that gives more of its own area back; of equal ones
 * the shallower. Null where the pile is of no plain pieces, or fits no way.
 */
export function oneStripGives(piece: Piece, usable: Inches): OneStrip | null {
  if (piece.outline || piece.cuts === 'angle') return null
  const cut = toCutPiece(piece)
  const lies = liesOf(cut, usable).map(({ width, height }) => ({ width, height, count: fitsIn(usable, width) }))
  const best = lies
    .filter(({ count }) => count > 0)
    .sort((a, b) => b.count * b.width - a.count * a.width || a.height - b.height)[0]
  if (!best) return null
  const exact = usable / best.width
  const pieces =
    Math.abs(exact - best.count) < TOLERANCE
      ? sumOf([{ what: 'pieces-exactly', value: best.count }], fromOf(usable, best.width))
      : roundedSum([{ what: 'pieces-exactly', value: exact }], best.count, fromOf(usable, best.width))
  return { depth: best.height, pieces, blocks: blocksOf(piece, best.count) }
}

function fromOf(usable: Inches, width: Inches) {
  return [
    { what: 'usable-width', value: usable },
    { what: 'width-along-the-strip', value: width },
  ] as const
}

/** A piece feeds so many patches; a block has so many of them. */
function blocksOf({ patches, count, spare, for: feeds }: Piece, given: number): OneStrip['blocks'] {
  const feedsEach = patches / Math.max(1, count - spare)
  return feeds.map(({ block, patches: own }) => ({
    block,
    count: Math.floor((given * feedsEach) / own.length + 1e-9),
  }))
}
