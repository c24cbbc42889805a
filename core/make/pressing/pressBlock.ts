// In: a block in its cloths. Out: the side to which each of its seams is pressed, and what that leaves.
import type { Press } from '../steps/press'
import { blockFactors, STATES, turnOf, type PressedBlock } from './costs'
import { leastCost } from './leastCost'
import type { BlockSeams, Ray } from './meetings'

/** Each seam by its number. */
export interface Pressing {
  press: Press[]
  /** Whether nothing better is possible. */
  isProven: boolean
}

/** The best pressing of a block that stands alone. */
export function pressBlock(block: PressedBlock): Pressing {
  const { counts, factors } = blockFactors(block, true)
  const { states, isProven } = leastCost(counts, factors)
  return { press: block.seams.joins.map((_, join) => STATES[states[join]!]!), isProven }
}

/** What comes of a crossing: its seams nest, lie open or clash; and of a hub: all turn one way, or not. */
export type Crossed = 'nest' | 'open' | 'clash'
export type Outcome = Crossed | 'round' | 'not-round'

/** Of two allowances, by the way each turns round the point where they meet. */
export function crossed(one: number, other: number): Crossed {
  if (one === 0 || other === 0) return 'open'
  return one === other ? 'nest' : 'clash'
}

export function outcomeOf(kind: 'crossing' | 'hub', rays: readonly Ray[], press: readonly Press[]): Outcome {
  const turns = rays.map(({ join, sense }) => turnOf(press[join]!) * sense)
  if (kind === 'crossing') return crossed(turns[0]!, turns[1]!)
  return turns[0] !== 0 && turns.every(turn => turn === turns[0]) ? 'round' : 'not-round'
}

/** How many of a block's crossings come to what. */
export function outcomes({ meetings }: BlockSeams, press: readonly Press[]): Record<Outcome, number> {
  const counts = { 'nest': 0, 'open': 0, 'clash': 0, 'round': 0, 'not-round': 0 }
  for (const { kind, rays } of meetings) if (kind !== 'tee') counts[outcomeOf(kind, rays, press)] += 1
  return counts
}
