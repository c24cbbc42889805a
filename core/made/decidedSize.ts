import type { Inches } from '../measure/ruler'

/** Blocks further apart than this cannot be eased together. Source: handbook §8. */
export const MAX_SCATTER: Inches = 1 / 8

/** What can be done with blocks that did not come out as planned. */
export const DECISIONS = ['trim', 'ease', 'remake', 'needle'] as const
export type Decision = (typeof DECISIONS)[number]

/** Of the measures those that count, by what was decided: what the blocks will be, raw edge to raw edge. */
export function decidedSize(values: readonly Inches[], decision: Decision, planned: Inches): Inches {
  const kept = values.filter(value => isNear(value, planned))
  switch (decision) {
    case 'trim':
      return Math.min(...values)
    case 'ease':
      return values.reduce((sum, value) => sum + value, 0) / values.length
    case 'remake':
      return kept.length > 0 ? Math.min(...kept) : planned
    case 'needle':
      return planned
  }
}

/** Whether a block can be used with others of the planned size. */
export function isNear(value: Inches, planned: Inches): boolean {
  return Math.abs(value - planned) <= MAX_SCATTER + 1e-9
}
