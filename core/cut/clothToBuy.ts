import type { Quilt } from '../file/quilt'
import { roundUpToRuler } from '../measure/ruler'
import { addTerms, roundedSum, type Sum, type Term } from '../measure/sum'
import { UNIT_DEFAULTS } from '../measure/units'
import { SQUARE_UP } from './squareUp'

/**
 * The length to buy of a cloth that loses the part `shrink`, for lengths to be cut from it: with the margin, an end to
 * square up, and what shrinks, rounded up as it is sold. Source: handbook §5.
 */
export function clothToBuy({ margin: part, units }: Quilt, shrink: number, cut: readonly Term[]): Sum {
  const length = addTerms(cut)
  if (length <= 0) return { total: 0, terms: [] }
  const margin = part * length
  const before = length + margin + SQUARE_UP
  const shrinkage = before / (1 - shrink) - before
  return roundedSum(
    [
      ...cut,
      { what: 'margin', value: margin },
      { what: 'square-up', value: SQUARE_UP },
      { what: 'shrinkage', value: shrinkage },
    ],
    roundUpToRuler(before + shrinkage, UNIT_DEFAULTS[units].buyStep),
  )
}
