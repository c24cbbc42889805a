import type { Strip, CutPiece } from '../cut/cutPiece'
import type { Leftover } from '../cut/leftovers'
import { toCutPiece, type ClothNeed } from '../cut/need'
import { lengthOf, ownStrips } from '../cut/ownStrips'
import type { Piece } from '../cut/piece'
import type { Cloth } from '../file/quilt'
import { knownBound } from '../layouts/knownBound'
import { opaque, explained, type Explainable } from '../measure/explained'
import { sameLength, type Inches } from '../measure/ruler'
import { sumOf, type Sum, type Term } from '../measure/sum'

/** A cloth in the plan: what is cut from it, and what to buy. */
export interface PlannedCloth extends Omit<ClothNeed, 'need' | 'buy' | 'unplaced' | 'left'> {
  need: number
  buy: number
  usable: Inches
  /** How much more than the bound it takes, as a part of it. */
  gap: number
  /** Less than each size in full strips of its own would take. */
  saved: Inches
  left: Leftover[]
}

/** In: a cloth, its layout, and its piles with their numbers. Out: the cloth as others read it. */
export function plannedCloth(
  cloth: Cloth,
  { unplaced, ...quick }: ClothNeed,
  { pieces, numbers }: { pieces: readonly Piece[]; numbers: ReadonlyMap<string, string> },
): Explainable<PlannedCloth> {
  const own = pieces.filter(piece => piece.cloth === cloth.id).map(toCutPiece)
  const need = proved(cloth, quick, own)
  return {
    ...need,
    need: explained(need.need),
    buy: explained(need.buy),
    usable: explained(usableWidth(cloth)),
    waste: explained(wasteOf(need)),
    gap: explained(gapOf(need)),
    saved: explained(unplaced.length > 0 ? NOTHING : savedOf(cloth, need, own)),
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

const NOTHING: Sum = { total: 0, terms: [] }

/** Of cloth that comes in pieces no strips are spoken of. */
function savedOf({ usable }: Cloth, { need, unit }: Pick<ClothNeed, 'need' | 'unit'>, own: readonly CutPiece[]): Sum {
  if (unit === 'piece') return NOTHING
  return sumOf([
    { what: 'strips-of-their-own', value: lengthOf(ownStrips(own, usable)) },
    { what: 'length-taken', value: -need.total },
  ])
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

/** A strip is as deep as its deepest column of pieces, and as long as the cloth lets it be. */
function plannedStrip(strip: Strip, numbers: ReadonlyMap<string, string>): Explainable<Strip> {
  if (strip.run === 'along') {
    const widest = strip.cuts.reduce((a, b) => (b.width > a.width ? b : a))
    return {
      ...strip,
      cuts: opaque(strip.cuts),
      width: explained(sumOf([{ what: 'deepest-piece', value: strip.width, of: numbers.get(widest.piece) }])),
      height: explained(sumOf([{ what: 'length', value: strip.height }])),
    }
  }
  return {
    ...strip,
    cuts: opaque(strip.cuts),
    height: explained(sumOf(depthTerms(strip, numbers))),
    width: explained(sumOf([{ what: 'usable-there', value: strip.width }])),
  }
}

/** Its deepest piece; or those on top of each other that are deeper together. */
function depthTerms({ height, cuts }: Strip, numbers: ReadonlyMap<string, string>): Term[] {
  const deepest = cuts.reduce((a, b) => (b.height > a.height ? b : a))
  if (sameLength(deepest.height, height))
    return [{ what: 'deepest-piece', value: height, of: numbers.get(deepest.piece) }]
  const lowest = cuts.reduce((a, b) => (b.y + b.height > a.y + a.height ? b : a))
  return cuts
    .filter(cut => cut.x === lowest.x)
    .map((cut): Term => ({ what: 'piece-of-the-stack', value: cut.height, of: numbers.get(cut.piece) }))
}
