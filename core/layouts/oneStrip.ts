// In: sets of pieces. Out: which of them one strip of a depth holds, in columns side by side, and how.
import type { Order, OrderLie } from './order'
import type { ColumnPart, PatternColumn } from './pattern'
import type { PieceSets } from './pieceSets'

/** No column, or none so narrow. */
const NONE = 0xffff

/** A column no wider than a lie: how high each set is in it, every piece as it is lowest. */
interface ColumnWidth {
  width: number
  /** Of each size its place among the lies; -1: too wide. */
  lie: number[]
  height: Uint16Array
}

export class OneStrip {
  /** Depths, in cells, that a column can have, from the least. */
  readonly depths: readonly number[]
  readonly #widths: readonly ColumnWidth[]
  /** Of each set the narrowest column that is no higher than the depth, and the least width of columns of it. */
  readonly #column: Uint16Array
  readonly #least: Uint16Array
  readonly #taken: Uint16Array
  /** Cells that each set covers. */
  readonly #area: Float64Array

  constructor(
    private readonly order: Order,
    private readonly pieces: readonly number[],
    private readonly sets: PieceSets,
  ) {
    const wide = [...new Set(order.lies.map(({ width }) => width))].filter(width => width <= order.room)
    this.#widths = wide.map(width => columnWidth(order, pieces, width))
    this.depths = [...new Set(this.#widths.flatMap(({ height }) => [...height]))]
      .filter(height => height > 0 && height < NONE)
      .sort((a, b) => a - b)
    this.#area = areasOf(order, pieces)
    this.#column = new Uint16Array(sets.all + 1)
    this.#least = new Uint16Array(sets.all + 1)
    this.#taken = new Uint16Array(sets.all + 1)
  }

  /** Strips are of this depth from now on. */
  widthsAt(depth: number): void {
    const { all, plain, isPlain, led } = this.sets
    const [column, least, taken] = [this.#column, this.#least, this.#taken]
    column.fill(NONE)
    // the widest first: a narrower one takes its place
    for (const { width, height } of this.#widths.toReversed())
      for (let set = 1; set <= all; set++) if (height[set]! <= depth) column[set] = width
    least.fill(NONE)
    least[0] = 0
    for (const set of plain) {
      if (this.#area[set]! > depth * this.order.room) continue
      let found = NONE
      for (let part = set; part > 0; part = (part - 1) & set) {
        if (column[part] === NONE || (part & led[set]!) === 0 || isPlain[set ^ part] === 0) continue
        const width = column[part]! + least[set ^ part]!
        if (width >= found) continue
        found = width
        taken[set] = part
      }
      least[set] = found <= this.order.room ? found : NONE
    }
  }

  holds(set: number): boolean {
    return this.#least[set] !== NONE
  }

  /** Of a plain set that it holds. */
  columnsOf(set: number): PatternColumn[] {
    const columns: PatternColumn[] = []
    for (let left = set; left > 0; left ^= this.#taken[left]!) {
      const part = this.#taken[left]!
      const { width, lie } = this.#widths.find(one => one.width === this.#column[part])!
      columns.push({ width, parts: partsOf(this.pieces, part, lie) })
    }
    return columns
  }
}

function areasOf({ lies }: Order, pieces: readonly number[]): Float64Array {
  const each = pieces.map(size => lies.find(lie => lie.size === size)!).map(({ width, height }) => width * height)
  const area = new Float64Array(1 << pieces.length)
  for (let set = 1; set < area.length; set++) {
    const last = 31 - Math.clz32(set)
    area[set] = each[last]! + area[set ^ (1 << last)]!
  }
  return area
}

function columnWidth({ lies, sizes }: Order, pieces: readonly number[], width: number): ColumnWidth {
  const lie = sizes.map((_, size) => lowest(lies, size, width))
  const height = new Uint16Array(1 << pieces.length)
  for (let set = 1; set < height.length; set++) {
    const last = 31 - Math.clz32(set)
    const at = lie[pieces[last]!]!
    const below = height[set ^ (1 << last)]!
    height[set] = at < 0 || below === NONE ? NONE : Math.min(NONE, below + lies[at]!.height)
  }
  return { width, lie, height }
}

function lowest(lies: readonly OrderLie[], size: number, width: number): number {
  let found = -1
  for (const [at, lie] of lies.entries())
    if (lie.size === size && lie.width <= width && (found < 0 || lie.height < lies[found]!.height)) found = at
  return found
}

/** The wider below, as a hand cuts them. */
function partsOf(pieces: readonly number[], set: number, lie: readonly number[]): ColumnPart[] {
  const times = new Map<number, number>()
  for (const [i, size] of pieces.entries()) if ((set >> i) & 1) times.set(lie[size]!, (times.get(lie[size]!) ?? 0) + 1)
  return [...times].map(([at, count]) => ({ lie: at, times: count })).sort((a, b) => b.lie - a.lie)
}
