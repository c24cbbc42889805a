import type { Point, Polygon } from '../geometry/polygon'
import type { SquarePicture } from './chart'

/** One patch as drawn: seam line to seam line, in grid units. */
export interface Patch {
  role: string
  points: Polygon
}

/** A block as drawn, before it has a size or any cloth. The patches tile `width` × `height` grid units. */
export interface Design {
  id: string
  name: string
  family: string
  width: number
  height: number
  patches: readonly Patch[]
  /** Height of its 60° diamond, square to two sides, in grid units: the measure by which quilters know such a block. */
  diamond?: number
  /** Of a design in equal squares, one by one, as a chart gives them: what its patches were made from. */
  picture?: SquarePicture
}

/** The roles of a design in the order in which its patches first name them. */
export function rolesOf(design: Design): string[] {
  return [...new Set(design.patches.map(patch => patch.role))]
}

/** Patches as polygons at the finished size, in inches. */
export function finishedPatches(design: Design, width: number, height: number): Polygon[] {
  const sx = width / design.width
  const sy = height / design.height
  return design.patches.map(patch => patch.points.map(([x, y]): Point => [x * sx, y * sy]))
}
