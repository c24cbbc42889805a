import type { TermName } from '../measure/termName'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import type { Quilt } from '../file/quilt'
import { beyondFinished } from '../top/rawEdge'

/** Batting for a top of this finished size: the raw top and its overhang on every side. Source: handbook §9. */
export function planBatting(quilt: Quilt, topWidth: Inches, topHeight: Inches): { width: Sum; height: Sum } | null {
  const { batting } = quilt
  if (!batting) return null
  const side = (what: TermName, finished: Inches) =>
    sumOf([
      { what, value: finished },
      ...beyondFinished(quilt, 2),
      { what: 'overhang', count: 2, each: batting.overhang },
    ])
  return { width: side('top-width', topWidth), height: side('top-height', topHeight) }
}
