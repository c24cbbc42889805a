import { roundUpToRuler, TOLERANCE, type Inches } from '../measure/ruler'

/** Fewest strips of a length that reach `total` when joined end to end, losing `loss` at each join: ⌈(total − loss) ÷ (strip − loss)⌉. Source: handbook §11. */
export function stripsToReach(total: Inches, strip: Inches, loss: Inches): number {
  return total <= strip + TOLERANCE ? 1 : Math.ceil((total - loss) / (strip - loss) - TOLERANCE)
}

/**
 * Lengths to cut for strips of cloth joined into one long strip: whole widths of cloth, and a last one as long as is still
 * needed, but long enough to be joined with an easy hand.
 */
export function joinedLengths(total: Inches, usable: Inches, loss: Inches, ruler: Inches): { length: Inches, count: number }[] {
  const count = stripsToReach(total, usable, loss)
  const last = Math.min(usable, roundUpToRuler(Math.max(total - (count - 1) * (usable - loss), 4 * loss), ruler))
  if (count === 1) return [{ length: last, count: 1 }]
  return usable - last <= TOLERANCE ? [{ length: usable, count }] : [{ length: usable, count: count - 1 }, { length: last, count: 1 }]
}
