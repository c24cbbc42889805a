// In: a block in its cloths. Out: the side to which each of its seams is pressed, and what that leaves.
import type { Press } from '../steps/press'
import { blockFactors, STATES, turnOf, type PressedBlock } from './costs'
import { leastCost } from './leastCost'
import type { BlockSeams, SeamMeeting, Ray } from './meetings'

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

/** What comes of a crossing: its seams nest, lie open or clash. */
export type Crossed = 'nest' | 'open' | 'clash'
/** And of a hub: seams that run straight on through it nest; without such ones, all turn one way. */
export type Outcome = Crossed | 'hub-nests' | 'hub-mixed'

/** Of two allowances, by the way each turns round the point where they meet. */
export function crossed(one: number, other: number): Crossed {
  if (one === 0 || other === 0) return 'open'
  return one === other ? 'nest' : 'clash'
}

/** How the allowances lie where seams meet, pressed so. */
export function outcomeOf({ kind, rays, straight }: CrossedMeeting, press: readonly Press[]): Outcome {
  const turnAt = ({ join, sense }: Ray) => turnOf(press[join]!) * sense
  const turns = rays.map(turnAt)
  if (kind === 'crossing') return crossed(turns[0]!, turns[1]!)
  return hubOutcome(
    turns,
    straight.map(pair => pair.map(turnAt) as [number, number]),
  )
}

/** One whose seams cross or end in a hub. */
export type CrossedMeeting = Pick<SeamMeeting, 'rays' | 'straight'> & { kind: 'crossing' | 'hub' }

/** Of a hub, by the ways in which all its seams turn, and those of the pairs that run straight on. */
export function hubOutcome(
  turns: readonly number[],
  straight: readonly (readonly [number, number])[],
): 'hub-nests' | 'hub-mixed' {
  const nests =
    straight.length > 0
      ? straight.every(([one, other]) => crossed(one, other) === 'nest')
      : turns[0] !== 0 && turns.every(turn => turn === turns[0])
  return nests ? 'hub-nests' : 'hub-mixed'
}

/** How many of a block's crossings come to what. */
export function outcomes({ meetings }: BlockSeams, press: readonly Press[]): Record<Outcome, number> {
  const counts = { 'nest': 0, 'open': 0, 'clash': 0, 'hub-nests': 0, 'hub-mixed': 0 }
  for (const { kind, ...meeting } of meetings) if (kind !== 'tee') counts[outcomeOf({ kind, ...meeting }, press)] += 1
  return counts
}
