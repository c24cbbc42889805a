// In: the finished top and what the quilt measured when it was trimmed. Out: its size for binding, hanging, washing.
import { makingRules } from '../file/makings'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import type { Quilt } from '../file/quilt'
import { beyondFinished } from './regions/rawEdge'
import { measuredStage, type Measured } from '../made/measures'
import type { TermName } from '../measure/termName'

/** In `made`: the quilted quilt, trimmed, from edge to edge. Quilting draws it in. */
export const TRIMMED = 'trimmed'

function measuredSide(quilt: Quilt, side: 'width' | 'height'): Measured | null {
  return makingRules(quilt.making).hasTop ? measuredStage(quilt, TRIMMED, side) : null
}

/** What a side is called in sums: that of the top, or that of the quilt as it was trimmed. */
export function sideName(quilt: Quilt, side: 'width' | 'height'): TermName {
  return `${measuredSide(quilt, side) ? 'trimmed' : 'top'}-${side}`
}

/**
 * A side of the quilt as it was trimmed, less what lies beyond the finished top; as large as the top where it was not
 * measured.
 */
export function trimmedSide(quilt: Quilt, side: 'width' | 'height', top: Sum): Sum {
  const found = measuredSide(quilt, side)
  if (!found) return top
  return sumOf(
    [{ what: 'measured-mean', value: found.mean, of: TRIMMED }, ...beyondFinished(quilt, -2)],
    found.raw.map(value => ({ what: 'measure', value })),
  )
}

export interface Trimmed {
  width: Sum
  height: Sum
  size: { width: Inches; height: Inches }
}

/** Both sides, and how long they are. */
export function trimmedTop(quilt: Quilt, { width, height }: { width: Sum; height: Sum }): Trimmed {
  const [across, down] = [trimmedSide(quilt, 'width', width), trimmedSide(quilt, 'height', height)]
  return { width: across, height: down, size: { width: across.total, height: down.total } }
}
