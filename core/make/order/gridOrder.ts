import type { Point, Polygon } from '../../geometry/polygon'
import type { SewingTree } from './sewingTree'

/**
 * The sewing order of a grid of like squares that are listed row by row, as of a picture; null where it is no such
 * grid. The same tree as by straight cuts, without looking for them: halves of the rows or of their length by turns.
 */
export function gridOrder(patches: readonly Polygon[]): SewingTree | null {
  const columns = columnsOf(patches)
  if (columns === null) return null
  const corner = (row: number, column: number): Point => [column, row]
  const treeOf = (top: number, bottom: number, left: number, right: number): SewingTree => {
    const [rows, wide] = [bottom - top, right - left]
    if (rows > 1 && (wide === 1 || cutScore(2, rows) > cutScore(1.9, wide) + 1e-9)) {
      const middle = top + Math.floor((bottom - top) / 2)
      return {
        join: [treeOf(top, middle, left, right), treeOf(middle, bottom, left, right)],
        seam: [corner(middle, right), corner(middle, left)],
        kind: 'straight',
      }
    }
    if (wide === 1) return { patch: top * columns + left }
    const middle = left + Math.floor((right - left) / 2)
    return {
      join: [treeOf(top, bottom, left, middle), treeOf(top, bottom, middle, right)],
      seam: [corner(top, middle), corner(bottom, middle)],
      kind: 'straight',
    }
  }
  return treeOf(0, patches.length / columns, 0, columns)
}

/** Rows before columns, then the more even cut: as for any other block. */
function cutScore(direction: number, lines: number): number {
  return direction + Math.floor(lines / 2) / lines
}

/** How many unit squares stand in a row, if all are such and row follows row. */
function columnsOf(patches: readonly Polygon[]): number | null {
  const below = patches.findIndex(([first]) => first![1] !== 0)
  const columns = below < 0 ? patches.length : below
  if (columns === 0 || patches.length % columns !== 0) return null
  const isSquare = (patch: Polygon, i: number) => {
    const [x, y] = [i % columns, Math.floor(i / columns)]
    const wanted = [x, y, x + 1, y, x + 1, y + 1, x, y + 1]
    return patch.length === 4 && patch.every(([px, py], k) => px === wanted[2 * k] && py === wanted[2 * k + 1])
  }
  return patches.every(isSquare) ? columns : null
}
