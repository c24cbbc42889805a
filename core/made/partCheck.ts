// In: what a part measures while it is sewn. Out: what that says of the seam, before anything more is sewn to it.
import { sumOf, type Sum } from '../measure/sum'
import type { Inches } from '../measure/ruler'
import { SEAM_TOLERANCE } from './seamTest'

export interface PartCheck {
  /** What each allowance takes too much, or below 0 too little; null where no seam runs across. */
  error: Sum | null
  says: 'right' | 'too-much' | 'too-little' | 'cut-is-off'
}

/**
 * A part, or a unit, that should measure `expected` and has `seams` seams across: each allowance is off by (expected −
 * measured) ÷ 2k. A log that reaches beyond the block by `over` says the same of the block it lies along: that is
 * shorter by as much. Source: handbook §7.
 */
export function partCheck(expected: Inches, measured: Inches, seams: number): PartCheck {
  const off = expected - measured
  if (seams === 0) return { error: null, says: Math.abs(off) <= 2 * SEAM_TOLERANCE ? 'right' : 'cut-is-off' }
  const error = sumOf(
    [{ what: 'share-of-each-allowance', value: off / (2 * seams) }],
    [
      { what: 'expected', value: expected },
      { what: 'measure', value: measured },
      { what: 'allowances-in-seams', value: 2 * seams },
    ],
  )
  const says = Math.abs(error.total) <= SEAM_TOLERANCE + 1e-9 ? 'right' : error.total > 0 ? 'too-much' : 'too-little'
  return { error, says }
}
