// In: a cloth of the plan. Out: how far what is at hand of it goes, and what the rest costs.
import type { ClothNeed } from '../cut/need'
import type { Cloth, Quilt } from '../file/quilt'
import type { Backing } from '../layers/backing'
import { atHand, type AtHand } from '../layouts/atHand'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { UNIT_DEFAULTS } from '../measure/units'

type Taken = Pick<ClothNeed, 'need' | 'unit'>

/** Lengths in inches. */
export interface PlannedAtHand {
  /** What can be cut from. */
  length: Inches
  left: Inches
  /** Rows that find no room on it. */
  short: Inches
  buy: Inches
}

/** What of this cloth is at hand, against the quilt and those panels of its back that are of it. */
export function atHandOf(quilt: Quilt, cloth: Cloth, need: Taken, backing: Backing | null): AtHand | null {
  const isBack = backing && !backing.pieced && quilt.backing?.cloth === cloth.id
  return atHand(quilt, cloth, need, isBack ? { count: backing.panels.total, each: backing.panelLength.total } : null)
}

/** The same as the plan writes it. */
export function plannedAtHand(found: AtHand | null): Explainable<PlannedAtHand> | null {
  return (
    found && {
      length: explained(found.length),
      left: explained(found.left),
      short: explained(found.short),
      buy: explained(found.buy),
    }
  )
}

/** Of a length in inches, or of so many pieces; null: no price is said. Prices are of a yard or a metre, or a piece. */
export function costOf({ units }: Quilt, { price }: Cloth, bought: number, unit: ClothNeed['unit']): Sum | null {
  if (price === undefined) return null
  const each = unit === 'piece' ? 1 : UNIT_DEFAULTS[units].pricedLength
  return sumOf(
    [{ what: 'at-price', value: (bought / each) * price }],
    [
      { what: unit === 'piece' ? 'pieces-of-cloth' : 'length-bought', value: bought },
      { what: 'price', value: price },
    ],
  )
}
