// In: how large each row is. Out: in which order neighbours are joined, so that as little as can be is in hand.

/** Two neighbouring sections of rows, joined: rows `from` to `middle` with rows to `to`, counted from 1. */
export interface SectionJoin {
  from: number
  middle: number
  to: number
  /** Joins that must be sewn before it, one after the other. */
  before: number
}

/**
 * The joins in the order of sewing. Every join has both its sections in hand; of all orders the one in which the sizes
 * in hand come to the least, all together: about two and two, then fours. Where several are equal, the one that parts
 * the rows most evenly. Found by comparing every way to part every run of rows. Source: handbook §7.
 */
export function joiningOrder(sizes: readonly number[]): SectionJoin[] {
  const n = sizes.length
  if (n < 2) return []
  const sums = [0]
  for (const size of sizes) sums.push(sums.at(-1)! + size)
  const inRun = (from: number, to: number) => sums[to + 1]! - sums[from]!
  const cost = Array.from({ length: n }, () => new Float64Array(n))
  const part = Array.from({ length: n }, () => new Int32Array(n))
  for (let length = 2; length <= n; length++) {
    for (let from = 0; from + length <= n; from++) {
      const to = from + length - 1
      let least = Infinity
      let evenness = Infinity
      for (let middle = from; middle < to; middle++) {
        const sum = cost[from]![middle]! + cost[middle + 1]![to]!
        const uneven = Math.abs(inRun(from, middle) - inRun(middle + 1, to))
        if (sum > least + 1e-9 || (sum > least - 1e-9 && uneven >= evenness - 1e-9)) continue
        least = Math.min(least, sum)
        evenness = uneven
        part[from]![to] = middle
      }
      cost[from]![to] = least + inRun(from, to)
    }
  }
  const joins: SectionJoin[] = []
  const add = (from: number, to: number): number => {
    if (from === to) return 0
    const middle = part[from]![to]!
    const before = Math.max(add(from, middle), add(middle + 1, to))
    joins.push({ from: from + 1, middle: middle + 1, to: to + 1, before })
    return before + 1
  }
  add(0, n - 1)
  return joins.sort((one, other) => one.before - other.before || one.from - other.from)
}
