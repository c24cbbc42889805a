// In: the finished size of the top. Out: how large the batting must be, what of it is bought, and how it shrinks.
import { makingRules } from '../file/makings'
import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'
import { addTerms, sumOf, type Sum } from '../measure/sum'
import type { TermName } from '../measure/termName'
import { UNIT_DEFAULTS } from '../measure/units'
import { beyondFinished } from '../top/regions/rawEdge'
import { sideName } from '../top/trimmed'
import { battingSold, type BattingSold } from './battingSold'

export interface Batting {
  width: Sum
  height: Sum
  /** The edged quilt after the first wash; null where nothing shrinks. */
  washed: { width: Sum; height: Sum } | null
  /** Null where it is not said how it is sold. */
  sold: BattingSold | null
}

/** The raw top and its overhang on every side; what was trimmed shrinks. Source: handbook §9. */
export function planBatting(quilt: Quilt, top: { width: Inches; height: Inches }, trimmed = top): Batting | null {
  const { batting } = quilt
  if (!batting || !makingRules(quilt.making).hasTop) return null
  const side = (what: TermName, finished: Inches) =>
    sumOf([
      { what, value: finished },
      ...beyondFinished(quilt, 2),
      { what: 'overhang', count: 2, each: batting.overhang },
    ])
  const [width, height] = [side('top-width', top.width), side('top-height', top.height)]
  const edge = quilt.binding ? addTerms(beyondFinished(quilt, 2)) : 0
  const shrunk = (what: TermName, finished: Inches) =>
    sumOf([
      { what, value: finished },
      ...(edge > 0 ? [{ what: 'binding-edge' as const, count: 2, each: edge / 2 }] : []),
      { what: 'shrinkage', value: -batting.shrink * (finished + edge) },
    ])
  return {
    width,
    height,
    washed:
      batting.shrink > 0
        ? {
            width: shrunk(sideName(quilt, 'width'), trimmed.width),
            height: shrunk(sideName(quilt, 'height'), trimmed.height),
          }
        : null,
    sold:
      batting.width === undefined
        ? null
        : battingSold(width, height, batting.width, batting.length, UNIT_DEFAULTS[quilt.units].buyStep),
  }
}
