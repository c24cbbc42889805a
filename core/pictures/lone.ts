import type { Lab } from '../measure/lightness'
import { apart } from './apart'
import type { LabGrid } from './labGrid'
import type { Squares } from './squares'

/** A lone square that differs more from its neighbours than this is meant so: an eye, a star. */
const MEANT = 12

/** Squares whose eight neighbours all wear other cloths, by their places. */
export function loneSquares({ columns, rows, cloth }: Squares): number[] {
  return [...cloth.keys()].filter(i => neighboursOf(i, columns, rows).every(other => cloth[other] !== cloth[i]))
}

/**
 * Lone squares take the cloth of the neighbour that looks most like them, unless that would change them much: each is
 * a fiddle to sew, and from afar a crumb.
 */
export function withoutLoneSquares(squares: Squares, { lab }: LabGrid, cloths: readonly Lab[]): Squares {
  const { columns, rows } = squares
  const cloth = squares.cloth.slice()
  for (const i of loneSquares(squares)) {
    const [l, a, b] = [lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!]
    const near = neighboursOf(i, columns, rows).map(other => {
      const place = cloth[other]!
      const { l: l2, a: a2, b: b2 } = cloths[place]!
      return { place, far: apart(l, a, b, l2, a2, b2) }
    })
    if (near.length === 0) continue
    const best = near.reduce((one, other) => (other.far < one.far ? other : one))
    const own = cloths[cloth[i]!]!
    if (best.far - apart(l, a, b, own.l, own.a, own.b) <= MEANT) cloth[i] = best.place
  }
  return { columns, rows, cloth }
}

function neighboursOf(i: number, columns: number, rows: number): number[] {
  const [x, y] = [i % columns, Math.floor(i / columns)]
  const found: number[] = []
  for (let v = Math.max(0, y - 1); v <= Math.min(rows - 1, y + 1); v++)
    for (let u = Math.max(0, x - 1); u <= Math.min(columns - 1, x + 1); u++)
      if (u !== x || v !== y) found.push(v * columns + u)
  return found
}
