import type { Piece } from '../cutting/gather'
import { roundedSum, sumOf, type Sum } from '../measure/sum'
import { FOUNDATION_EXTRA } from '../methods/foundation'
import type { Quilt } from './quilt'

type Put = (path: string, sum: Sum) => void

/** Pieces from the patches they feed; strips and the like are simply counted. */
export function countSum(piece: Piece): Sum {
  if (piece.patches === 0 || piece.shape === 'strip') return sumOf([{ what: 'counted', value: piece.count }])
  const needed = piece.count - piece.spare
  const perPiece = Math.max(1, Math.round(piece.patches / needed))
  const fed = roundedSum([{ what: 'patches-fed', count: piece.patches, each: 1 / perPiece }], needed)
  return sumOf([...fed.terms, { what: 'spare', value: piece.spare }])
}

/** Both cut sizes of a piece: finished size, what the seams add, what the tips of a triangle add, and rounding to the ruler. */
export function cutSums(quilt: Quilt, piece: Piece, path: string, put: Put): void {
  for (const side of ['width', 'height'] as const) {
    const cut = piece[side], exact = piece.exact[side]
    const terms = piece.shape === 'strip'
      ? [{ what: 'length', value: exact }]
      : piece.shape === 'template' ? [{ what: 'outline-box', value: exact }] : piece.part === 'foundation' ? [{ what: 'finished', value: exact - 2 * FOUNDATION_EXTRA }, { what: 'generous', count: 2, each: FOUNDATION_EXTRA }] : [{ what: 'finished', value: exact - 2 * quilt.seam }, { what: 'seams', count: 2, each: quilt.seam }]
    put(`${path}.${side}`, roundedSum(terms, cut))
  }
}
