// In: an order. Out: whole strips for it, from strips that could be cut in parts: whole ones are taken, the rest anew.
import type { StripFiller } from './filler'
import type { Order } from './order'
import { cappedPattern, timesWhole, type Pattern } from './pattern'
import { alone, relaxedStrips, type Relaxed } from './stripColumns'

/** Rounds of new columns once some strips are taken. */
const ROUNDS = 6

/**
 * `relaxed`: of all that is left. Whole parts of it are taken, or one strip of the largest share, and what is left is
 * covered anew, until nothing is. `even`: which of the large shares.
 */
export function* divedStrips(
  order: Order,
  filler: StripFiller,
  wanted: Int32Array,
  relaxed: Relaxed,
  { deepest, even }: { deepest: number; even: () => number },
): Generator<void, Pattern[]> {
  const left = Int32Array.from(wanted)
  const strips: Pattern[] = []
  let now = relaxed
  for (;;) {
    if (!takeWhole(left, now, strips)) takeLargest(order, left, now, strips, even)
    if (left.every(count => count === 0)) return strips
    now = yield* relaxedStrips(order, filler, left, { deepest, rounds: ROUNDS, known: now.seen })
  }
}

function takeWhole(left: Int32Array, { taken }: Relaxed, strips: Pattern[]): boolean {
  let isAny = false
  for (const { pattern, amount } of [...taken].sort((a, b) => b.amount - a.amount)) {
    const times = Math.min(Math.floor(amount + 1e-6), timesWhole(pattern, left))
    if (times < 1) continue
    isAny = true
    take(left, pattern, times, strips)
  }
  return isAny
}

function takeLargest(order: Order, left: Int32Array, { taken }: Relaxed, strips: Pattern[], even: () => number): void {
  const byShare = [...taken].sort((a, b) => b.amount - a.amount)
  const largest = byShare[Math.floor(even() ** 2 * Math.min(3, byShare.length))]
  // figures that ran out of digits take nothing: then a strip of the first size that is left
  const first = left.findIndex(count => count > 0)
  const pattern = largest ? cappedPattern(order, largest.pattern, left)! : alone(order, first, left[first]!)
  take(left, pattern, 1, strips)
}

function take(left: Int32Array, pattern: Pattern, times: number, strips: Pattern[]): void {
  for (let n = 0; n < times; n++) strips.push(pattern)
  for (const [size, count] of pattern.counts) left[size]! -= times * count
}
