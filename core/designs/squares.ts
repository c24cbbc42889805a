import { rectangle } from './draft'
import type { Patch } from './design'

/** The most squares that a picture has along a side. */
export const MAX_SQUARES = 200

/** A picture in squares, one letter for each, row by row from the top: the letter is the role. */
export function squarePatches(rows: readonly string[]): Patch[] {
  return rows.flatMap((row, y) => [...row].flatMap((role, x) => rectangle(role, x, y, 1, 1)))
}
