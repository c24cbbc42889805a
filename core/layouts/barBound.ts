// In: an order. Out: a length of cloth that no layout whatever can beat.
import type { Inches } from '../measure/ruler'
import { addBundles, bundlesFor, packBundles, takenOf } from './knapsack'
import { MasterProblem, type MasterColumn } from './masterProblem'
import type { Order } from './order'

/** Rounds, at most: any prices give a bound, so it may end at any of them. With many sizes each takes long. */
const ROUNDS = 400
const ROUNDS_OF_ALL = 600_000

/**
 * A line across the cloth crosses pieces whose widths, as they lie, are no wider together than the cloth, no size
 * oftener than it is wanted. With any prices π of the sizes let r be the most that Σ π⁄h of such pieces comes to;
 * along the whole length every piece is crossed for its height, so the length is at least Σ πn ÷ r. The prices come
 * from covering all heights by the fewest such lines. Then up to the next length that whole pieces on top of each
 * other can have.
 */
export function barBound(order: Order, usable: Inches): Inches {
  const { sizes, cell } = order
  if (sizes.length === 0) return 0
  const bars = barsOf(order, usable)
  const master = new MasterProblem(
    Float64Array.from(sizes, ({ count }) => count),
    sizes.map((_, size) => bars.alone(size)),
  )
  let bound = bars.boundBy(Float64Array.from(sizes, ({ width, height }) => width * height)).bound
  const rounds = Math.min(ROUNDS, Math.ceil(ROUNDS_OF_ALL / sizes.length ** 2))
  for (let round = 0; round < rounds; round++) {
    const { bound: now, worth, bar } = bars.boundBy(master.prices)
    bound = Math.max(bound, now)
    if (worth <= 1 + 1e-7 || !master.improve([bar])) break
  }
  const safe = bound * (1 - 1e-9)
  return order.isExact ? Math.ceil(safe / cell.down - 1e-6) * cell.down : safe
}

function barsOf({ sizes, lies, room, cell, isExact }: Order, usable: Inches) {
  const laid = lies.map(({ size, width, isTurned }) => {
    const { width: straight, height } = sizes[size]!
    const [wide, high] = isTurned ? [height, straight] : [straight, height]
    // off the grid a piece counts for less than it takes, so that no layout is left out
    return { size, high, cells: isExact ? width : Math.floor(wide / cell.across + 1e-9) }
  })
  const across = isExact ? room : Math.ceil(usable / cell.across)
  const bundles = bundlesFor(laid.length * 24)
  const best = new Float64Array(across + 1)
  let taken = new Uint8Array(0)

  /** No line is worth more than `worth`; `bound`: what that proves; `bar`: the line itself. */
  function boundBy(prices: Float64Array): { bound: Inches; worth: number; bar: MasterColumn } {
    bundles.count = 0
    laid.forEach(({ size, high, cells }, lie) => {
      const value = prices[size]! / high
      if (value > 0) addBundles(bundles, lie, { cells, value, most: sizes[size]!.count, room: across })
    })
    if (taken.length < bundles.count * (across + 1)) taken = new Uint8Array(bundles.count * (across + 1))
    best.fill(0)
    packBundles(bundles, { from: 0, to: bundles.count, room: across }, best, taken)
    const entries = new Map<number, number>()
    takenOf(bundles, { to: bundles.count, room: across, cells: across }, taken, (lie, times) => {
      const { size, high } = laid[lie]!
      entries.set(size, (entries.get(size) ?? 0) + times / high)
    })
    const worth = best[across]!
    const wanted = sizes.reduce((sum, { count }, i) => sum + Math.max(0, prices[i]!) * count, 0)
    return { bound: worth > 0 ? wanted / worth : 0, worth, bar: { cost: 1, entries: [...entries] } }
  }

  /** As many of one size as stand side by side, where it lies flattest. */
  function alone(size: number): MasterColumn {
    const best = laid
      .filter(lie => lie.size === size)
      .map(({ high, cells }) => Math.min(sizes[size]!.count, Math.floor(across / cells)) / high)
    return { cost: 1, entries: [[size, Math.max(...best)]] }
  }
  return { boundBy, alone }
}
