// In: a pieced border and the top inside it. Out: whether its repeat divides both sides, and plain borders that help.
import { sameLength, TOLERANCE, type Inches } from '../../measure/ruler'

/** A plain border inside a pieced one. Finished widths. */
export interface Spacer {
  sides: Inches
  ends: Inches
}

interface Repeat {
  /** Length of one repeat along the sides and along the ends. */
  sides: Inches
  ends: Inches
}

/** Whether a length is so many whole repeats; each may be eased by so much. */
export function divides(length: Inches, repeat: Inches, ease: Inches): boolean {
  const count = Math.round(length / repeat)
  return count >= 1 && Math.abs(count * repeat - length) <= count * ease + TOLERANCE * 10
}

/** So many are worth a choice. */
const MAX_SPACERS = 4
/** So many repeats more, each way, are looked at. */
const REACH = 8

/**
 * Widths of a plain border that make both directions divide, smallest first; equal on all sides where one width serves
 * both. `least`: narrower has no cloth of its own between its seams. Source: handbook §8.
 */
export function spacersFor(inside: { width: Inches; height: Inches }, repeat: Repeat, least: Inches): Spacer[] {
  // strips on the sides make the top wider, and with it the ends longer
  const sides = widthsFor(inside.width, repeat.ends, least)
  const ends = widthsFor(inside.height, repeat.sides, least)
  const pairs = sides.flatMap(side => ends.map((end): Spacer => ({ sides: side, ends: end })))
  const even = pairs.filter(pair => sameLength(pair.sides, pair.ends)).map(({ sides: w }) => ({ sides: w, ends: w }))
  const wide = (spacer: Spacer) => spacer.sides + spacer.ends
  const sorted = pairs.sort((a, b) => wide(a) - wide(b))
  return (even.length > 0 ? even : sorted).slice(0, MAX_SPACERS)
}

/** Widths on both sides of a length that make it so many repeats. */
function widthsFor(length: Inches, repeat: Inches, least: Inches): Inches[] {
  const first = Math.ceil((length + 2 * least) / repeat - TOLERANCE)
  return Array.from({ length: REACH }, (_, i) => ((first + i) * repeat - length) / 2)
}
