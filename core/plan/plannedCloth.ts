import type { Strip } from '../cut/cutPiece'
import type { Leftover } from '../cut/leftovers'
import type { ClothNeed } from '../cut/need'
import type { Cloth } from '../file/quilt'
import { opaque, explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'

/** A cloth in the plan: what is cut from it, and what to buy. */
export interface PlannedCloth extends Omit<ClothNeed, 'need' | 'buy' | 'unplaced' | 'left'> {
  need: number
  buy: number
  usable: Inches
  left: Leftover[]
}

/** In: a cloth, its layout, and the numbers of the piles. Out: the cloth as others read it. */
export function plannedCloth(
  cloth: Cloth,
  { unplaced: _, ...need }: ClothNeed,
  numbers: ReadonlyMap<string, string>,
): Explainable<PlannedCloth> {
  return {
    ...need,
    need: explained(need.need),
    buy: explained(need.buy),
    usable: explained(usableWidth(cloth)),
    waste: explained(wasteOf(need)),
    laid: explained(sumOf([{ what: 'strips-laid', value: need.laid }])),
    strips: need.strips.map(strip => plannedStrip(strip, numbers)),
  }
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

/** A strip is as deep as its deepest piece, and as long as the cloth lets it be. */
function plannedStrip(strip: Strip, numbers: ReadonlyMap<string, string>): Explainable<Strip> {
  const isAlong = strip.run === 'along'
  const [deep, long] = isAlong ? (['width', 'height'] as const) : (['height', 'width'] as const)
  const deepest = strip.cuts.reduce((a, b) => (b[deep] > a[deep] ? b : a))
  return {
    ...strip,
    cuts: opaque(strip.cuts),
    [deep]: explained(sumOf([{ what: 'deepest-piece', value: strip[deep], of: numbers.get(deepest.piece) }])),
    [long]: explained(sumOf([{ what: isAlong ? 'length' : 'usable-there', value: strip[long] }])),
  }
}
