// In: a problem. Out: a layout that can be changed step by step, and what each change costs.
import type { Chance } from '../measure/chance'
import { balanceCost } from './balanceCost'
import { besideCost } from './besideCost'
import type { CostPart } from './costPart'
import { crowdingCost } from './crowdingCost'
import { exchange, firstLayout, type SpreadLayout } from './layout'
import type { SpreadProblem } from './problem'
import { touchingCost } from './touchingCost'
import { wantedCost } from './wantedCost'

/** A layout and its cost; changes are tried before they are made. */
export interface Changing {
  readonly layout: SpreadLayout
  /** All of it, reckoned anew. */
  cost: () => number
  /** By how much the cost changes when two places of one group exchange what they hold. */
  swapCost: (p: number, q: number) => number
  swap: (p: number, q: number) => void
  turnCost: (p: number, quarters: number) => number
  turn: (p: number, quarters: number) => void
  /** Takes another layout as it is. */
  take: (layout: SpreadLayout) => void
}

/** Seams looked at for the means of chance; no fewer layouts than the least, no more than the most. */
const SAMPLED_SEAMS = 6000
const LEAST_SAMPLES = 8
const MOST_SAMPLES = 60
/** Each against its mean by chance; crowding, of which chance makes nothing, by itself. */
const WEIGHTS = { touching: 2, beside: 2, crowding: 10, balance: 1 }
/** A step of value squared is worth one like seam in two hundred: order first, then no likes side by side. */
const WANTED = 0.005

/** A layout that starts as it hangs, weighed for its aim. */
export function changingLayout(problem: SpreadProblem, chance: Chance): Changing {
  const layout = firstLayout(problem)
  const touching = touchingCost(problem, layout)
  if (problem.wanted) {
    const wanted = [WANTED, wantedCost(problem, layout)] as const
    return changing(layout, [[1, touching], wanted])
  }
  const balance = balanceCost(problem, layout)
  const parts = [
    [WEIGHTS.touching, touching],
    [WEIGHTS.beside, besideCost(problem, layout)],
    [WEIGHTS.balance, balance],
  ] as const
  const means = parts.map(() => 0)
  const samples = samplesFor(problem)
  for (let sample = 0; sample < samples; sample++) {
    layout.blocks.set(shuffledLayout(problem, chance).blocks)
    balance.settle?.()
    parts.forEach(([, part], i) => (means[i]! += part.whole() / samples))
  }
  layout.blocks.set(firstLayout(problem).blocks)
  const against = (mean: number, weight: number) => (mean > 1e-9 ? weight / mean : 0)
  return changing(layout, [
    ...parts.map(([weight, part], i) => [against(means[i]!, weight), part] as const),
    [WEIGHTS.crowding, crowdingCost(problem, layout)],
  ])
}

function samplesFor({ seams }: SpreadProblem): number {
  const count = seams.reduce((sum, { length }) => sum + length / 2, 1)
  return Math.round(Math.min(MOST_SAMPLES, Math.max(LEAST_SAMPLES, SAMPLED_SEAMS / count)))
}

function shuffledLayout(problem: SpreadProblem, { even }: Chance): SpreadLayout {
  const layout = firstLayout(problem)
  for (const group of problem.groups)
    for (let i = group.length - 1; i > 0; i--) exchange(layout, group[i]!, group[Math.floor(even() * (i + 1))]!)
  return layout
}

function changing(layout: SpreadLayout, weighed: readonly (readonly [weight: number, part: CostPart])[]): Changing {
  const parts = weighed.filter(([weight]) => weight > 0)
  const settle = () => parts.forEach(([, part]) => part.settle?.())
  settle()
  return {
    layout,
    cost: () => parts.reduce((sum, [weight, part]) => sum + weight * part.whole(), 0),
    swapCost(p, q) {
      let change = 0
      for (const [weight, part] of parts) change += weight * part.change(p, q)
      return change
    },
    swap(p, q) {
      exchange(layout, p, q)
      for (const [, part] of parts) part.swapped?.(p, q)
    },
    turnCost(p, quarters) {
      let change = 0
      for (const [weight, part] of parts) if (part.turned) change += weight * part.turned(p, quarters)
      return change
    },
    turn(p, quarters) {
      layout.turns[p] = (layout.turns[p]! + quarters) % 4
    },
    take(other) {
      layout.blocks.set(other.blocks)
      layout.turns.set(other.turns)
      settle()
    },
  }
}
