import type { Border, Quilt } from '../file/quilt'
import type { Box } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import type { Region } from './region'
import type { Stage } from './stage'

export type Side = 'left' | 'right' | 'top' | 'bottom'

/** One strip of a border. `length`: raw, as it is trimmed and sewn on. */
export interface BorderStrip {
  border: number
  side: Side
  length: Sum
  finishedWidth: Inches
}

/** A border with its place, counted from 1. */
export interface PlacedBorder extends Border {
  at: number
}

/** The top inside a border, finished, and what was measured of a stage: its planned size where nothing was. */
export interface Inside {
  width: Sum
  height: Sum
  seam: Inches
  sizeOf: (stage: string, side: 'width' | 'height', planned: Sum) => Sum
}

/** What a border adds: its strips in the order of sewing, and the size of the top with it before that is measured. */
export interface Ring {
  strips: Omit<BorderStrip, 'border'>[]
  width: Sum
  height: Sum
  first?: Stage['first']
}

/** One way of putting a border round a top: a file of its own, and a line in `borders/index.ts`. */
export interface BorderStyle {
  around: (inside: Inside, border: PlacedBorder) => Ring
  /**
   * Its strips as drawn round a box, in the order of sewing. By planned sizes, since measures of the whole say nothing
   * of its parts.
   */
  regions: (inside: Box, border: PlacedBorder) => Region[]
}

/** From finished to raw edge to raw edge. */
export function raw(finished: Sum, seam: Inches): Sum {
  return plus(finished, { what: 'seams', count: 2, each: seam })
}

export function placed(quilt: Quilt): PlacedBorder[] {
  return quilt.borders.map((border, i) => ({ ...border, at: i + 1 }))
}
