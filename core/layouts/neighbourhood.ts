// In: strips of an order. Out: others that take no more cloth: a few are taken out and filled anew.
import { divedStrips } from './dive'
import type { StripFiller } from './filler'
import { greedyStrips } from './greedy'
import type { Order } from './order'
import { areaOf, type Pattern } from './pattern'
import { relaxedStrips } from './stripColumns'

/** Strips taken out at once. */
const FEWEST = 2
const MOST = 6
/** How often strips are taken by what they waste, not by chance. */
const BY_WASTE = 0.6
/** How often the new strips come from a small problem solved whole. */
const BY_DIVE = 0.1
const FEW_ROUNDS = 12

export interface Refilling {
  deepest: number
  /** What sizes cost, where that is known. */
  prices: Float64Array | null
  even: () => number
}

/** One turn: the new strips; null where the old ones are shorter. */
export function refilled(
  order: Order,
  filler: StripFiller,
  strips: readonly Pattern[],
  { deepest, prices, even }: Refilling,
): Pattern[] | null {
  const out = takenOut(order, strips, even)
  const left = new Int32Array(order.sizes.length)
  let depth = 0
  for (const at of out) {
    depth += strips[at]!.depth
    for (const [size, count] of strips[at]!.counts) left[size]! += count
  }
  const now =
    even() < BY_DIVE
      ? divedAnew(order, filler, left, { deepest, even })
      : greedyStrips(order, filler, left, { worth: worthOf(order, prices, even), deepest, even })
  const isLonger = now.reduce((sum, strip) => sum + strip.depth, 0) > depth
  return isLonger ? null : [...strips.filter((_, at) => !out.has(at)), ...now]
}

/** A few strips are a small order of their own. */
function divedAnew(
  order: Order,
  filler: StripFiller,
  left: Int32Array,
  { deepest, even }: Omit<Refilling, 'prices'>,
): Pattern[] {
  const worth = Float64Array.from(order.sizes, ({ width, height }) => width * height)
  const known = greedyStrips(order, filler, Int32Array.from(left), { worth, deepest })
  const relaxed = ended(relaxedStrips(order, filler, left, { deepest, rounds: FEW_ROUNDS, known }))
  return ended(divedStrips(order, filler, left, relaxed, { deepest, even }))
}

function ended<T>(work: Generator<void, T>): T {
  for (;;) {
    const { done, value } = work.next()
    if (done) return value
  }
}

function takenOut(order: Order, strips: readonly Pattern[], even: () => number): Set<number> {
  const many = Math.min(strips.length, FEWEST + Math.floor(even() * (MOST - FEWEST + 1)))
  const waste = strips.map(strip => wasteOf(order, strip) + 1e-3)
  const total = waste.reduce((sum, value) => sum + value, 0)
  const out = new Set<number>()
  while (out.size < many) {
    if (even() >= BY_WASTE) {
      out.add(Math.floor(even() * strips.length))
      continue
    }
    let at = -1
    for (let share = even() * total; share >= 0 && at < strips.length - 1;) share -= waste[(at += 1)]!
    out.add(at)
  }
  return out
}

/** Cells of a strip that no piece has. */
function wasteOf(order: Order, pattern: Pattern): number {
  return pattern.depth * order.room - areaOf(order, pattern)
}

/** By area, large pieces a little more, each time by another measure; or by their prices, a little disturbed. */
function worthOf({ sizes }: Order, prices: Float64Array | null, even: () => number): Float64Array {
  if (prices && even() < 0.5)
    return Float64Array.from(
      sizes,
      ({ width, height }, i) => (prices[i]! + 1e-3 * width * height) * (0.9 + 0.2 * even()),
    )
  return worthByArea(sizes, even)
}

/** By area, large pieces a little more, each time by another measure. */
export function worthByArea(sizes: Order['sizes'], even: () => number): Float64Array {
  const power = 0.9 + 0.55 * even()
  return Float64Array.from(sizes, ({ width, height }) => (width * height) ** power * (0.95 + 0.1 * even()))
}
