import type { CutPiece } from '../cut/cutPiece'
import type { Leftover } from '../cut/leftovers'
import { cutsSum } from '../cut/cutsNeeded'
import { toCutPiece, type ClothNeed } from '../cut/need'
import type { Piece } from '../cut/piece'
import { savedOf } from '../cut/savedOf'
import type { Cloth, Quilt } from '../file/quilt'
import type { AtHand } from '../layouts/atHand'
import { knownBound } from '../layouts/knownBound'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { plannedStrip } from './plannedStrip'
import { plannedAgain, type PlannedAgain } from './plannedAgain'
import { costOf, plannedAtHand, type PlannedAtHand } from './plannedAtHand'

/** A cloth in the plan: what is cut from it, and what to buy. */
export interface PlannedCloth extends Omit<ClothNeed, 'need' | 'buy' | 'unplaced' | 'left'> {
  need: number
  buy: number
  usable: Inches
  /** How much more than the bound it takes, as a part of it. */
  gap: number
  /** What a hand cuts, like strips on each other up to four. */
  cuts: number
  /** Less than each size in full strips of its own would take. */
  saved: Inches
  /** What is at hand of it; null where that is not said. */
  atHand: PlannedAtHand | null
  /** Of what is to be bought, and of what was saved; null where no price is said. */
  cost: number | null
  savedCost: number | null
  left: Leftover[]
  /** What is cut since something went wrong; null where it is cut as planned. */
  again: PlannedAgain | null
}

/** In: a cloth, its layout, its piles with their numbers, what of it is at hand. Out: the cloth as others read it. */
export function plannedCloth(
  quilt: Quilt,
  cloth: Cloth,
  planned: ClothNeed,
  { pieces, numbers, found }: { pieces: readonly Piece[]; numbers: ReadonlyMap<string, string>; found: AtHand | null },
): Explainable<PlannedCloth> {
  const own = pieces.filter(piece => piece.cloth === cloth.id).map(toCutPiece)
  const { unplaced: _, ...quick } = planned
  const need = proved(cloth, quick, own)
  const saved = savedOf(cloth, planned, own)
  const cost = costOf(quilt, cloth, (found?.buy ?? need.buy).total, need.unit)
  const savedCost = costOf(quilt, cloth, saved.total, need.unit)
  return {
    ...need,
    need: explained(need.need),
    buy: explained(need.buy),
    usable: explained(usableWidth(cloth)),
    waste: explained(wasteOf(need)),
    gap: explained(gapOf(need)),
    cuts: explained(cutsSum(need.strips)),
    saved: explained(saved),
    atHand: plannedAtHand(found),
    again: plannedAgain(quilt, cloth, pieces, numbers),
    cost: cost && explained(cost),
    savedCost: savedCost && explained(savedCost),
    laid: explained(sumOf([{ what: 'strips-laid', value: need.laid }])),
    strips: need.strips.map(strip => plannedStrip(strip, numbers)),
  }
}

/** With more piles a plan does not wait for a better bound. */
const MOST_PILES = 60

/** With the best bound that is known of its pieces: the layout itself was found with a quick one. */
function proved<T extends Pick<ClothNeed, 'unit' | 'bound'>>(cloth: Cloth, need: T, own: readonly CutPiece[]): T {
  if (need.unit === 'piece' || own.length > MOST_PILES) return need
  return { ...need, bound: Math.max(need.bound, knownBound(own, cloth.usable)) }
}

function usableWidth(cloth: Cloth): Sum {
  return sumOf([
    { what: 'width-as-sold', value: cloth.width },
    { what: 'shrinkage', value: -cloth.width * cloth.shrink },
    { what: 'selvages', value: -cloth.selvage },
  ])
}

function wasteOf({ area, waste }: Pick<ClothNeed, 'area' | 'waste'>): Sum {
  if (area === 0) return { total: 0, terms: [] }
  return sumOf(
    [
      { what: 'whole', value: 1 },
      { what: 'area-used', value: waste - 1 },
    ],
    [
      { what: 'area-of-pieces', value: area },
      { what: 'area-of-cloth', value: area / (1 - waste) },
    ],
  )
}

function gapOf({ need, bound, unit }: Pick<ClothNeed, 'need' | 'bound' | 'unit'>): Sum {
  if (bound === 0) return { total: 0, terms: [] }
  return sumOf(
    [
      { what: 'part-of-the-least', value: need.total / bound },
      { what: 'least-itself', value: -1 },
    ],
    unit === 'in'
      ? [
          { what: 'length-taken', value: need.total },
          { what: 'least-length', value: bound },
        ]
      : undefined,
  )
}
