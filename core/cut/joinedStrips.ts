import { roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'
import { addTerms, roundedSum, sumOf, type Sum, type Term } from '../measure/sum'

/**
 * Fewest strips of a length that reach `total` when joined end to end, losing `loss` at each join: ⌈(total − loss) ÷
 * (strip − loss)⌉. Source: handbook §11.
 */
export function stripsToReach(total: Inches, strip: Inches, loss: Inches): number {
  return total <= strip + TOLERANCE ? 1 : Math.ceil((total - loss) / (strip - loss) - TOLERANCE)
}

/** Strips of one length to be joined with others, and what they were counted by. */
export interface JoinedStrips {
  length: Sum
  count: number
  counted: Term[]
}

/**
 * What to cut for strips of cloth joined into one long strip for all these lengths: whole widths of cloth, and a last
 * one as long as is still needed, but long enough to be joined with an easy hand.
 */
export function joinedLengths(lengths: readonly Sum[], usable: Inches, loss: Inches, ruler: Inches): JoinedStrips[] {
  if (lengths.length === 0) return []
  const total = lengths.reduce((sum, length) => sum + length.total, 0)
  const count = stripsToReach(total, usable, loss)
  const whole = sumOf([{ what: 'usable-width', value: usable }])
  const wanted: Term[] = [
    { what: 'long-strips', value: total },
    { what: 'whole-strips', count: -(count - 1), each: usable },
    { what: 'lost-in-joins', count: count - 1, each: loss },
  ]
  const exact = addTerms(wanted)
  const last = Math.min(usable, roundUpToRuler(Math.max(exact, 4 * loss), ruler))
  const rest = roundedSum(wanted, last)
  const isWhole = usable - last <= TOLERANCE
  const counted = (n: number): Term[] => [{ what: 'strips-joined', count: n, each: 1 }]
  if (isWhole) return [{ length: whole, count, counted: counted(count) }]
  return [
    ...(count > 1 ? [{ length: whole, count: count - 1, counted: counted(count - 1) }] : []),
    { length: rest, count: 1, counted: counted(1) },
  ]
}
