// In: the colours of a picture and few cloths. Out: a cloth for each square, by its place in their list.
import type { Lab } from '../measure/lightness'
import { apart } from './apart'
import type { Bins } from './bins'
import type { LabGrid } from './labGrid'

/** Squares row by row, each the place of its cloth. */
export interface Squares {
  columns: number
  rows: number
  cloth: Uint8Array
}

/** Each square in the cloth that looks most like it. */
export function nearestCloths({ columns, rows }: LabGrid, bins: Bins, cloths: readonly Lab[]): Squares {
  const ofBin = Uint8Array.from({ length: bins.count }, (_, i) =>
    nearestTo(bins.lab[3 * i]!, bins.lab[3 * i + 1]!, bins.lab[3 * i + 2]!, cloths),
  )
  return { columns, rows, cloth: Uint8Array.from(bins.binOf, bin => ofBin[bin]!) }
}

/** The place of the cloth that looks most like a colour. */
export function nearestTo(l: number, a: number, b: number, cloths: readonly Lab[]): number {
  let [best, least] = [0, Infinity]
  cloths.forEach((cloth, c) => {
    const far = apart(l, a, b, cloth.l, cloth.a, cloth.b)
    if (far < least) [best, least] = [c, far]
  })
  return best
}

/** How much of the difference of a square is handed on: all of it makes a storm of lone squares. */
const HANDED_ON = 0.6

/**
 * Squares mixed so that from afar colours seem to lie between the cloths: what a square misses is made up by those
 * after it, rows by turns from the left and from the right. Source: Floyd and Steinberg 1976, serpentine.
 */
export function mixedCloths({ columns, rows, lab }: LabGrid, cloths: readonly Lab[]): Squares {
  const wanted = Float64Array.from(lab)
  const cloth = new Uint8Array(columns * rows)
  for (let y = 0; y < rows; y++) {
    const way = y % 2 === 0 ? 1 : -1
    for (let k = 0; k < columns; k++) {
      const x = way === 1 ? k : columns - 1 - k
      const at = 3 * (y * columns + x)
      const [l, a, b] = [wanted[at]!, wanted[at + 1]!, wanted[at + 2]!]
      const chosen = nearestTo(l, a, b, cloths)
      cloth[y * columns + x] = chosen
      const missed = [l - cloths[chosen]!.l, a - cloths[chosen]!.a, b - cloths[chosen]!.b]
      for (const [dx, dy, part] of SHARES) {
        const [u, v] = [x + dx * way, y + dy]
        if (u < 0 || u >= columns || v >= rows) continue
        const to = 3 * (v * columns + u)
        for (let i = 0; i < 3; i++) wanted[to + i]! += missed[i]! * part * HANDED_ON
      }
    }
  }
  return { columns, rows, cloth }
}

const SHARES = [
  [1, 0, 7 / 16],
  [-1, 1, 3 / 16],
  [0, 1, 5 / 16],
  [1, 1, 1 / 16],
] as const
