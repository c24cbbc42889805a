// In: the quilt and where its blocks lie. Out: its patches in their places, and which of them touch.
import Flatbush from 'flatbush'
import { finishedPatches } from '../designs/design'
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, designOf, type Cell, type Quilt } from '../file/quilt'
import { commonEdges } from '../geometry/adjacency'
import { placePolygon } from '../geometry/placement'
import { area, boundingBox, type Point, type Polygon } from '../geometry/polygon'
import { TOLERANCE, type Inches } from '../measure/ruler'
import type { Dimensions } from '../top/dimensions'

/** A patch of a block where it lies. */
export interface WallPatch {
  /** Of its place: `row,column`. */
  key: string
  cell: Cell
  role: string
  cloth: string
  polygon: Polygon
  /** Finished, in square inches. */
  area: number
}

/** Patches that touch at a corner alone count so much. */
export const AT_CORNER = 1 / 4

/** All patches of all blocks, in the inches of the setting. */
export function patchesOnWall(quilt: Quilt, { setting }: Dimensions): WallPatch[] {
  return setting.regions.flatMap(({ part, fabric, x, y, outline, own }): WallPatch[] => {
    if (part.kind !== 'block' || !('cell' in fabric)) return []
    const { cell } = fabric
    const block = blockOf(quilt, cell.block)
    const design = designOf(quilt, block)
    const cloths = clothsOfCell(quilt, cell)
    // on point a block leans to the left, about its own first corner
    const [left, above] = own && outline ? outline[0]! : [x, y]
    const lying = ([u, v]: Point): Point =>
      own ? [left + (u + v) / Math.SQRT2, above + (v - u) / Math.SQRT2] : [left + u, above + v]
    return finishedPatches(design, block.width, block.height).map((finished, i) => {
      const { role } = design.patches[i]!
      const polygon = placePolygon(finished, cell, block.width, block.height).map(lying)
      return { key: `${part.row},${part.column}`, cell, role, cloth: cloths[role]!, polygon, area: area(polygon) }
    })
  })
}

/** Pairs of patches of other parts that touch: weight 1 along an edge, less at a corner. */
export function meetingPatches(patches: readonly WallPatch[]): { one: WallPatch; other: WallPatch; weight: number }[] {
  if (patches.length === 0) return []
  const index = new Flatbush(patches.length)
  const boxes = patches.map(({ polygon }) => boundingBox(polygon))
  for (const { x, y, width, height } of boxes) index.add(x, y, x + width, y + height)
  index.finish()
  return patches.flatMap((one, i) => {
    const { x, y, width, height } = boxes[i]!
    const t = TOLERANCE
    return index
      .search(x - t, y - t, x + width + t, y + height + t, k => k > i)
      .sort((a, b) => a - b)
      .flatMap(k => {
        const other = patches[k]!
        if (one.key === other.key && one.role === other.role) return []
        if (commonEdges(one.polygon, other.polygon).length > 0) return [{ one, other, weight: 1 }]
        return haveCorner(one.polygon, other.polygon) ? [{ one, other, weight: AT_CORNER }] : []
      })
  })
}

function haveCorner(one: Polygon, other: Polygon): boolean {
  const near = (a: Inches, b: Inches) => Math.abs(a - b) < 1e-4
  return one.some(([x, y]) => other.some(([u, v]) => near(x, u) && near(y, v)))
}
