import type { Inches } from '../../measure/ruler'
import type { Cell, HalfSide } from '../../file/quilt'
import { contains, cornersOf, holds, movePolygon, type Box, type Point, type Polygon } from '../../geometry/polygon'

export type Edge = 'left' | 'right' | 'top' | 'bottom'
export type Corner = 'nw' | 'ne' | 'se' | 'sw'

/** What can be pressed in the drawing. A border is counted from 1, as in the plan. */
export type TopPart =
  | { kind: 'block'; row: number; column: number }
  | { kind: 'sash' }
  | { kind: 'cornerstone' }
  /** On the edge of a sashed set on point. */
  | { kind: 'half-cornerstone'; edge: Edge }
  /** On point, on the edge and in the corners. */
  | { kind: 'side-triangle'; edge: Edge }
  | { kind: 'corner-triangle'; corner: Corner }
  /** A strip round the block in this place. */
  | { kind: 'frame'; row: number; column: number }
  /** Fills the end of a shifted row or column. */
  | { kind: 'end' }
  /** Fills it with the half of a block, `half` as it lies in the quilt. */
  | { kind: 'half-block'; half: HalfSide }
  | { kind: 'border'; border: number }
  | { kind: 'binding' }

/** One piece of the finished top: what it is, where it lies, and the fabric it is of. In inches. */
export interface Region extends Box {
  part: TopPart
  /** Of a sash: `upright` between the blocks of a row, `level` below or above one block, `long` across many. */
  run?: 'upright' | 'level' | 'long'
  fabric: { cloth: string } | { cell: Cell }
  /** Its corners, where it does not fill its box. */
  outline?: Polygon
  /** Its own sides, where it stands on a corner: turned by 45° counterclockwise. */
  own?: { width: Inches; height: Inches }
}

/** Its own sides, however it stands. */
export function ownSize({ own, width, height }: Region): { width: Inches; height: Inches } {
  return own ?? { width, height }
}

/** The corners of a region, also of one that stands on a corner. */
export function outlineOf(region: Region): Polygon {
  return region.outline ?? cornersOf(region)
}

/** Whether a point lies in the region. */
export function liesIn(region: Region, point: Point): boolean {
  return holds(region, point) && (region.outline === undefined || contains(region.outline, point))
}

/** Whether two name one part of the quilt. */
export function samePart(a: TopPart | null, b: TopPart | null): boolean {
  if (a === null || b === null || a.kind !== b.kind) return a === b
  if ((a.kind === 'block' && b.kind === 'block') || (a.kind === 'frame' && b.kind === 'frame'))
    return a.row === b.row && a.column === b.column
  return a.kind !== 'border' || b.kind !== 'border' || a.border === b.border
}

/** The same regions, moved. */
export function movedRegions(regions: readonly Region[], x: number, y: number): Region[] {
  return regions.map(region => {
    const moved = { ...region, x: region.x + x, y: region.y + y }
    return region.outline ? { ...moved, outline: movePolygon(region.outline, x, y) } : moved
  })
}
