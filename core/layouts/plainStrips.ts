// In: what is left of an order. Out: strips for all of it in which nothing is trimmed.
import { addBundles, BUNDLES, bundlesFor, packBundles, takenOf } from './knapsack'
import type { Order } from './order'
import { areaOf, cappedPattern, patternOf, timesWhole, type Pattern, type PatternColumn } from './pattern'

/** Pieces on top of each other in a column. */
const STACKED = 3

/**
 * One strip after another, each with columns of equal pieces that fill its depth. Of the depths one that fills the
 * cloth well, by chance not always the best. `left` is used up.
 */
export function plainStrips(order: Order, left: Int32Array, deepest: number, even: () => number): Pattern[] {
  const strips: Pattern[] = []
  for (;;) {
    const strip = plainStrip(order, left, deepest, even)
    if (!strip) return strips
    const times = timesWhole(strip, left)
    for (let n = 0; n < times; n++) strips.push(strip)
    for (const [size, count] of strip.counts) left[size]! -= times * count
  }
}

function plainStrip(order: Order, left: Int32Array, deepest: number, even: () => number): Pattern | null {
  let best: { pattern: Pattern; rate: number } | null = null
  for (const depth of depthsOf(order, left, deepest)) {
    const pattern = filled(order, left, depth)
    const rate = (areaOf(order, pattern) / (pattern.depth * order.room)) * (0.8 + 0.2 * even())
    if (!best || rate > best.rate) best = { pattern, rate }
  }
  return best?.pattern ?? null
}

function depthsOf({ lies }: Order, left: Int32Array, deepest: number): number[] {
  const depths = new Set<number>()
  for (const { size, height } of lies) {
    if (left[size] === 0) continue
    depths.add(height)
    for (let n = 2; n <= STACKED && n <= left[size]! && n * height <= deepest; n++) depths.add(n * height)
  }
  return [...depths]
}

/** As much of the width as whole columns of this depth can fill. */
function filled(order: Order, left: Int32Array, depth: number): Pattern {
  const { lies, room } = order
  const choices = lies.flatMap(({ size, width, height }, lie) => {
    const times = depth / height
    const isWhole = Number.isInteger(times) && times <= STACKED && times <= left[size]!
    return isWhole ? [{ lie, width, times, most: Math.floor(left[size]! / times) }] : []
  })
  const bundles = bundlesFor(choices.length * BUNDLES)
  choices.forEach(({ width, most }, i) => addBundles(bundles, i, { cells: width, value: width, most, room }))
  const best = new Float64Array(room + 1)
  const taken = new Uint8Array(bundles.count * (room + 1))
  packBundles(bundles, { from: 0, to: bundles.count, room }, best, taken)
  const columns: PatternColumn[] = []
  takenOf(bundles, { to: bundles.count, room, cells: room }, taken, (i, count) => {
    const { lie, width, times } = choices[i]!
    for (let n = 0; n < count; n++) columns.push({ width, parts: [{ lie, times }] })
  })
  // a size that may lie both ways may have been taken twice
  return cappedPattern(order, patternOf(order, columns), left)!
}
