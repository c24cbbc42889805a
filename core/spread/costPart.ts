import { exchange, type SpreadLayout } from './layout'
import type { SpreadProblem } from './problem'

/** One thing that a layout is judged by. Places `p` and `q` exchange what they hold. */
export interface CostPart {
  /** All of it, reckoned anew. */
  whole: () => number
  /** By how much an exchange would change it. */
  change: (p: number, q: number) => number
  /** By how much a turn would; absent: a turn changes nothing. */
  turned?: (p: number, quarters: number) => number
  /** After an exchange that was made. */
  swapped?: (p: number, q: number) => void
  /** After the layout was replaced. */
  settle?: () => void
}

export type CostPartOf = (problem: SpreadProblem, layout: SpreadLayout) => CostPart

/** The change of what is reckoned place by place: with the exchange made, and taken back. `at` leaves out a place. */
export function changeBeside(layout: SpreadLayout, at: (p: number, without: number) => number): CostPart['change'] {
  return (p, q) => {
    const now = at(p, -1) + at(q, p)
    exchange(layout, p, q)
    const then = at(p, -1) + at(q, p)
    exchange(layout, p, q)
    return then - now
  }
}
