import { roundToRuler, roundUpToRuler, type Inches } from '../measure/ruler'
import { addTerms, type Term } from '../measure/sum'
import type { Workroom } from './method'

/**
 * What the tips of a triangle add to a square, per inch of seam. Source: offset rule; an edge grows by seam·cot(θ/2) at a
 * corner of interior angle θ. Along a leg that is cot 45° + cot 22.5° = 2 + √2; along the long side of a
 * quarter-square triangle 2·cot 22.5° = 2(1 + √2).
 */
export const LEG_GAIN = 2 + Math.SQRT2
export const LONG_SIDE_GAIN = 2 * (1 + Math.SQRT2)

/** A side of a piece: exact, as cut on the ruler, and what it is made of. */
export interface CutSize { exact: Inches, cut: Inches, terms?: Term[] }

/** Trimmed after sewing: what it is made of, rounded up to the ruler. */
export function trimmedLater(terms: Term[], { ruler }: Pick<Workroom, 'ruler'>): CutSize {
  const exact = addTerms(terms)
  return { exact, cut: roundUpToRuler(exact, ruler), terms }
}

/** The square that is cut once for triangles with legs of this finished length; `across`: so many of them side by side. */
export function legSquare(leg: Inches, room: Pick<Workroom, 'seam' | 'ruler'>, across = 1): CutSize {
  return trimmedLater([{ what: 'finished', count: across, each: leg }, ...allowance(across * 2, room.seam), { what: 'tips', value: across * (LEG_GAIN - 2) * room.seam }], room)
}

/** The square that is cut on both diagonals for triangles whose long side has this finished length. */
export function longSideSquare(longSide: Inches, room: Pick<Workroom, 'seam' | 'ruler'>): CutSize {
  return trimmedLater([{ what: 'finished', value: longSide }, ...allowance(2, room.seam), { what: 'tips', value: (LONG_SIDE_GAIN - 2) * room.seam }], room)
}

export function allowance(count: number, seam: Inches): Term[] {
  return [{ what: 'seams', count, each: seam }]
}

/** Sewn as cut: to the nearest half step of the ruler. */
export function sewnAsCut(exact: Inches, room: Workroom): CutSize {
  return { exact, cut: roundToRuler(exact, room.ruler / 2) }
}
