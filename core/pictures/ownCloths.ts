import type { Lab } from '../measure/lightness'
import { apart } from './apart'
import type { Bins } from './bins'

/** Rounds of exchanges before the best so far is taken. */
const MAX_ROUNDS = 20

/**
 * Of the cloths at hand the so many in which a picture looks most like itself: one after the other, each that helps
 * most, then exchanges while one helps (p-median). Places in the list, those used most first.
 */
export function bestCloths(bins: Bins, cloths: readonly Lab[], count: number): number[] {
  const far = cloths.map(({ l, a, b }) =>
    Float64Array.from(
      { length: bins.count },
      (_, i) => bins.weight[i]! * apart(bins.lab[3 * i]!, bins.lab[3 * i + 1]!, bins.lab[3 * i + 2]!, l, a, b),
    ),
  )
  const taken: number[] = []
  let least = new Float64Array(bins.count).fill(Infinity)
  while (taken.length < Math.min(count, cloths.length)) {
    const next = bestOf(
      cloths.flatMap((_, c) => (taken.includes(c) ? [] : [c])),
      c => costWith(least, far[c]!),
    )
    taken.push(next)
    least = least.map((value, i) => Math.min(value, far[next]![i]!))
  }
  exchanged(taken, far)
  return usedFirst(bins, taken, far)
}

function costWith(least: Float64Array, far: Float64Array): number {
  let sum = 0
  for (let i = 0; i < least.length; i++) sum += Math.min(least[i]!, far[i]!)
  return sum
}

function bestOf(list: readonly number[], cost: (c: number) => number): number {
  let [best, least] = [list[0]!, Infinity]
  for (const c of list) {
    const value = cost(c)
    if (value < least - 1e-9) [best, least] = [c, value]
  }
  return best
}

function exchanged(taken: number[], far: readonly Float64Array[]): void {
  for (let round = 0; round < MAX_ROUNDS; round++) {
    let isBetter = false
    for (let k = 0; k < taken.length; k++) {
      const others = taken.filter((_, i) => i !== k)
      const least = Float64Array.from(far[0]!, (_, i) => Math.min(...others.map(c => far[c]![i]!)))
      const now = costWith(least, far[taken[k]!]!)
      const best = bestOf(
        far.flatMap((_, c) => (others.includes(c) ? [] : [c])),
        c => costWith(least, far[c]!),
      )
      if (costWith(least, far[best]!) >= now - 1e-9) continue
      taken[k] = best
      isBetter = true
    }
    if (!isBetter) return
  }
}

/** Cloths that no colour is nearest to are left out. */
function usedFirst(bins: Bins, taken: readonly number[], far: readonly Float64Array[]): number[] {
  const used = new Map<number, number>()
  for (let i = 0; i < bins.count; i++) {
    const nearest = bestOf(taken, c => far[c]![i]!)
    used.set(nearest, (used.get(nearest) ?? 0) + bins.weight[i]!)
  }
  return [...used].sort((a, b) => b[1] - a[1]).map(([c]) => c)
}
