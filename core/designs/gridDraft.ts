import { rectangle, triangle, quarterSquare } from './draft'
import type { Patch } from './design'
import type { Point } from '../geometry/polygon'

/**
 * A block written as rows of cells, one grid unit each, with a letter for each role:
 *
 *     a      a square                       a/b    two halves; the cut rises to the right, `a` on the left of it
 *     a\b    two halves; the cut falls      +abcd  four quarters: north, east, south, west
 *     a/bc   half `a`, and the other half in quarters; `ab/c` likewise: quarters are read from the west round by the
 * north,
 *            or from the west round by the south, as they come from left to right
 *     >      the patch to the left goes on here          v      the patch above goes on here          .      left open
 *
 * Patches come row by row; those in `more` follow.
 */
export function gridDraft(
  rows: readonly string[],
  roles: Readonly<Record<string, string>>,
  more: readonly Patch[] = [],
): Patch[] {
  const cells = rows.map(row => row.trim().split(/\s+/))
  const role = (letter: string) => {
    const name = roles[letter]
    if (name === undefined) throw new Error(`draft: no role for "${letter}"`)
    return name
  }
  const patches: Patch[] = []
  cells.forEach((row, y) =>
    row.forEach((cell, x) => {
      if (cell === '>' || cell === 'v' || cell === '.') return
      if (/^\w$/.test(cell)) {
        let width = 1
        let height = 1
        while (row[x + width] === '>') width++
        while (cells[y + height]?.[x] === 'v') height++
        patches.push(...rectangle(role(cell), x, y, width, height))
      } else if (cell.startsWith('+')) {
        const [n, e, s, w] = [...cell.slice(1)].map(role)
        patches.push(...quarterSquare([n!, e!, s!, w!], x, y, 1))
      } else patches.push(...halves(cell, x, y, role))
    }),
  )
  return [...patches, ...more]
}

function halves(cell: string, x: number, y: number, role: (letter: string) => string): Patch[] {
  const rises = cell.includes('/')
  const [left, right] = cell.split(rises ? '/' : '\\') as [string, string]
  const middle: Point = [x + 0.5, y + 0.5]
  const nw: Point = [x, y]
  const ne: Point = [x + 1, y]
  const se: Point = [x + 1, y + 1]
  const sw: Point = [x, y + 1]
  const quarters: Record<'leftRising' | 'rightRising' | 'leftFalling' | 'rightFalling', [Point[], Point[]]> = {
    leftRising: [
      [sw, nw, middle],
      [nw, ne, middle],
    ],
    rightRising: [
      [ne, se, middle],
      [se, sw, middle],
    ],
    leftFalling: [
      [sw, nw, middle],
      [se, sw, middle],
    ],
    rightFalling: [
      [nw, ne, middle],
      [ne, se, middle],
    ],
  }
  const half = (letters: string, side: 'left' | 'right'): Patch[] =>
    letters.length === 1
      ? triangle(role(letters), side === 'left' ? (rises ? 'nw' : 'sw') : rises ? 'se' : 'ne', x, y, 1)
      : quarters[`${side}${rises ? 'Rising' : 'Falling'}` as const].map((points, i) => ({
          role: role(letters[i]!),
          points,
        }))
  return [...half(left, 'left'), ...half(right, 'right')]
}
