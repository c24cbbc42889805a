// Bounded knapsacks over whole cells: each thing so often, in bundles of powers of two. Exact.

/** Bundles of things: each is taken whole or not at all. */
export interface Bundles {
  /** The thing each bundle is of, how many of it, how many cells they take together and what they are worth. */
  thing: Int32Array
  times: Int32Array
  cells: Int32Array
  value: Float64Array
  count: number
}

/** More bundles than one thing is ever split into. */
export const BUNDLES = 24

/** Room for so many bundles; used again and again. */
export function bundlesFor(most: number): Bundles {
  return {
    thing: new Int32Array(most),
    times: new Int32Array(most),
    cells: new Int32Array(most),
    value: new Float64Array(most),
    count: 0,
  }
}

/** Bundles of one thing more: together any number of it up to `most`, as far as `room` goes. */
export function addBundles(
  bundles: Bundles,
  thing: number,
  { cells, value, most, room }: { cells: number; value: number; most: number; room: number },
): void {
  let left = Math.min(most, Math.floor(room / cells))
  for (let times = 1; left > 0; times *= 2) {
    const now = Math.min(times, left)
    const at = bundles.count
    bundles.thing[at] = thing
    bundles.times[at] = now
    bundles.cells[at] = now * cells
    bundles.value[at] = now * value
    bundles.count += 1
    left -= now
  }
}

/**
 * Takes the bundles `from` to `to` into `best`, the most worth that so many cells or fewer hold; `taken`: a row of
 * room + 1 for each bundle, by which `takenOf` tells what is in it.
 */
export function packBundles(
  { cells, value }: Bundles,
  { from, to, room }: { from: number; to: number; room: number },
  best: Float64Array,
  taken: Uint8Array,
): void {
  for (let i = from; i < to; i++) {
    const [wide, worth] = [cells[i]!, value[i]!]
    const row = i * (room + 1)
    taken.fill(0, row, row + room + 1)
    for (let at = room; at >= wide; at--) {
      const now = best[at - wide]! + worth
      if (now > best[at]! + 1e-12) {
        best[at] = now
        taken[row + at] = 1
      }
    }
  }
}

/** What the best filling of `cells` cells by the first `to` bundles holds: calls `each` for every bundle in it. */
export function takenOf(
  bundles: Bundles,
  { to, room, cells }: { to: number; room: number; cells: number },
  taken: Uint8Array,
  each: (thing: number, times: number) => void,
): void {
  let at = cells
  for (let i = to - 1; i >= 0; i--) {
    if (taken[i * (room + 1) + at] === 0) continue
    each(bundles.thing[i]!, bundles.times[i]!)
    at -= bundles.cells[i]!
  }
}
