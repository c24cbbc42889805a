// In: strips of an order. Out: others that take fewer cuts and not much more cloth.
import { LAYERS } from '../cut/cutsNeeded'
import { chanceFrom } from '../measure/chance'
import { StripFiller } from './filler'
import { greedyStrips } from './greedy'
import { worthByArea } from './neighbourhood'
import type { Order } from './order'
import type { Pattern } from './pattern'
import { plainStrips } from './plainStrips'

export interface EasyStrips {
  strips: readonly Pattern[]
  /** Cells down. */
  depth: number
  cuts: number
}

/** Strips taken out at once. */
const FEWEST = 2
const MOST = 7
/** How often the new strips are plain ones. */
const PLAIN = 0.75

/**
 * Gives the easiest so far after every step, never deeper than `most` cells in all; it does not end: who asks says
 * when. Of two with as many cuts the one with fewer depths to set the ruler to is easier, then the shorter one. The
 * same strips give the same, whatever the clock says.
 */
export function* easyStrips(order: Order, begun: readonly Pattern[], most: number, seed = 1): Generator<EasyStrips> {
  const { even } = chanceFrom(seed)
  const filler = new StripFiller(order)
  const deepest = Math.max(...begun.map(({ depth }) => depth))
  const all = Int32Array.from(order.sizes, ({ count }) => count)
  let best = judged(order, begun)
  for (;;) {
    const out = takenOut(best.strips, even)
    const left = new Int32Array(order.sizes.length)
    for (const at of out) for (const [size, count] of best.strips[at]!.counts) left[size]! += count
    const kept = best.strips.filter((_, at) => !out.has(at))
    const isWhole = even() < 0.05
    const anew = isWhole ? Int32Array.from(all) : left
    const now =
      even() < PLAIN
        ? plainStrips(order, anew, deepest, even)
        : greedyStrips(order, filler, anew, { worth: worthByArea(order.sizes, even), deepest, even })
    const next = judged(order, isWhole ? now : [...kept, ...now])
    if (next.depth <= most && isEasier(next, best)) best = next
    yield best
  }
}

type Judged = EasyStrips & { depths: number }

function judged(order: Order, strips: readonly Pattern[]): Judged {
  const alike = new Map<string, { pattern: Pattern; count: number }>()
  for (const pattern of strips) {
    const key = alikeKey(pattern)
    const group = alike.get(key) ?? { pattern, count: 0 }
    alike.set(key, group)
    group.count += 1
  }
  const inLayers = ({ pattern, count }: { pattern: Pattern; count: number }) =>
    Math.ceil(count / LAYERS) * cutsUp(order, pattern)
  return {
    strips,
    depth: strips.reduce((sum, strip) => sum + strip.depth, 0),
    cuts: [...alike.values()].reduce((sum, group) => sum + inLayers(group), strips.length),
    depths: new Set(strips.map(strip => strip.depth)).size,
  }
}

/** Strips with the same columns in any order have the same text. */
function alikeKey({ depth, columns }: Pattern): string {
  const texts = columns.map(({ parts }) =>
    parts
      .map(({ lie, times }) => `${lie}:${times}`)
      .sort()
      .join(),
  )
  return [depth, ...texts.sort()].join('|')
}

/** Or as easy: then what is found next may be easier. */
function isEasier(one: Judged, other: Judged): boolean {
  return (
    one.cuts - other.cuts < 0
    || (one.cuts === other.cuts && (one.depths - other.depths || one.depth - other.depth) <= 0)
  )
}

/** Cuts within a strip, as `cutsNeeded` counts them, in cells. */
function cutsUp({ lies }: Order, { depth, columns }: Pattern): number {
  return columns.reduce((sum, { width, parts }) => {
    const deep = parts.reduce((down, { lie, times }) => down + times * lies[lie]!.height, 0)
    const pieces = parts.reduce((count, { times }) => count + times, 0)
    const narrower = parts.reduce((count, { lie, times }) => count + (lies[lie]!.width < width ? times : 0), 0)
    return sum + pieces + narrower + (deep < depth ? 1 : 0)
  }, 0)
}

/** A few strips; or all that are like a few of them. */
function takenOut(strips: readonly Pattern[], even: () => number): Set<number> {
  const many = Math.min(strips.length, FEWEST + Math.floor(even() * (MOST - FEWEST + 1)))
  const out = new Set<number>()
  while (out.size < many) out.add(Math.floor(even() * strips.length))
  if (even() < 0.5) return out
  const keys = new Set([...out].slice(0, FEWEST).map(at => strips[at]))
  return new Set([...strips.keys()].filter(at => keys.has(strips[at])))
}
