import type { Point } from '../geometry/polygon'

/** What a block is drawn on: squares, or triangles of 60°. */
export const GRID_KINDS = ['square', 'sixty'] as const
export type GridKind = (typeof GRID_KINDS)[number]

export const MIN_UNITS = 2
export const MAX_UNITS = 24

/** Height of one row of 60° triangles whose side is one unit. */
const ROW = Math.sqrt(3) / 2

export interface Grid {
  kind: GridKind
  across: number
  down: number
}

/** Size of a block on this grid, in grid units. */
export function gridSize({ kind, across, down }: Grid): { width: number; height: number } {
  return { width: across, height: kind === 'sixty' ? down * ROW : down }
}

/**
 * The points between which lines can be drawn, row by row. On the 60° grid every second row is moved by half a unit,
 * and ends on the edges of the block as well.
 */
export function gridPoints({ kind, across, down }: Grid): Point[][] {
  return Array.from({ length: down + 1 }, (_, row): Point[] => {
    const y = kind === 'sixty' ? row * ROW : row
    if (kind === 'square' || row % 2 === 0) return Array.from({ length: across + 1 }, (_, i): Point => [i, y])
    return [[0, y], ...Array.from({ length: across }, (_, i): Point => [i + 0.5, y]), [across, y]]
  })
}

/** The grid a design was most likely drawn on. */
export function gridFor({ width, height }: { width: number; height: number }): Grid {
  const isWhole = (v: number) => Math.abs(v - Math.round(v)) < 1e-6
  const within = (v: number) => Math.min(MAX_UNITS, Math.max(MIN_UNITS, Math.round(v)))
  if (isWhole(width) && !isWhole(height) && isWhole(height / ROW))
    return { kind: 'sixty', across: within(width), down: within(height / ROW) }
  // a design on few units is drawn on finer ones, so that its halves and quarters have points too
  const finer = Math.max(1, Math.floor(8 / Math.max(width, height)))
  return { kind: 'square', across: within(width * finer), down: within(height * finer) }
}
