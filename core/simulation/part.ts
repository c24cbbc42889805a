// Parts sewn many times over at once: each length is a list with one entry for every time.
import type { Inches } from '../measure/ruler'
import type { Chance } from '../measure/chance'
import type { SewingHand } from './hand'

export type PartEdge = 'left' | 'right' | 'top' | 'bottom'

/** Where a seam ends on an edge: by the plan from the finished corner, and really, from the raw corner. */
export interface PartMark {
  planned: Inches
  at: Float64Array
}

/** A block as it came out, raw edge to raw edge; `planned` is finished. */
export interface SewnPart {
  planned: { width: Inches; height: Inches }
  width: Float64Array
  height: Float64Array
  marks: Record<PartEdge, PartMark[]>
}

/** Points and crossings of one seam, and how many of them went wrong in all the times together. */
export interface Tally {
  tips: number
  tipsCut: number
  crossings: number
  missed: number
}

/** A tip that loses no more than this is taken for whole. Source: handbook §7. */
export const TIP_TOLERANCE: Inches = 1 / 32
/** Seams that miss each other by more are seen. */
export const MISS: Inches = 1 / 16

/** How seams are sewn: by the quilter's hand, or on a printed line. */
export interface PartSeam {
  allowance: Inches
  bias: Inches
  scatter: Inches
  turn: Inches
}

/** How a seam comes out of this hand, on paper or not; in inches. */
export function seamOf(allowance: Inches, hand: SewingHand, isOnPaper: boolean): PartSeam {
  return isOnPaper
    ? { allowance, bias: 0, scatter: hand.paperScatter, turn: 0 }
    : { allowance, bias: hand.seamBias, scatter: hand.seamScatter, turn: hand.turn }
}

/** A length by the plan with chance about it. */
export function around(planned: Inches, scatter: Inches, times: number, chance: Chance): Float64Array {
  const values = new Float64Array(times)
  for (let i = 0; i < times; i++) values[i] = planned + scatter * chance.normal()
  return values
}
