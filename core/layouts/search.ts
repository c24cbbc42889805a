// In: an order. Out: ever shorter layouts, one step of the search after another.
import { chanceFrom } from '../measure/chance'
import { divedStrips } from './dive'
import { StripFiller } from './filler'
import { greedyStrips } from './greedy'
import { refilled } from './neighbourhood'
import type { Order } from './order'
import { patternKey, type Pattern } from './pattern'
import { relaxedStrips, type Relaxed } from './stripColumns'

export interface FoundStrips {
  strips: readonly Pattern[]
  /** Cells down. */
  depth: number
}

/** Strips are no deeper than a person cuts them, unless a piece is. */
const DEEPEST = 24
/** An order of few pieces may have any strip at once. */
const FEW = 60
/** A layout this near the relaxed one needs no deeper strips. */
const NEAR = 1.002
const GAIN = 0.002
/** Rounds of columns for the whole order, and turns of the neighbourhood between two dives. */
const ROUNDS = 200
/** With many sizes a round takes long: fewer, and more by the neighbourhood. */
const ROUNDS_OF_ALL = 1500
const TURNS = 150
/** With more sizes than this only the neighbourhood is searched. */
const MANY = 60

/** No strip is deeper than this, in cells. */
export function deepestStrip(order: Order): number {
  return Math.max(tallestLie(order), Math.round(DEEPEST / order.cell.down))
}

function tallestLie(order: Order): number {
  return Math.max(...order.sizes.map((_, size) => flattest(order, size)))
}

/**
 * Gives the best so far after every step; it ends only when `least` cells down are reached: who asks says when.
 * The same order gives the same layouts in the same order, whatever the clock says.
 */
export function* searchStrips(order: Order, least: number, seed = 1): Generator<FoundStrips> {
  const { even } = chanceFrom(seed)
  const filler = new StripFiller(order)
  const counts = Int32Array.from(order.sizes, ({ count }) => count)
  const tallest = tallestLie(order)
  const cap = deepestStrip(order)
  const pieces = counts.reduce((sum, count) => sum + count, 0)
  let best: FoundStrips = { strips: [], depth: Infinity }
  const offer = (strips: Pattern[]) => {
    const depth = strips.reduce((sum, strip) => sum + strip.depth, 0)
    if (depth < best.depth) best = { strips, depth }
  }
  const isDone = () => best.depth <= least

  const begun: Pattern[] = []
  let deepest = pieces <= FEW ? cap : tallest
  for (const power of [1, 1.1, 1.2, 1.35]) {
    const worth = Float64Array.from(order.sizes, ({ width, height }) => (width * height) ** power)
    const strips = greedyStrips(order, filler, Int32Array.from(counts), { worth, deepest: Math.min(cap, 2 * tallest) })
    begun.push(...strips)
    offer(strips)
    yield best
    if (isDone()) return
  }

  let relaxed: Relaxed | null = null
  if (order.sizes.length <= MANY) {
    const lengths = { from: deepest, cap, least, known: distinct(begun) }
    ;({ relaxed, deepest } = yield* steps(relaxedDeeper(order, filler, counts, lengths), () => best))
  }
  for (;;) {
    if (relaxed) {
      const dive = divedStrips(order, filler, counts, relaxed, { deepest, even })
      offer(yield* steps(dive, () => best))
      yield best
      if (isDone()) return
    }
    let current = best.strips
    for (let turn = 0; turn < TURNS; turn++) {
      const next = refilled(order, filler, current, { deepest, prices: relaxed?.prices ?? null, even })
      if (next) {
        current = next
        offer([...current])
      }
      yield best
      if (isDone()) return
    }
  }
}

/** Strips that could be cut in parts, ever deeper ones, while that gains something. */
function* relaxedDeeper(
  order: Order,
  filler: StripFiller,
  counts: Int32Array,
  { from, cap, least, known }: { from: number; cap: number; least: number; known: readonly Pattern[] },
): Generator<void, { relaxed: Relaxed; deepest: number }> {
  const rounds = Math.min(ROUNDS, Math.ceil(ROUNDS_OF_ALL / order.sizes.length))
  let relaxed: Relaxed | null = null
  for (let deepest = from; ; deepest = Math.min(cap, 2 * deepest)) {
    const now: Relaxed = yield* relaxedStrips(order, filler, counts, { deepest, rounds, known: relaxed?.seen ?? known })
    const gained = relaxed ? 1 - now.depth / relaxed.depth : 1
    relaxed = now
    if (deepest >= cap || now.depth <= NEAR * least || gained < GAIN) return { relaxed, deepest }
  }
}

/** Goes on step by step, each time with the best so far. */
export function* steps<T, S>(work: Generator<unknown, T>, best: () => S): Generator<S, T> {
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
    yield best()
  }
}

function distinct(patterns: readonly Pattern[]): Pattern[] {
  return [...new Map(patterns.map(pattern => [patternKey(pattern), pattern])).values()]
}

function flattest({ lies }: Order, size: number): number {
  return Math.min(...lies.flatMap(lie => (lie.size === size ? [lie.height] : [])))
}
