// A strip as it is filled: columns side by side, in each column pieces on top of each other.
import type { Order } from './order'

/** So many pieces of one lie on top of each other. */
export interface ColumnPart {
  lie: number
  times: number
}

/** Pieces on top of each other; those narrower than the column are trimmed. */
export interface PatternColumn {
  /** In cells. */
  width: number
  parts: ColumnPart[]
}

export interface Pattern {
  /** In cells. */
  depth: number
  columns: PatternColumn[]
  /** How many of each size it gives, of those it gives any of. */
  counts: readonly (readonly [size: number, count: number])[]
}

/** A pattern from its columns: as deep as the deepest. */
export function patternOf({ lies }: Order, columns: PatternColumn[]): Pattern {
  const counts = new Map<number, number>()
  let depth = 0
  for (const { parts } of columns) {
    let deep = 0
    for (const { lie, times } of parts) {
      const { size, height } = lies[lie]!
      counts.set(size, (counts.get(size) ?? 0) + times)
      deep += times * height
    }
    depth = Math.max(depth, deep)
  }
  return { depth, columns, counts: [...counts].sort(([a], [b]) => a - b) }
}

/** Without what is no longer wanted; null when nothing stays. */
export function cappedPattern(order: Order, pattern: Pattern, left: Int32Array): Pattern | null {
  if (pattern.counts.every(([size, count]) => count <= left[size]!)) return pattern
  const wanted = Int32Array.from(left)
  const columns = pattern.columns.flatMap(({ parts }) => {
    const kept = parts.flatMap(({ lie, times }) => {
      const size = order.lies[lie]!.size
      const now = Math.min(times, wanted[size]!)
      wanted[size]! -= now
      return now > 0 ? [{ lie, times: now }] : []
    })
    return kept.length > 0 ? [{ width: Math.max(...kept.map(({ lie }) => order.lies[lie]!.width)), parts: kept }] : []
  })
  return columns.length > 0 ? patternOf(order, columns) : null
}

/** Cells that its pieces cover. */
export function areaOf({ lies }: Order, { columns }: Pattern): number {
  return columns.reduce(
    (sum, { parts }) =>
      sum + parts.reduce((area, { lie, times }) => area + times * lies[lie]!.width * lies[lie]!.height, 0),
    0,
  )
}

/** How often a pattern can be cut whole of what is left. */
export function timesWhole({ counts }: Pattern, left: Int32Array): number {
  return counts.reduce((least, [size, count]) => Math.min(least, Math.floor(left[size]! / count)), Infinity)
}

/** Two patterns with the same text are the same. */
export function patternKey({ depth, counts }: Pattern): string {
  return `${depth}|${counts.map(([size, count]) => `${size}:${count}`).join(' ')}`
}
