// In: parts that want a cloth each, which of them touch, and cloths. Out: a cloth for each, no two alike side by side.
import { chanceFrom } from '../measure/chance'

/** Parts are called by their numbers, and cloths. */
export interface DealProblem {
  count: number
  /** Pairs that touch, and how much it matters: 1 along an edge, less at a corner. */
  touching: readonly { a: number; b: number; weight: number }[]
  cloths: number
  /** Whether two cloths look alike, row by row; each is like itself. */
  alike: Uint8Array
  /** How many parts each cloth can give at most. */
  most: readonly number[]
  /** What a part costs in a cloth beside what does not change; by part, cloth by cloth. */
  beside: Float64Array
  /** The cloth of a part that stays as it is; -1: it is dealt. */
  fixed: Int32Array
}

export interface Dealt {
  cloths: Int32Array
  /** Pairs along an edge that are alike all the same. */
  alike: number
  /** By how many parts the cloth in hand falls short; they are dealt from the cloth that has most. */
  short: number
}

const PASSES = 60
const HOT = 0.6
const COLD = 0.02

/** Deals level counts within what there is: the hardest part first, then exchanges until no like cloths touch. */
export function deal(problem: DealProblem, seed: number): Dealt {
  const { touching, cloths, alike, fixed, beside } = problem
  const { even } = chanceFrom(seed)
  const next = neighboursOf(problem)
  const dealt = Int32Array.from(fixed)
  const free = [...fixed.keys()].filter(part => fixed[part] === -1)
  const { targets, short } = levelTargets(problem, free.length)
  const left = [...targets]
  const costAt = (part: number, cloth: number) => {
    let cost = beside[part * cloths + cloth]!
    for (const { at, weight } of next[part]!) if (dealt[at]! >= 0 && alike[cloth * cloths + dealt[at]!]!) cost += weight
    return cost
  }
  // those with most neighbours first; among as many, by chance
  const order = free.map(part => ({ part, key: next[part]!.length + even() })).sort((a, b) => b.key - a.key)
  for (const { part } of order) {
    let best = -1
    for (let cloth = 0; cloth < cloths; cloth++) {
      if (left[cloth]! <= 0) continue
      const isBetter =
        best < 0
        || costAt(part, cloth) < costAt(part, best) - 1e-9
        || (costAt(part, cloth) < costAt(part, best) + 1e-9 && left[cloth]! > left[best]!)
      if (isBetter) best = cloth
    }
    dealt[part] = best
    left[best]! -= 1
  }
  exchangeAlike()
  const edges = touching.filter(({ a, b, weight }) => weight >= 1 && alike[dealt[a]! * cloths + dealt[b]!]!).length
  return { cloths: dealt, alike: edges, short }

  /** Parts that lie beside their like change cloths with others: counts stay. */
  function exchangeAlike() {
    for (let pass = 0; pass < PASSES; pass++) {
      const worse = free.filter(part => costAt(part, dealt[part]!) > 1e-9)
      if (worse.length === 0) return
      const heat = HOT * (COLD / HOT) ** (pass / PASSES)
      for (const part of worse)
        for (let tried = 0; tried < 30; tried++) {
          const other = free[Math.floor(even() * free.length)]!
          const change = exchangeCost(part, other)
          if (change > 0 && even() >= Math.exp(-change / heat)) continue
          ;[dealt[part], dealt[other]] = [dealt[other]!, dealt[part]!]
          if (costAt(part, dealt[part]!) < 1e-9) break
        }
    }
  }
  function exchangeCost(one: number, other: number): number {
    const [first, second] = [dealt[one]!, dealt[other]!]
    if (first === second) return 0
    const before = costAt(one, first) + costAt(other, second)
    dealt[one] = second
    dealt[other] = first
    const after = costAt(one, second) + costAt(other, first)
    dealt[one] = first
    dealt[other] = second
    return after - before
  }
}

function neighboursOf({ count, touching }: DealProblem): { at: number; weight: number }[][] {
  const next: { at: number; weight: number }[][] = Array.from({ length: count }, () => [])
  for (const { a, b, weight } of touching) {
    next[a]!.push({ at: b, weight })
    next[b]!.push({ at: a, weight })
  }
  return next
}

/** As level as can be: cloths with little give all they have, the others share the rest. */
function levelTargets({ cloths, most }: DealProblem, parts: number): { targets: number[]; short: number } {
  const all = most.reduce((sum, limit) => sum + Math.min(limit, parts), 0)
  const targets = most.map(() => 0)
  let rest = Math.min(parts, all)
  while (rest > 0) {
    const open = [...targets.keys()].filter(cloth => targets[cloth]! < most[cloth]!)
    const least = Math.min(...open.map(cloth => targets[cloth]!))
    const cloth = open.find(other => targets[other] === least)!
    targets[cloth]! += 1
    rest -= 1
  }
  const short = Math.max(0, parts - all)
  if (short > 0) targets[most.indexOf(Math.max(...most))]! += short
  return { targets, short: cloths === 0 ? parts : short }
}
