// In: variables with few states each, and what each combination of some of them costs. Out: the cheapest states.

/** A cost of some variables together: `cost[i]` for their states, the last variable's counted quickest. */
export interface Factor {
  variables: readonly number[]
  cost: Float64Array
}

export interface LeastCost {
  states: number[]
  cost: number
  /** Whether nothing cheaper is possible; false: the best found. */
  isProven: boolean
  /** How many costs were looked up: a measure of the time it took, the same on every machine. */
  work: number
}

/** The largest table made while variables are taken out: ten of three states. */
const MAX_ENTRIES = 3 ** 11
/** The table of a variable that meets one other. */
const END_OF_CHAIN = 3 ** 2
/** Beginnings from which a problem that is too large is bettered step by step. */
const STARTS = 12

/**
 * The states that cost least together. Variables are taken out one by one, each with a table of its best state for
 * those it meets, the fewest of these first (min-sum elimination; exact). Where a table would grow too large, states
 * are bettered one by one from several beginnings instead.
 */
export function leastCost(counts: readonly number[], factors: readonly Factor[]): LeastCost {
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

function eliminated(counts: readonly number[], given: readonly Factor[]): LeastCost | null {
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
    if (sizes[variable]! > MAX_ENTRIES) return null
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

/**
 * For all states of the others what the best state of one variable costs, and which it is. The states are counted up
 * like the figures of a clock, and with them the place in each factor, so that none is worked out anew.
 */
function withoutOne(
  variable: number,
  others: readonly number[],
  factors: readonly Factor[],
  counts: readonly number[],
) {
  const entries = others.reduce((product, other) => product * counts[other]!, 1)
  const cost = new Float64Array(entries)
  const best = new Uint8Array(entries)
  const tables = factors.map(factor => {
    const weights = weightsOf(factor, counts)
    return {
      cost: factor.cost,
      at: 0,
      own: weights.get(variable)!,
      steps: others.map(other => weights.get(other) ?? 0),
    }
  })
  const states = new Uint8Array(others.length)
  for (let entry = 0; entry < entries; entry++) {
    let least = Infinity
    for (let state = 0; state < counts[variable]!; state++) {
      let sum = 0
      for (const table of tables) sum += table.cost[table.at + state * table.own]!
      if (sum < least) {
        least = sum
        best[entry] = state
      }
    }
    cost[entry] = least
    for (let k = others.length - 1; k >= 0; k--) {
      const last = counts[others[k]!]! - 1
      if (states[k]! < last) {
        states[k]! += 1
        for (const table of tables) table.at += table.steps[k]!
        break
      }
      states[k] = 0
      for (const table of tables) table.at -= table.steps[k]! * last
    }
  }
  return { cost, best }
}

/** How far one state more of each variable is from the last, in a factor's costs. */
function weightsOf({ variables }: Factor, counts: readonly number[]): Map<number, number> {
  const weights = new Map<number, number>()
  let weight = 1
  for (const variable of variables.toReversed()) {
    weights.set(variable, weight)
    weight *= counts[variable]!
  }
  return weights
}

function descended(counts: readonly number[], factors: readonly Factor[]): LeastCost {
  const touching = counts.map((_, variable) => factors.filter(({ variables }) => variables.includes(variable)))
  let found: LeastCost | null = null
  let work = 0
  for (let start = 0; start < STARTS; start++) {
    // beginnings that differ, and are the same each time
    const states = counts.map((count, i) => (start === 0 ? 0 : (i * 7 + start * 13 + ((i * start) % 5)) % count))
    for (let isBetter = true; isBetter;) {
      isBetter = false
      for (let variable = 0; variable < counts.length; variable++) {
        const was = states[variable]!
        const costs = Array.from({ length: counts[variable]! }, (_, state) => {
          states[variable] = state
          work += touching[variable]!.length
          return touching[variable]!.reduce((sum, factor) => sum + costIn(factor, states, counts), 0)
        })
        const best = costs.indexOf(Math.min(...costs))
        const isLess = costs[best]! < costs[was]! - 1e-9
        states[variable] = isLess ? best : was
        isBetter ||= isLess
      }
    }
    const cost = costOf(states, counts, factors)
    if (!found || cost < found.cost - 1e-9) found = { states, cost, isProven: false, work }
  }
  return { ...found!, work }
}
