// In: the finished size of the top. Out: panels of the back, and what to buy.
import { roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'
import { roundedSum, sumOf, type Sum } from '../measure/sum'
import { beyondFinished } from '../top/rawEdge'
import { SQUARE_UP } from '../cut/squareUp'
import type { TermName } from '../measure/termName'
import { UNIT_DEFAULTS } from '../measure/units'
import { clothOf, type Quilt } from '../file/quilt'

/** What a join of two panels takes: two seams of ½″, the selvages gone. Source: handbook §9. */
const JOIN_LOSS: Inches = 1

export interface Backing {
  panels: Sum
  panelLength: Sum
  seams: 'vertical' | 'horizontal' | 'none'
  buy: Sum
  width: Sum
  height: Sum
}

/**
 * Backing panels for a top of this finished size, their seams upright or level, whichever needs less cloth (upright
 * when equal). n = ⌈((W + 2o) − j) ÷ (usable − j)⌉ on the raw top with overhang o. Source: handbook §9. Bought like
 * any cloth: with a margin, an end to square up, and what shrinks.
 */
export function planBacking(quilt: Quilt, topWidth: Inches, topHeight: Inches): Backing | null {
  if (!quilt.backing) return null
  const { overhang } = quilt.backing
  const cloth = clothOf(quilt, quilt.backing.cloth)
  const side = (what: TermName, finished: Inches): Sum =>
    sumOf([{ what, value: finished }, ...beyondFinished(quilt, 2), { what: 'overhang', count: 2, each: overhang }])
  const width = side('top-width', topWidth)
  const height = side('top-height', topHeight)
  const ways = (
    [
      ['vertical', width, height],
      ['horizontal', height, width],
    ] as const
  ).map(([seams, spanned, length]) => {
    const count = Math.max(1, Math.ceil((spanned.total - JOIN_LOSS) / (cloth.usable - JOIN_LOSS) - TOLERANCE))
    const one = spanned.total <= cloth.usable + TOLERANCE
    return { seams: one ? ('none' as const) : seams, count: one ? 1 : Math.max(2, count), spanned, length }
  })
  const [vertical, horizontal] = ways as [(typeof ways)[0], (typeof ways)[0]]
  const best =
    horizontal.count * horizontal.length.total < vertical.count * vertical.length.total - TOLERANCE
      ? horizontal
      : vertical
  const exact =
    best.seams === 'none'
      ? best.spanned.total / cloth.usable
      : (best.spanned.total - JOIN_LOSS) / (cloth.usable - JOIN_LOSS)
  const length = best.count * best.length.total
  const margin = quilt.margin * length
  const before = length + margin + SQUARE_UP
  const shrinkage = before / (1 - cloth.shrink) - before
  return {
    width,
    height,
    seams: best.seams,
    panelLength: best.length,
    panels: {
      ...roundedSum([{ what: 'panels-exactly', value: exact }], best.count),
      from: [
        { what: 'to-span', value: best.spanned.total },
        { what: 'lost-per-join', value: JOIN_LOSS },
        { what: 'usable-width', value: cloth.usable },
      ],
    },
    buy: roundedSum(
      [
        { what: 'panels', count: best.count, each: best.length.total },
        { what: 'margin', value: margin },
        { what: 'square-up', value: SQUARE_UP },
        { what: 'shrinkage', value: shrinkage },
      ],
      roundUpToRuler(before + shrinkage, UNIT_DEFAULTS[quilt.units].buyStep),
    ),
  }
}
