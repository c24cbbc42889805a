// In: variables with few states each, and what each combination of some of them costs. Out: the cheapest states.

/** A cost of some variables together: `cost[i]` for their states, the last variable's counted quickest. */
export interface Factor {
  variables: readonly number[]
  cost: Float64Array
}

export interface Solution {
  states: number[]
  cost: number
  /** Whether nothing cheaper is possible; false: the best found. */
  isProven: boolean
  /** How many costs were looked up: a measure of the time it took, the same on every machine. */
  work: number
}

/** The largest table made while variables are taken out: ten of three states. */
const MOST_ENTRIES = 3 ** 11
/** The table of a variable that meets one other. */
const END_OF_CHAIN = 3 ** 2
/** Beginnings from which a problem that is too large is bettered step by step. */
const STARTS = 12

/**
 * The states that cost least together. Variables are taken out one by one, each with a table of its best state for
 * those it meets, the fewest of these first (min-sum elimination; exact). Where a table would grow too large, states
 * are bettered one by one from several beginnings instead.
 */
export function leastCost(counts: readonly number[], factors: readonly Factor[]): Solution {
  return eliminated(counts, factors) ?? descended(counts, factors)
}

/** What given states cost. */
export function costOf(states: readonly number[], counts: readonly number[], factors: readonly Factor[]): number {
  return factors.reduce((sum, factor) => sum + costIn(factor, states, counts), 0)
}

function costIn({ variables, cost }: Factor, states: readonly number[], counts: readonly number[]): number {
  let at = 0
  for (const variable of variables) at = at * counts[variable]! + states[variable]!
  return cost[at]!
}

function eliminated(counts: readonly number[], given: readonly Factor[]): Solution | null {
  const touching = counts.map(() => new Set<Factor>())
  for (const factor of given) for (const variable of factor.variables) touching[variable]!.add(factor)
  const othersOf = (variable: number) => {
    const others = new Set<number>()
    for (const { variables } of touching[variable]!) for (const other of variables) others.add(other)
    others.delete(variable)
    return [...others]
  }
  const sizeOf = (variable: number) =>
    othersOf(variable).reduce((product, other) => product * counts[other]!, counts[variable]!)
  const sizes = counts.map((_, variable) => sizeOf(variable))
  const left = new Set(counts.keys())
  let work = 0
  const taken: { variable: number; others: number[]; best: Uint8Array }[] = []
  while (left.size > 0) {
    let variable = -1
    for (const candidate of left) {
      if (variable < 0 || sizes[candidate]! < sizes[variable]!) variable = candidate
      // nothing is smaller than the end of a chain by more than it costs to look for it
      if (sizes[variable]! <= END_OF_CHAIN) break
    }
    if (sizes[variable]! > MOST_ENTRIES) return null
    const others = othersOf(variable)
    const mine = [...touching[variable]!]
    const { cost, best } = withoutOne(variable, others, mine, counts)
    work += cost.length * counts[variable]! * mine.length
    for (const factor of mine) for (const other of factor.variables) touching[other]!.delete(factor)
    if (others.length > 0) {
      const joint = { variables: others, cost }
      for (const other of others) touching[other]!.add(joint)
    }
    taken.push({ variable, others, best })
    left.delete(variable)
    for (const other of others) sizes[other] = sizeOf(other)
  }
  const states = counts.map(() => 0)
  for (const { variable, others, best } of taken.reverse()) {
    let at = 0
    for (const other of others) at = at * counts[other]! + states[other]!
    states[variable] = best[at]!
  }
  return { states, cost: costOf(states, counts, given), isProven: true, work }
}

/** For all states of the others what the best state of one variable costs, and which it is. */
function withoutOne(
  variable: number,
  others: readonly number[],
  factors: readonly Factor[],
  counts: readonly number[],
) {
  const entries = others.reduce((product, other) => product * counts[other]!, 1)
  const cost = new Float64Array(entries)
  const best = new Uint8Array(entries)
  const states: number[] = []
  for (let entry = 0; entry < entries; entry++) {
    let rest = entry
    for (let k = others.length - 1; k >= 0; k--) {
      states[others[k]!] = rest % counts[others[k]!]!
      rest = Math.floor(rest / counts[others[k]!]!)
    }
    let least = Infinity
    for (let state = 0; state < counts[variable]!; state++) {
      states[variable] = state
      let sum = 0
      for (const factor of factors) sum += costIn(factor, states, counts)
      if (sum < least) {
        least = sum
        best[entry] = state
      }
    }
    cost[entry] = least
  }
  return { cost, best }
}

function descended(counts: readonly number[], factors: readonly Factor[]): Solution {
  const touching = counts.map((_, variable) => factors.filter(({ variables }) => variables.includes(variable)))
  let found: Solution | null = null
  let work = 0
  for (let start = 0; start < STARTS; start++) {
    // beginnings that differ, and are the same each time
    const states = counts.map((count, i) => (start === 0 ? 0 : (i * 7 + start * 13 + ((i * start) % 5)) % count))
    for (let isBetter = true; isBetter;) {
      isBetter = false
      for (let variable = 0; variable < counts.length; variable++) {
        const costs = Array.from({ length: counts[variable]! }, (_, state) => {
          const tried = states.with(variable, state)
          work += touching[variable]!.length
          return touching[variable]!.reduce((sum, factor) => sum + costIn(factor, tried, counts), 0)
        })
        const best = costs.indexOf(Math.min(...costs))
        if (costs[best]! < costs[states[variable]!]! - 1e-9) {
          states[variable] = best
          isBetter = true
        }
      }
    }
    const cost = costOf(states, counts, factors)
    if (!found || cost < found.cost - 1e-9) found = { states, cost, isProven: false, work }
  }
  return { ...found!, work }
}
