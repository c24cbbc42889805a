// In: what is left of an order. Out: strips that cover it at the least depth, where strips could be cut in parts.
import type { StripFiller } from './filler'
import { MasterProblem, type MasterColumn } from './masterProblem'
import type { Order } from './order'
import { cappedPattern, patternOf, type Pattern } from './pattern'

interface StripColumn extends MasterColumn {
  pattern: Pattern
}

export interface Relaxed {
  /** Cells down. */
  depth: number
  /** How much of each pattern is taken. */
  taken: { pattern: Pattern; amount: number }[]
  /** Every pattern looked at, those of most use first. */
  seen: Pattern[]
  /** What one more of each size would cost, in cells down. */
  prices: Float64Array
}

/** Patterns that a round adds. */
const BEST = 12
/** Of the patterns that are known, so many are taken along. */
const KNOWN = 200
/** Depths looked at in a round. */
const DEPTHS = 48

/**
 * Columns are found as they are of use: those whose pieces are worth more, at the prices of now, than their strip is
 * deep. `known`: patterns to begin with. Ends after so many rounds, or when none is of use.
 */
export function* relaxedStrips(
  order: Order,
  filler: StripFiller,
  left: Int32Array,
  { deepest, rounds, known = [] }: { deepest: number; rounds: number; known?: readonly Pattern[] },
): Generator<void, Relaxed> {
  const wanted = [...order.sizes.keys()].filter(size => left[size]! > 0)
  const rowOf = new Map(wanted.map((size, row) => [size, row]))
  const columnOf = (pattern: Pattern): StripColumn => ({
    cost: pattern.depth,
    entries: pattern.counts.map(([size, count]) => [rowOf.get(size)!, count] as const),
    pattern,
  })
  const columns = known.slice(0, KNOWN).flatMap(pattern => {
    const now = cappedPattern(order, pattern, left)
    return now ? [columnOf(now)] : []
  })
  const master = new MasterProblem(
    Float64Array.from(wanted, size => left[size]!),
    wanted.map(size => columnOf(alone(order, size, left[size]!))),
  )
  master.improve(columns)
  const prices = new Float64Array(order.sizes.length)
  const reprice = () => {
    prices.fill(0)
    wanted.forEach((size, row) => (prices[size] = Math.max(0, master.prices[row]!)))
  }
  for (let round = 0; round < rounds; round++) {
    reprice()
    const found = worthwhile(filler, left, prices, deepest).map(columnOf)
    columns.push(...found)
    if (found.length === 0 || !master.improve(columns)) break
    yield
  }
  reprice()
  const gain = ({ depth, counts }: Pattern) =>
    counts.reduce((sum, [size, count]) => sum + count * prices[size]!, -depth)
  const byGain = columns.map(({ pattern }) => ({ pattern, gain: gain(pattern) })).sort((a, b) => b.gain - a.gain)
  return {
    depth: master.cost(),
    taken: master.taken().map(({ column, amount }) => ({ pattern: column.pattern, amount })),
    seen: byGain.map(({ pattern }) => pattern),
    prices,
  }
}

/** Strips whose pieces are worth more than they are deep, those that gain most first. */
function worthwhile(filler: StripFiller, left: Int32Array, prices: Float64Array, deepest: number): Pattern[] {
  filler.prepare(left, prices, deepest)
  const depths = filler
    .depths()
    .map(depth => ({ depth, most: filler.mostWorth(depth) - depth }))
    .filter(({ most }) => most > 1e-6)
    .sort((a, b) => b.most - a.most)
    .slice(0, DEPTHS)
  const found: { pattern: Pattern; gain: number }[] = []
  for (const { depth, most } of depths) {
    if (found.length === BEST && most <= found.at(-1)!.gain) break
    const pattern = filler.strip(depth)
    if (!pattern) continue
    const gain = pattern.counts.reduce((sum, [size, count]) => sum + count * prices[size]!, 0) - pattern.depth
    if (gain <= 1e-6) continue
    found.push({ pattern, gain })
    found.sort((a, b) => b.gain - a.gain)
    if (found.length > BEST) found.pop()
  }
  return found.map(({ pattern }) => pattern)
}

/** A strip of one size alone, lying so that it takes least. */
export function alone(order: Order, size: number, count: number): Pattern {
  const best = [...order.lies.keys()]
    .filter(lie => order.lies[lie]!.size === size)
    .map(lie => {
      const { width, height } = order.lies[lie]!
      return { lie, width, many: Math.min(count, Math.floor(order.room / width)), height }
    })
    .reduce((a, b) => (b.height / b.many < a.height / a.many ? b : a))
  const column = { width: best.width, parts: [{ lie: best.lie, times: 1 }] }
  return patternOf(
    order,
    Array.from({ length: best.many }, () => column),
  )
}
