import { roundToRuler, roundUpToRuler, type Inches } from '../../measure/ruler'
import { addTerms, roundedSum, sumOf, type Sum, type Term } from '../../measure/sum'
import type { MethodContext } from './method'

/**
 * What the tips of a triangle add to a square, per inch of seam. Source: offset rule; an edge grows by seam·cot(θ/2)
 * at a corner of interior angle θ. Along a leg that is cot 45° + cot 22.5° = 2 + √2; along the long side of a
 * quarter-square triangle 2·cot 22.5° = 2(1 + √2).
 */
export const LEG_GAIN = 2 + Math.SQRT2
export const LONG_SIDE_GAIN = 2 * (1 + Math.SQRT2)

/** A side of a piece as it is set on the ruler, with its reason; `exact`: before rounding. */
export interface CutSize extends Sum {
  exact: Inches
}

type Rounding = Pick<MethodContext, 'seam' | 'ruler' | 'care'>

/**
 * Trimmed after sewing. Cut exactly it goes up to half a step of the ruler, else up to a whole one; cut generously with
 * `generous` to spare besides. Source: handbook §3, its columns exact, usual, oversize.
 */
export function trimmedLater(
  terms: readonly Term[],
  { ruler, care = 'little' }: Omit<Rounding, 'seam'>,
  generous: Inches = 0,
): CutSize {
  const spare = care === 'generous' ? generous : 0
  const exact = addTerms(terms) + spare
  const cut = roundUpToRuler(exact, care === 'exact' ? ruler / 2 : ruler)
  return { exact, ...roundedSum([...terms, { what: 'spare-to-trim', value: spare }], cut) }
}

/** What a generous cut adds to the squares for half-squares and for quarter-squares: f + 1 and f + 1½ at ¼″. */
export const LEG_SPARE: Inches = 1 / 8
export const LONG_SIDE_SPARE: Inches = 1 / 4

/**
 * The square that is cut once for triangles with legs of this finished length; `across`: so many of them side by
 * side.
 */
export function legSquare(leg: Inches, room: Rounding, across = 1, generous: Inches = across * LEG_SPARE): CutSize {
  const tips: Term = { what: 'tips', value: across * (LEG_GAIN - 2) * room.seam }
  return trimmedLater(
    [{ what: 'finished', count: across, each: leg }, ...allowance(across * 2, room.seam), tips],
    room,
    generous,
  )
}

/** The square that is cut on both diagonals for triangles whose long side has this finished length. */
export function longSideSquare(longSide: Inches, room: Rounding, generous: Inches = LONG_SIDE_SPARE): CutSize {
  const tips: Term = { what: 'tips', value: (LONG_SIDE_GAIN - 2) * room.seam }
  return trimmedLater([{ what: 'finished', value: longSide }, ...allowance(2, room.seam), tips], room, generous)
}

/** So many seams as a term of a sum. */
export function allowance(count: number, seam: Inches): Term[] {
  return [{ what: 'seams', count, each: seam }]
}

/** Sewn as cut: to the nearest half step of the ruler. */
export function sewnAsCut(terms: readonly Term[], { ruler }: Pick<MethodContext, 'ruler'>): CutSize {
  const exact = addTerms(terms)
  return { exact, ...roundedSum(terms, roundToRuler(exact, ruler / 2)) }
}

/** A finished side and its seams, and what else lies beyond it, sewn as cut. */
export function plainSide(
  finished: Inches,
  room: Pick<MethodContext, 'seam' | 'ruler'>,
  beyond: readonly Term[] = [],
): CutSize {
  return sewnAsCut([{ what: 'finished', value: finished }, ...allowance(2, room.seam), ...beyond], room)
}

/** As it is: nothing rounded. */
export function exactly(terms: readonly Term[]): CutSize {
  const sum = sumOf(terms)
  return { exact: sum.total, ...sum }
}
