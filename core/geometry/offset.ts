import type { Inches } from '../measure/ruler'
import { clockwise, type Point, type Polygon } from './polygon'

/** Corners sharper than this have their tip cut off (60°, with a hair of room for rounding). */
const SHARP = Math.PI / 3 - 1e-9

/**
 * The cut line of a finished patch: every edge moved outwards by `seam`. At a corner of interior angle θ each edge grows by
 * seam·cot(θ/2). A corner sharper than 60° would grow a needle of cloth, so its tip is cut square to the bisector, `seam`
 * beyond the finished corner: the least that still holds the stitching.
 *
 * Expects a simple polygon without idle corners. Gives its corners clockwise. Source: offset of a polygon by half-planes.
 */
export function offsetPolygon(polygon: Polygon, seam: Inches): Polygon {
  const corners = clockwise(polygon)
  const n = corners.length
  const result: Point[] = []
  for (let i = 0; i < n; i++) {
    const before = corners[(i + n - 1) % n]!
    const corner = corners[i]!
    const after = corners[(i + 1) % n]!
    const into = unit(before, corner)
    const out = unit(corner, after)
    const turn = Math.atan2(into[0] * out[1] - into[1] * out[0], into[0] * out[0] + into[1] * out[1])
    const interior = Math.PI - turn
    // clockwise as seen: the outside is to the left of the direction of travel
    const bisector = normal([out[1] + into[1], -out[0] - into[0]])
    if (interior < SHARP) {
      const reach = seam / Math.sin(interior / 2)
      const half = (reach - seam) * Math.tan(interior / 2)
      const tip: Point = [corner[0] + bisector[0] * seam, corner[1] + bisector[1] * seam]
      result.push([tip[0] + bisector[1] * half, tip[1] - bisector[0] * half], [tip[0] - bisector[1] * half, tip[1] + bisector[0] * half])
    }
    else {
      const reach = seam / Math.sin(interior / 2)
      result.push([corner[0] + bisector[0] * reach, corner[1] + bisector[1] * reach])
    }
  }
  return result
}

function unit(from: Point, to: Point): Point {
  return normal([to[0] - from[0], to[1] - from[1]])
}

function normal([x, y]: Point): Point {
  const length = Math.hypot(x, y)
  return [x / length, y / length]
}
