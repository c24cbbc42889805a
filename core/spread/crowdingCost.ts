import type { CostPartOf } from './costPart'
import type { SpreadProblem } from './problem'

/**
 * Whether like colours lie near each other, over all colours and distances: Moran's I of the blocks' colours against
 * their mean, 0 by chance, 1 where all that is near is alike. Source: Moran 1950.
 */
export const crowdingCost: CostPartOf = (problem, { blocks }) => {
  const { count, kinds, shares, weighed, colours, near } = problem
  const kindAt = (p: number) => kinds[blocks[p]!]!
  /** For each place what lies round it, colour by colour. */
  const around = new Float64Array(count * colours)
  /** Colours in which two blocks that change places differ, and by how much. */
  const differing = new Int32Array(colours)
  const difference = new Float64Array(colours)
  const unit = unitOf(problem)
  return {
    whole: () => crowdingOf(problem, kindAt) * unit,
    change(p, q) {
      const [a, b] = [kindAt(p) * colours, kindAt(q) * colours]
      if (a === b) return 0
      const weight = near[p * count + q]!
      let change = 0
      for (let c = 0; c < colours; c++) {
        const apart = weighed[a + c]! - weighed[b + c]!
        // the two stay as near each other as they are
        const met = weight * (shares[a + c]! - shares[b + c]!)
        change += apart * (around[q * colours + c]! - around[p * colours + c]! - met)
      }
      return 2 * change * unit
    },
    swapped,
    settle() {
      around.fill(0)
      for (let p = 0; p < count; p++)
        for (let q = 0; q < count; q++) addShares(p, near[p * count + q]!, kindAt(q) * colours)
    },
  }

  function addShares(p: number, weight: number, from: number) {
    if (weight > 0) for (let c = 0; c < colours; c++) around[p * colours + c]! += weight * shares[from + c]!
  }

  /** Finds in which colours two kinds differ; blocks have few cloths each, so in most they do not. */
  function differ(a: number, b: number): number {
    let some = 0
    for (let c = 0; c < colours; c++) {
      const more = shares[b + c]! - shares[a + c]!
      if (Math.abs(more) < 1e-12) continue
      differing[some] = c
      difference[some] = more
      some += 1
    }
    return some
  }
  function swapped(p: number, q: number) {
    const some = differ(kindAt(q) * colours, kindAt(p) * colours)
    for (let at = 0; at < count; at++) {
      const weight = near[p * count + at]! - near[q * count + at]!
      if (weight === 0) continue
      const from = at * colours
      for (let i = 0; i < some; i++) around[from + differing[i]!]! += weight * difference[i]!
    }
  }
}

/** How alike two kinds are in what sets them apart from the mean. */
function likeness({ shares, weighed, colours }: SpreadProblem, a: number, b: number): number {
  let sum = 0
  for (let c = 0; c < colours; c++) sum += shares[a * colours + c]! * weighed[b * colours + c]!
  return sum
}

/** What one block has with itself, over all places near each other, counts as 1. */
function unitOf(problem: SpreadProblem): number {
  const { kinds, count, near } = problem
  let own = 0
  for (const kind of kinds) own += likeness(problem, kind, kind) / count
  const all = own * near.reduce((sum, weight) => sum + weight, 0)
  return all > 1e-9 ? 1 / all : 0
}

function crowdingOf(problem: SpreadProblem, kindAt: (p: number) => number): number {
  const { count, near } = problem
  let sum = 0
  for (let p = 0; p < count; p++)
    for (let q = 0; q < count; q++) {
      const weight = near[p * count + q]!
      if (weight > 0) sum += weight * likeness(problem, kindAt(p), kindAt(q))
    }
  return sum
}
