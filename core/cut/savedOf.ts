// In: what a cloth takes and its pieces. Out: how much less that is than each size in strips of its own.
import type { Cloth } from '../file/quilt'
import { sumOf, type Sum } from '../measure/sum'
import type { CutPiece } from './cutPiece'
import type { ClothNeed } from './need'
import { lengthOf, ownStrips } from './ownStrips'

const NOTHING: Sum = { total: 0, terms: [] }

/** Of cloth that comes in pieces no strips are spoken of; nor where something finds no room on it. */
export function savedOf(
  { usable }: Cloth,
  { need, unit, unplaced }: Pick<ClothNeed, 'need' | 'unit' | 'unplaced'>,
  own: readonly CutPiece[],
): Sum {
  if (unit === 'piece' || unplaced.length > 0) return NOTHING
  return sumOf([
    { what: 'strips-of-their-own', value: lengthOf(ownStrips(own, usable)) },
    { what: 'length-taken', value: -need.total },
  ])
}
