// In: what is left of an order. Out: strips for all of it, one after another, each worth most for its depth.
import type { StripFiller } from './filler'
import type { Order } from './order'
import { timesWhole, type Pattern } from './pattern'

export interface GreedyWays {
  /** What one of each size is worth. */
  worth: Float64Array
  /** In cells. */
  deepest: number
  /** A number from 0 to below 1 by which depths are tried; the same without one. */
  even?: () => number
}

/** Depths tried for a strip beside that of its tallest piece. */
const DEPTHS = 6

/** Every strip takes the tallest piece that is left: the others find room beside it. `left` is used up. */
export function greedyStrips(order: Order, filler: StripFiller, left: Int32Array, ways: GreedyWays): Pattern[] {
  const strips: Pattern[] = []
  for (;;) {
    const strip = bestStrip(order, filler, left, ways)
    if (!strip) return strips
    const times = Math.max(1, timesWhole(strip, left))
    for (let n = 0; n < times; n++) strips.push(strip)
    for (const [size, count] of strip.counts) left[size]! -= times * count
  }
}

function bestStrip(order: Order, filler: StripFiller, left: Int32Array, ways: GreedyWays): Pattern | null {
  const tall = tallestLies(order, left)
  if (tall.length === 0) return null
  filler.prepare(left, ways.worth, Math.max(ways.deepest, ...tall.map(lie => order.lies[lie]!.height)))
  const all = filler.depths()
  let best: { pattern: Pattern; rate: number } | null = null
  for (const lie of tall) {
    const least = order.lies[lie]!.height
    for (const depth of [
      least,
      ...sampled(
        all.filter(deep => deep > least),
        ways.even,
      ),
    ]) {
      const pattern = filler.strip(depth, lie)
      if (!pattern) continue
      const rate = pattern.counts.reduce((sum, [size, count]) => sum + count * ways.worth[size]!, 0) / pattern.depth
      if (!best || rate > best.rate + 1e-9) best = { pattern, rate }
    }
  }
  return best?.pattern ?? null
}

/** The lies of the size left whose flattest lie is the tallest. */
function tallestLies({ lies, sizes }: Order, left: Int32Array): number[] {
  const least = new Array<number>(sizes.length).fill(Infinity)
  for (const { size, height } of lies) if (left[size]! > 0) least[size] = Math.min(least[size]!, height)
  let tallest = -1
  least.forEach((height, size) => {
    if (height < Infinity && (tallest < 0 || height > least[tallest]!)) tallest = size
  })
  return [...lies.keys()].filter(lie => lies[lie]!.size === tallest)
}

function sampled(depths: readonly number[], even?: () => number): number[] {
  if (depths.length <= DEPTHS) return [...depths]
  const step = depths.length / DEPTHS
  const from = even ? even() : 0.999
  return Array.from({ length: DEPTHS }, (_, i) => depths[Math.floor((i + from) * step)]!)
}
