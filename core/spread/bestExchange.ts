// In: the wall, and blocks that stand wrong. Out: the exchange that helps most.
import { chanceFrom } from '../measure/chance'
import type { Wall } from '../wall/wall'
import { changingLayout } from './changing'
import { spreadProblem } from './problem'
import type { SpreadLayout } from './layout'

/** Of all exchanges of one of these places with another of its size, the one after which the quilt is spread best. */
export function bestExchange(wall: Wall, from: readonly number[], locked: ReadonlySet<number>): SpreadLayout | null {
  const problem = spreadProblem(wall, { locked, canTurn: false, aim: { kind: 'even' } })
  const now = changingLayout(problem, chanceFrom(1))
  let best: { p: number; q: number; change: number } | null = null
  for (const p of from)
    for (const q of problem.groups.find(group => group.includes(p)) ?? []) {
      if (q === p) continue
      const change = now.swapCost(p, q)
      if (change < (best?.change ?? -1e-9)) best = { p, q, change }
    }
  if (!best) return null
  now.swap(best.p, best.q)
  return now.layout
}
