// In: rows that lie one below the other, and a length of cloth. Out: those that together fill it best.
import { TOLERANCE, type Inches } from '../measure/ruler'
import { stepOf } from './order'
import { addBundles, bundlesFor, packBundles, takenOf } from './knapsack'

/** So many rows of one depth. */
export interface Rows {
  count: number
  each: Inches
}

/** For lengths of no ruler's step: so many cells along the cloth, that rounding takes less than a hair of it. */
const MOST_CELLS = 50_000
/** Bundles of one depth: no quilt has more rows of it than two to this power. */
const MOST_BUNDLES = 16

/** For each entry how many of its rows fit on `length`, so that together they take as much of it as can be. */
export function fittingRows(rows: readonly Rows[], length: Inches): number[] {
  const all = rows.reduce((sum, { count, each }) => sum + count * each, 0)
  if (all <= length + TOLERANCE) return rows.map(({ count }) => count)
  if (length <= TOLERANCE) return rows.map(() => 0)
  const cell = stepOf(rows.map(({ each }) => each)) ?? length / MOST_CELLS
  const room = Math.floor((length + TOLERANCE) / cell)
  const bundles = bundlesFor(rows.length * MOST_BUNDLES)
  // rounded up: what fits here fits on the cloth
  rows.forEach(({ count, each }, i) =>
    addBundles(bundles, i, { cells: Math.max(1, Math.ceil(each / cell - 1e-4)), value: each, most: count, room }),
  )
  const taken = new Uint8Array(bundles.count * (room + 1))
  packBundles(bundles, { from: 0, to: bundles.count, room }, new Float64Array(room + 1), taken)
  const fits = rows.map(() => 0)
  takenOf(bundles, { to: bundles.count, room, cells: room }, taken, (i, times) => (fits[i]! += times))
  return fits
}
