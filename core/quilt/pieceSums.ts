import type { Piece } from '../cutting/gather'
import type { Inches } from '../measure/ruler'
import { roundedSum, sumOf, type Sum, type Term } from '../measure/sum'
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
    put(`${path}.${side}`, roundedSum(cutTerms(quilt, piece, side, exact), cut))
  }
}

function cutTerms({ seam }: Quilt, piece: Piece, side: 'width' | 'height', exact: Inches): Term[] {
  const why = piece.why?.[side]
  if (why) return [...why]
  const isAcross = piece.shape === 'strip' && side === 'height'
  if (isAcross && piece.part === 'angled-strips') return [{ what: 'depth-with-allowance', value: exact }]
  if (piece.shape === 'strip' && !(isAcross && piece.part === 'strips')) return [{ what: 'length', value: exact }]
  if (piece.shape === 'template') return [{ what: 'outline-box', value: exact }]
  if (piece.part === 'foundation') return [{ what: 'finished', value: exact - 2 * FOUNDATION_EXTRA }, { what: 'generous', count: 2, each: FOUNDATION_EXTRA }]
  return [{ what: 'finished', value: exact - 2 * seam }, { what: 'seams', count: 2, each: seam }]
}
