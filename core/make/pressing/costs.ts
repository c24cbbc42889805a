// In: the seams of a block. Out: what each way of pressing them costs, as factors of a search.
import type { Press } from '../steps/press'
import type { BlockSeams, Ray } from './meetings'
import type { Factor } from './leastCost'

/** The states of a seam in the search, in this order; open is left out where it may not be. */
export const STATES: readonly Press[] = ['first', 'second', 'open']

/** Which way an allowance pressed so turns, before its sense: 1, -1, or 0 where it lies open. */
export function turnOf(press: Press): 1 | -1 | 0 {
  return press === 'first' ? 1 : press === 'second' ? -1 : 0
}

/** Costs, found by trial; only their order matters much. Source: docs/methods.md, pressing. */
export const CLASH = 1000
const WITH_OPEN = 150
const OPENED = 300
const OPENED_ON_BIAS = 100
const NOT_ROUND = 40
const HUB_CLASH = 120
const ON_TIP = 12
const ON_END = 4
/** For a whole side of the block, between black and white. */
const SHOWING = 10

/** What the costs need to know of a block in its cloths. */
export interface PressedBlock {
  seams: BlockSeams
  /** Lightness of the cloth of a patch, 0 to 100. */
  light: (patch: number) => number
  /** The longest side of the block, in grid units. */
  side: number
  /** Seams whose side is not free: those of units by their way of making, and those the quilter chose. */
  fixed: ReadonlyMap<number, Press>
}

/**
 * Factors over the seams of one block, each seam a variable, and each hub one more for the way it turns.
 * `first`: the number of the first variable; seams come first, then hubs.
 */
export function blockFactors(block: PressedBlock, canOpen: boolean): { counts: number[]; factors: Factor[] } {
  const { seams, fixed } = block
  const counts = seams.joins.map((_, join) => (canOpen || fixed.get(join) === 'open' ? 3 : 2))
  const all: Factor[] = aloneCosts(block).map((cost, join) => ({
    variables: [join],
    cost: cost.slice(0, counts[join]),
  }))
  for (const meeting of seams.meetings) {
    if (meeting.kind === 'crossing') {
      const [a, b] = meeting.rays as [Ray, Ray]
      all.push({
        variables: [a.join, b.join],
        cost: crossingCost(a.sense, b.sense, CLASH, [counts[a.join]!, counts[b.join]!]),
      })
    } else if (meeting.kind === 'hub') {
      const spin = counts.push(2) - 1
      for (const { join, sense } of meeting.rays)
        all.push({ variables: [join, spin], cost: hubCost(sense, counts[join]!) })
      // first of all those nest that run straight on
      for (const [a, b] of meeting.straight)
        all.push({
          variables: [a.join, b.join],
          cost: crossingCost(a.sense, b.sense, HUB_CLASH, [counts[a.join]!, counts[b.join]!]),
        })
    }
  }
  // no sum of other costs is worth as much
  for (const [join, press] of fixed) {
    const cost = Float64Array.from({ length: counts[join]! }, (_, state) => (STATES[state] === press ? 0 : 1e7))
    all.push({ variables: [join], cost })
  }
  return { counts, factors: all }
}

/** Two seams that end opposite each other; they nest when both turn the same way. */
export function crossingCost(
  one: number,
  other: number,
  clash: number,
  [a, b]: readonly [number, number],
): Float64Array {
  return Float64Array.from({ length: a * b }, (_, at) => {
    const [first, second] = [turnOf(STATES[Math.floor(at / b)]!), turnOf(STATES[at % b]!)]
    if (first === 0 || second === 0) return (clash / CLASH) * WITH_OPEN
    return first * one === second * other ? 0 : clash
  })
}

function hubCost(sense: number, states: number): Float64Array {
  return Float64Array.from({ length: states * 2 }, (_, at) => {
    const turn = turnOf(STATES[Math.floor(at / 2)]!) * sense
    return turn === (at % 2 === 0 ? 1 : -1) ? 0 : NOT_ROUND
  })
}

/** What each seam costs by itself: cloth that shows through, bulk on bulk, being pressed open. */
function aloneCosts({ seams, side, light }: PressedBlock): Float64Array[] {
  const costs = biasOf(seams).map(bias => Float64Array.from([0, 0, OPENED + OPENED_ON_BIAS * bias]))
  for (const { join, from, to, first, second } of seams.edges) {
    const share = Math.hypot(to[0] - from[0], to[1] - from[1]) / side
    const more = (SHOWING * (light(first) - light(second)) * share) / 100
    // the darker allowance shows under the lighter cloth
    costs[join]![more > 0 ? 0 : 1]! += Math.abs(more)
  }
  // pressed to a side, a seam folds over what ends there: a single seam, or the tip of a patch between two
  const bulk = (ends: number) => (ends > 1 ? ON_TIP * ends : ON_END * ends)
  for (const { through, rays, onFirst } of seams.meetings) {
    if (through === null) continue
    costs[through]![0]! += bulk(onFirst.length)
    costs[through]![1]! += bulk(rays.length - onFirst.length)
  }
  return costs
}

/** Of each seam the part that lies on the bias, 0 to 1. */
function biasOf({ joins, edges }: BlockSeams): number[] {
  const [slanted, whole] = [joins.map(() => 0), joins.map(() => 0)]
  for (const { join, from, to } of edges) {
    const [x, y] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])]
    const length = Math.hypot(x, y)
    whole[join]! += length
    if (Math.min(x, y) > 1e-6 * length) slanted[join]! += length
  }
  return joins.map((_, join) => (whole[join]! === 0 ? 0 : slanted[join]! / whole[join]!))
}
