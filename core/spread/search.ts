// In: a problem and a seed. Out: better and better layouts, the same for the same seed.
import { chanceFrom, type Chance } from '../measure/chance'
import { changingLayout, type Changing } from './changing'
import { copyOf, rankedLayout, type SpreadLayout } from './layout'
import type { SpreadProblem } from './problem'

/** The best layout so far. */
export interface SpreadStep {
  layout: SpreadLayout
  cost: number
  /** Of the layout as it hangs. */
  start: number
  /** Changes that were tried. */
  moves: number
}

/** Up to so many places all orders are tried. */
const MOST_ORDERS = 9
/** Changes between two looks at the best. */
const CHUNK = 2000
const FIRST_PASS = 60
const LONGER = 1.4
const DESCENT = 10
/** To what part of the first temperature each pass is heated again. */
const REHEATED = [1 / 2, 1 / 8, 1 / 4, 1 / 8]
const COLDEST = 0.01
const TRIED_FOR_HEAT = 400

/**
 * Rearranges by trying changes: a descent first, so that something better is soon there, then passes of simulated
 * annealing, each longer and from the best so far, its temperature taken from the changes themselves. Ends after about
 * `most` changes; it may be left at any time.
 */
export function* spreadSearch(problem: SpreadProblem, seed: number, most: number): Generator<SpreadStep> {
  const chance = chanceFrom(seed)
  const now = changingLayout(problem, chance)
  const start = now.cost()
  const best = { layout: copyOf(now.layout), cost: start, start, moves: 0 }
  const keep = (cost: number) => {
    if (cost >= best.cost - 1e-9) return
    best.cost = cost
    best.layout = copyOf(now.layout)
  }
  const step = (): SpreadStep => ({ ...best, layout: copyOf(best.layout) })
  const places = problem.groups.flat()
  // nothing may move: all is locked, or no two blocks are of one size
  if (places.length === 0) return yield step()
  if (problem.wanted) {
    now.take(rankedLayout(problem))
    keep(now.cost())
    yield step()
  }
  if (!problem.canTurn && problem.groups.length === 1 && places.length <= MOST_ORDERS) {
    yield* allOrders(now, places, keep, step)
    return
  }
  const pickMove = moveMaker(problem, now, chance)
  yield* pass(places.length * DESCENT, () => 0)
  const heat = firstHeat()
  for (let round = 0, length = FIRST_PASS * places.length; best.moves < most; round++, length *= LONGER) {
    const from = (round === 0 && places.length < 10 ? 1 : REHEATED[round % REHEATED.length]!) * heat
    const cold = COLDEST * heat
    now.take(best.layout)
    yield* pass(Math.min(length, most - best.moves), part => from * (cold / from) ** part)
  }
  yield step()

  function* pass(length: number, heatAt: (part: number) => number): Generator<SpreadStep> {
    let cost = now.cost()
    for (let tried = 0; tried < length; tried++) {
      const temperature = heatAt(tried / length)
      const { change, make } = pickMove()
      if (change <= 0 || (temperature > 0 && chance.even() < Math.exp(-change / temperature))) {
        make()
        cost += change
        if (change < 0) keep(cost)
      }
      best.moves += 1
      if (best.moves % CHUNK === 0) yield step()
    }
    yield step()
  }
  /** Half of the changes by chance are smaller. */
  function firstHeat(): number {
    const changes = Array.from({ length: TRIED_FOR_HEAT }, () => Math.abs(pickMove().change)).sort((a, b) => a - b)
    return Math.max(1e-9, changes[changes.length / 2]!)
  }
}

interface TriedChange {
  change: number
  make: () => void
}

/** Two places of a group by chance, each place as likely as any other; or a block turned, where that is allowed. */
function moveMaker(
  { groups, canTurn, isSquare, kinds }: SpreadProblem,
  now: Changing,
  { even }: Chance,
): () => TriedChange {
  const groupOf = new Map(groups.flatMap(group => group.map(place => [place, group] as const)))
  const places = groups.flat()
  const turning = canTurn && isSquare.some(Boolean) ? 1 / 4 : 0
  return () => {
    const p = places[Math.floor(even() * places.length)]!
    if (turning > 0 && even() < turning && isSquare[kinds[now.layout.blocks[p]!]!]) {
      const quarters = 1 + Math.floor(even() * 3)
      return { change: now.turnCost(p, quarters), make: () => now.turn(p, quarters) }
    }
    const group = groupOf.get(p)!
    const other = group[Math.floor(even() * (group.length - 1))]!
    const q = other === p ? group.at(-1)! : other
    return { change: now.swapCost(p, q), make: () => now.swap(p, q) }
  }
}

/** Every order of few places, one exchange after the other. Source: Heap 1963. */
function* allOrders(
  now: Changing,
  places: readonly number[],
  keep: (cost: number) => void,
  step: () => SpreadStep,
): Generator<SpreadStep> {
  let cost = now.cost()
  let moves = 0
  const counters = places.map(() => 0)
  for (let i = 1; i < places.length;) {
    if (counters[i]! >= i) {
      counters[i] = 0
      i += 1
      continue
    }
    const [p, q] = [places[i % 2 === 0 ? 0 : counters[i]!]!, places[i]!]
    cost += now.swapCost(p, q)
    now.swap(p, q)
    keep(cost)
    counters[i]! += 1
    i = 1
    moves += 1
    if (moves % (10 * CHUNK) === 0) yield step()
  }
  yield step()
}
