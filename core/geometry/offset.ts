import type { Inches } from '../measure/ruler'
import { clockwise, type Point, type Polygon } from './polygon'
import { direction, dot, normal } from './vector'

/** Corners sharper than this have their tip cut off (60°, with a hair of room for rounding). */
export const SHARP = Math.PI / 3 - 1e-9

/**
 * The cut line of a finished patch: every edge moved outwards by `seam`. At a corner of interior angle θ each edge
 * grows by seam·cot(θ/2). A corner sharper than 60° would grow a needle of cloth, so its tip is cut off `seam` beyond
 * the finished corner, the least that still holds the stitching: square to the direction that `tipAt` gives for it,
 * outwards and one long, else square to the bisector.
 *
 * Expects a simple polygon without idle corners. Gives its corners clockwise. Source: offset of a polygon by
 * half-planes.
 */
export function offsetPolygon(
  polygon: Polygon,
  seam: Inches,
  tipAt: (corner: Point) => Point | undefined = () => undefined,
): Polygon {
  const corners = clockwise(polygon)
  const n = corners.length
  const result: Point[] = []
  for (let i = 0; i < n; i++) {
    const before = corners[(i + n - 1) % n]!
    const corner = corners[i]!
    const after = corners[(i + 1) % n]!
    const into = direction(before, corner)
    const out = direction(corner, after)
    const turn = Math.atan2(into[0] * out[1] - into[1] * out[0], into[0] * out[0] + into[1] * out[1])
    const interior = Math.PI - turn
    // clockwise as seen: the outside is to the left of the direction of travel
    const bisector = normal([out[1] + into[1], -out[0] - into[0]])
    if (interior < SHARP) {
      const tip = tipAt(corner) ?? bisector
      // where the tip's line meets the two cut edges; along an edge from the corner it lies (seam − seam·tip·side) ÷
      // tip·way out
      const meet = (way: Point, side: Point): Point => {
        const along = (seam - seam * dot(tip, side)) / dot(tip, way)
        return [corner[0] + side[0] * seam + way[0] * along, corner[1] + side[1] * seam + way[1] * along]
      }
      result.push(meet(into, [into[1], -into[0]]), meet([-out[0], -out[1]], [out[1], -out[0]]))
    } else {
      const reach = seam / Math.sin(interior / 2)
      result.push([corner[0] + bisector[0] * reach, corner[1] + bisector[1] * reach])
    }
  }
  return result
}
