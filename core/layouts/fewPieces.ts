// In: an order of few pieces. Out: the shortest of all its layouts in strips, columns and trims.
import { OneStrip } from './oneStrip'
import type { Order } from './order'
import { patternOf, type Pattern } from './pattern'
import { PieceSets } from './pieceSets'

/** Sets of more pieces are too many to be tried. */
export const FEW_PIECES = 14

export interface ShortestStrips {
  strips: Pattern[]
  /** Cells down. */
  depth: number
}

/** No layout, or none so short. */
const NONE = 0xffff

/**
 * Every layout in three stages, tried by sets of pieces: for each set the least depth at which one strip holds it, then
 * the least depths together that hold all. Strips are no deeper than `deepest` cells, the whole is no longer than
 * `most`. Gives undefined now and then, in the end the shortest, null where none is within `most`. Dynamic programming
 * over subsets, O(3^n) a depth.
 */
export function* shortestStrips(
  order: Order,
  { deepest, most }: { deepest: number; most: number },
): Generator<undefined, ShortestStrips | null> {
  const pieces = order.sizes.flatMap(({ count }, size) => Array.from({ length: count }, () => size))
  const sets = new PieceSets(pieces)
  const strip = new OneStrip(order, pieces, sets)
  const depthOf = new Uint16Array(sets.all + 1).fill(NONE)
  for (const depth of strip.depths) {
    if (depth > deepest) break
    strip.widthsAt(depth)
    for (const set of sets.plain) if (depthOf[set] === NONE && strip.holds(set)) depthOf[set] = depth
    yield
  }
  const { length, taken } = leastLengths(sets, depthOf)
  if (length[sets.all]! > most) return null
  const strips: Pattern[] = []
  for (let set = sets.all; set > 0; set ^= taken[set]!) {
    const part = sets.same[taken[set]!]!
    strip.widthsAt(depthOf[part]!)
    strips.push(patternOf(order, strip.columnsOf(part)))
  }
  return { strips, depth: length[sets.all]! }
}

/** Of each set the least that strips together take, and the part that one of them holds. */
function leastLengths({ all, plain, same, isPlain, led }: PieceSets, depthOf: Uint16Array) {
  const length = new Uint16Array(all + 1).fill(NONE)
  const taken = new Uint16Array(all + 1)
  length[0] = 0
  for (const set of plain) {
    for (let part = set; part > 0; part = (part - 1) & set) {
      if ((part & led[set]!) === 0 || isPlain[set ^ part] === 0) continue
      const whole = depthOf[same[part]!]! + length[set ^ part]!
      if (whole >= length[set]!) continue
      length[set] = whole
      taken[set] = part
    }
  }
  return { length, taken }
}
