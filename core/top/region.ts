import type { Cell } from '../file/quilt'
import type { Box } from '../geometry/polygon'

/** What can be pressed in the drawing. A border is counted from 1, as in the plan. */
export type Part =
  | { kind: 'block'; row: number; column: number }
  | { kind: 'sash' }
  | { kind: 'cornerstone' }
  | { kind: 'border'; border: number }
  | { kind: 'binding' }

/** One piece of the finished top: what it is, where it lies, and what it wears. In inches. */
export interface Region extends Box {
  part: Part
  /** Of a sash: `upright` between the blocks of a row, `level` below or above one block, `long` across many. */
  run?: 'upright' | 'level' | 'long'
  wears: { cloth: string } | { cell: Cell }
}

export function samePart(a: Part | null, b: Part | null): boolean {
  if (a === null || b === null || a.kind !== b.kind) return a === b
  if (a.kind === 'block' && b.kind === 'block') return a.row === b.row && a.column === b.column
  return a.kind !== 'border' || b.kind !== 'border' || a.border === b.border
}

/** The same regions, moved. */
export function movedRegions(regions: readonly Region[], x: number, y: number): Region[] {
  return regions.map(region => ({ ...region, x: region.x + x, y: region.y + y }))
}
