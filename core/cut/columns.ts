// In: a strip. Out: its columns, as they are cut off it.
import type { Cut, Strip } from './cutPiece'

/** Pieces that lie on top of each other begin at one place along the strip. */
export function columnsOf({ run, cuts }: Strip): Cut[][] {
  const columns = new Map<string, Cut[]>()
  for (const cut of cuts) {
    const key = (run === 'across' ? cut.x : cut.y).toFixed(5)
    const column = columns.get(key) ?? []
    columns.set(key, column)
    column.push(cut)
  }
  return [...columns.values()]
}
