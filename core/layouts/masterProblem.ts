// The least cost of covering what is wanted by columns that are found one after another: revised simplex.

/** So much of some rows for a cost. */
export interface MasterColumn {
  cost: number
  entries: readonly (readonly [row: number, amount: number])[]
}

const NONE = 1e-9
/** So little more is wanted of each row, each a little otherwise, so that no two steps are equal. */
const SLIGHTLY = 2e-5
/** After so many steps the inverse is worked out anew, before its errors add up. */
const REFRESH = 120

/**
 * Starts from one column for each row, alone in its row. More of a row than is wanted costs nothing: its surplus may
 * take the place of a column.
 */
export class MasterProblem<Column extends MasterColumn> {
  /** What one more of each row would cost now. */
  readonly prices: Float64Array
  private readonly rows: number
  /** Without a column: surplus of the row. */
  private readonly basis: { column: Column | null; row: number }[]
  private readonly goal: Float64Array
  private readonly inverse: Float64Array
  private readonly amounts: Float64Array
  private readonly entering: Float64Array
  private steps = 0

  constructor(
    wanted: Float64Array,
    private readonly start: readonly Column[],
  ) {
    this.rows = wanted.length
    this.basis = start.map((column, row) => ({ column, row }))
    this.goal = wanted.map((value, i) => value + SLIGHTLY * (1 + ((i * 7919) % 101)))
    this.inverse = new Float64Array(this.rows ** 2)
    this.amounts = new Float64Array(this.rows)
    this.prices = new Float64Array(this.rows)
    this.entering = new Float64Array(this.rows)
    this.refresh()
  }

  /** The cost of all that is wanted, now. */
  cost(): number {
    return this.basis.reduce((sum, _, i) => sum + this.costOf(i) * Math.max(0, this.amounts[i]!), 0)
  }

  /** The columns taken, and how much of each. */
  taken(): { column: Column; amount: number }[] {
    return this.basis.flatMap(({ column }, i) =>
      column && this.amounts[i]! > 1e-6 ? [{ column, amount: this.amounts[i]! }] : [],
    )
  }

  /** Takes in columns, or any of the first again, as long as that is of use; false: none was. */
  improve(columns: readonly Column[]): boolean {
    let isBetter = false
    for (let turns = 0; turns < 4 * this.rows + 20; turns++) {
      let [best, gain, row] = [null as Column | null, 1e-7, -1]
      // one of the first that was given up may be of use again
      for (const list of [this.start, columns])
        for (const column of list) {
          const now = this.gainOf(column)
          if (now > gain) [best, gain] = [column, now]
        }
      // a row whose price is below nothing had better have surplus
      for (let i = 0; i < this.rows; i++) if (-this.prices[i]! > gain) [best, gain, row] = [null, -this.prices[i]!, i]
      if ((best === null && row < 0) || !this.enter(best, row)) break
      isBetter = true
    }
    return isBetter
  }

  private costOf(at: number): number {
    return this.basis[at]!.column?.cost ?? 0
  }

  private gainOf({ cost, entries }: MasterColumn): number {
    let worth = -cost
    for (const [row, amount] of entries) worth += this.prices[row]! * amount
    return worth
  }

  private refresh(): void {
    const { rows, basis, inverse, goal } = this
    const matrix = new Float64Array(rows * rows)
    basis.forEach(({ column, row }, at) => {
      if (column) for (const [i, amount] of column.entries) matrix[i * rows + at] = amount
      else matrix[row * rows + at] = -1
    })
    invert(matrix, inverse, rows)
    for (let i = 0; i < rows; i++) {
      let sum = 0
      for (let j = 0; j < rows; j++) sum += inverse[i * rows + j]! * goal[j]!
      this.amounts[i] = sum
    }
    this.reprice()
  }

  private reprice(): void {
    const { rows, prices, inverse } = this
    prices.fill(0)
    for (let i = 0; i < rows; i++) {
      const cost = this.costOf(i)
      if (cost === 0) continue
      for (let j = 0; j < rows; j++) prices[j]! += cost * inverse[i * rows + j]!
    }
  }

  /** In place of the column that runs out first; false: none does. */
  private enter(column: Column | null, row: number): boolean {
    const { rows, inverse, amounts, entering } = this
    for (let i = 0; i < rows; i++) {
      let sum = 0
      if (column) for (const [j, amount] of column.entries) sum += inverse[i * rows + j]! * amount
      else sum = -inverse[i * rows + row]!
      entering[i] = sum
    }
    let [out, least] = [-1, Infinity]
    for (let i = 0; i < rows; i++) {
      if (entering[i]! <= NONE) continue
      const ratio = Math.max(0, amounts[i]!) / entering[i]!
      if (ratio < least - 1e-12) [out, least] = [i, ratio]
    }
    if (out < 0) return false
    this.pivot(out)
    this.basis[out] = { column, row }
    this.steps += 1
    if (this.steps % REFRESH === 0) this.refresh()
    else this.reprice()
    return true
  }

  private pivot(out: number): void {
    const { rows, inverse, amounts, entering } = this
    const by = entering[out]!
    for (let j = 0; j < rows; j++) inverse[out * rows + j]! /= by
    amounts[out]! /= by
    for (let i = 0; i < rows; i++) {
      const factor = entering[i]!
      if (i === out || Math.abs(factor) < 1e-13) continue
      for (let j = 0; j < rows; j++) inverse[i * rows + j]! -= factor * inverse[out * rows + j]!
      amounts[i]! -= factor * amounts[out]!
    }
  }
}

/** By Gauss and Jordan, the largest of a column first. */
function invert(matrix: Float64Array, into: Float64Array, rows: number): void {
  into.fill(0)
  for (let i = 0; i < rows; i++) into[i * rows + i] = 1
  for (let c = 0; c < rows; c++) {
    let pivot = c
    for (let i = c + 1; i < rows; i++)
      if (Math.abs(matrix[i * rows + c]!) > Math.abs(matrix[pivot * rows + c]!)) pivot = i
    if (pivot !== c) for (const list of [matrix, into]) exchangeRows(list, rows, c, pivot)
    const by = matrix[c * rows + c]!
    for (const list of [matrix, into]) for (let j = 0; j < rows; j++) list[c * rows + j]! /= by
    for (let i = 0; i < rows; i++) {
      const factor = matrix[i * rows + c]!
      if (i === c || factor === 0) continue
      for (const list of [matrix, into])
        for (let j = 0; j < rows; j++) list[i * rows + j]! -= factor * list[c * rows + j]!
    }
  }
}

function exchangeRows(list: Float64Array, rows: number, one: number, other: number): void {
  for (let j = 0; j < rows; j++) {
    const kept = list[one * rows + j]!
    list[one * rows + j] = list[other * rows + j]!
    list[other * rows + j] = kept
  }
}
