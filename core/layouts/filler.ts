// In: an order, what is left of it and what each size is worth. Out: the strips that are worth most.
import { addBundles, BUNDLES, bundlesFor, packBundles, takenOf } from './knapsack'
import type { Order } from './order'
import { cappedPattern, patternOf, type Pattern, type PatternColumn } from './pattern'

/** A way to fill a column: so wide, as deep as the strip or less. */
interface Choice {
  width: number
  value: number
  parts: PatternColumn['parts']
  most: number
}

/** Lies of one width. */
interface WidthGroup {
  width: number
  members: number[]
}

/** Fills strips of one order. `prepare` first, then any strips of what was prepared. */
export class StripFiller {
  /** Widths of what is left, the narrowest first. */
  private groups: WidthGroup[] = []
  private left: Int32Array
  private deepest = 0
  private readonly stacks
  private taken = new Uint8Array(0)
  /** For every width the most that a stack no wider is worth, by its depth. */
  private best: Float64Array[] = []
  /** How many bundles there are up to each width. */
  private upTo: number[] = []
  private readonly rows
  private rowTaken = new Uint8Array(0)
  private readonly rowBest
  /** Worked out once for each depth. */
  private readonly known = new Map<number, Choice[]>()

  constructor(private readonly order: Order) {
    const { lies, room, sizes } = order
    this.left = new Int32Array(sizes.length)
    this.stacks = bundlesFor(lies.length * BUNDLES)
    this.rows = bundlesFor(lies.length * BUNDLES)
    this.rowBest = new Float64Array(room + 1)
  }

  /** What is left of each size, what one is worth, and how deep strips may be at most, in cells. */
  prepare(left: Int32Array, worth: Float64Array, deepest: number): void {
    const { lies } = this.order
    this.left = left
    this.deepest = deepest
    this.known.clear()
    this.stacks.count = 0
    this.groups = widthGroups(this.order, left, worth)
    this.upTo = this.groups.map(({ members }) => {
      for (const lie of members) {
        const { size, height } = lies[lie]!
        addBundles(this.stacks, lie, { cells: height, value: worth[size]!, most: left[size]!, room: deepest })
      }
      return this.stacks.count
    })
    this.taken = roomFor(this.taken, this.stacks.count * (deepest + 1))
    const now = new Float64Array(deepest + 1)
    this.best = this.upTo.map((to, k) => {
      packBundles(this.stacks, { from: this.upTo[k - 1] ?? 0, to, room: deepest }, now, this.taken)
      return now.slice()
    })
  }

  /** Depths that a stack of pieces fills, each deeper than the one before. */
  depths(): number[] {
    const last = this.best.at(-1)
    if (!last) return []
    return [...last.keys()].filter(depth => depth > 0 && last[depth]! > last[depth - 1]! + 1e-12)
  }

  /** No strip of this depth is worth more: columns may be cut in parts here. */
  mostWorth(depth: number): number {
    const dense = this.gaining(depth).map(({ width, value }) => value / width)
    return Math.max(0, ...dense) * this.order.room
  }

  /** The strip of this depth that is worth most; with `first`, one that holds a piece that lies so. */
  strip(depth: number, first?: number): Pattern | null {
    const columns: PatternColumn[] = []
    let free = this.order.room
    if (first !== undefined) {
      const { width, height } = this.order.lies[first]!
      const k = this.groups.findIndex(group => group.width >= width)
      const rest = depth - height
      columns.push({ width, parts: withOne(first, rest > 0 ? this.stackOf(k, rest) : []) })
      free -= width
    }
    this.fill(this.choicesOf(depth), free, columns)
    return columns.length > 0 ? cappedPattern(this.order, patternOf(this.order, columns), this.left) : null
  }

  /** Widths at which a column of this depth gains something over narrower ones. */
  private gaining(depth: number): { k: number; width: number; value: number }[] {
    let before = 0
    return this.groups.flatMap(({ width }, k) => {
      const value = this.best[k]![depth]!
      if (value <= before + 1e-12) return []
      before = value
      return [{ k, width, value }]
    })
  }

  private choicesOf(depth: number): Choice[] {
    const found = this.known.get(depth)
    if (found) return found
    const choices = this.gaining(depth).map(({ k, width, value }): Choice => {
      const parts = this.stackOf(k, depth)
      return { width, value, parts, most: this.mostOf(parts) }
    })
    this.known.set(depth, choices)
    return choices
  }

  /** The stack of most worth, no wider than the `k`th width and no deeper. */
  private stackOf(k: number, depth: number): PatternColumn['parts'] {
    const times = new Map<number, number>()
    takenOf(this.stacks, { to: this.upTo[k]!, room: this.deepest, cells: depth }, this.taken, (lie, many) =>
      times.set(lie, (times.get(lie) ?? 0) + many),
    )
    return [...times].sort(([a], [b]) => a - b).map(([lie, many]) => ({ lie, times: many }))
  }

  /** How many such columns what is left allows. */
  private mostOf(parts: PatternColumn['parts']): number {
    const counts = new Map<number, number>()
    for (const { lie, times } of parts) {
      const { size } = this.order.lies[lie]!
      counts.set(size, (counts.get(size) ?? 0) + times)
    }
    let most = Infinity
    for (const [size, count] of counts) most = Math.min(most, Math.max(1, Math.floor(this.left[size]! / count)))
    return most
  }

  private fill(choices: readonly Choice[], free: number, columns: PatternColumn[]): void {
    if (free <= 0) return
    const { rows } = this
    rows.count = 0
    choices.forEach(({ width, value, most }, i) => addBundles(rows, i, { cells: width, value, most, room: free }))
    this.rowTaken = roomFor(this.rowTaken, rows.count * (free + 1))
    this.rowBest.fill(0)
    packBundles(rows, { from: 0, to: rows.count, room: free }, this.rowBest, this.rowTaken)
    takenOf(rows, { to: rows.count, room: free, cells: free }, this.rowTaken, (i, times) => {
      const { width, parts } = choices[i]!
      for (let n = 0; n < times; n++) columns.push({ width, parts })
    })
  }
}

/** Lies of one width together, the narrowest first, of what is wanted and worth something. */
function widthGroups({ lies }: Order, left: Int32Array, worth: Float64Array): WidthGroup[] {
  const groups: WidthGroup[] = []
  lies.forEach(({ width, size }, i) => {
    if (left[size]! <= 0 || worth[size]! <= 0) return
    const last = groups.at(-1)
    if (last?.width === width) last.members.push(i)
    else groups.push({ width, members: [i] })
  })
  return groups
}

function withOne(first: number, parts: PatternColumn['parts']): PatternColumn['parts'] {
  const known = parts.find(({ lie }) => lie === first)
  if (!known) return [{ lie: first, times: 1 }, ...parts]
  return parts.map(part => (part === known ? { lie: first, times: part.times + 1 } : part))
}

function roomFor(list: Uint8Array<ArrayBuffer>, needed: number): Uint8Array<ArrayBuffer> {
  return list.length < needed ? new Uint8Array(needed) : list
}
