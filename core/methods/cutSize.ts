import { roundToRuler, roundUpToRuler, type Inches } from '../measure/ruler'
import type { Workroom } from './method'

/**
 * What the tips of a triangle add to a square, per inch of seam. Source: offset rule; an edge grows by seam·cot(θ/2) at a
 * corner of interior angle θ. Along a leg that is cot 45° + cot 22.5° = 2 + √2; along the long side of a
 * quarter-square triangle 2·cot 22.5° = 2(1 + √2).
 */
export const LEG_GAIN = 2 + Math.SQRT2
export const LONG_SIDE_GAIN = 2 * (1 + Math.SQRT2)

export interface CutSize { exact: Inches, cut: Inches }

/** Trimmed after sewing: rounded up to the ruler. */
export function trimmedLater(exact: Inches, room: Pick<Workroom, 'ruler'>): CutSize {
  return { exact, cut: roundUpToRuler(exact, room.ruler) }
}

/** Sewn as cut: to the nearest half step of the ruler. */
export function sewnAsCut(exact: Inches, room: Workroom): CutSize {
  return { exact, cut: roundToRuler(exact, room.ruler / 2) }
}
