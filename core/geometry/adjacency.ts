import { boundingBox, type Point, type Polygon } from './polygon'
import { GRID_TOLERANCE } from './tiling'

/** A stretch of edge that two polygons share, from end to end along the first one's direction. */
export interface SharedEdge {
  first: number
  second: number
  from: Point
  to: Point
}

/** Every stretch of edge that two of the polygons share; a corner alone is no edge. Polygons must not overlap. */
export function sharedEdges(polygons: readonly Polygon[]): SharedEdge[] {
  const boxes = polygons.map(boundingBox)
  const shared: SharedEdge[] = []
  for (let first = 0; first < polygons.length; first++) {
    for (let second = first + 1; second < polygons.length; second++) {
      const a = boxes[first]!
      const b = boxes[second]!
      const apart =
        a.x > b.x + b.width + GRID_TOLERANCE
        || b.x > a.x + a.width + GRID_TOLERANCE
        || a.y > b.y + b.height + GRID_TOLERANCE
        || b.y > a.y + a.height + GRID_TOLERANCE
      if (!apart)
        for (const [from, to] of commonEdges(polygons[first]!, polygons[second]!))
          shared.push({ first, second, from, to })
    }
  }
  return shared
}

/** Where the edges of two polygons lie on each other. */
export function commonEdges(one: Polygon, two: Polygon): [Point, Point][] {
  const common: [Point, Point][] = []
  one.forEach((p, i) => {
    const q = one[(i + 1) % one.length]!
    const length = Math.hypot(q[0] - p[0], q[1] - p[1])
    const ux = (q[0] - p[0]) / length
    const uy = (q[1] - p[1]) / length
    two.forEach((r, j) => {
      const s = two[(j + 1) % two.length]!
      const off = (t: Point) => Math.abs((t[0] - p[0]) * uy - (t[1] - p[1]) * ux)
      if (off(r) > GRID_TOLERANCE || off(s) > GRID_TOLERANCE) return
      const along = [r, s].map(t => (t[0] - p[0]) * ux + (t[1] - p[1]) * uy)
      const start = Math.max(0, Math.min(...along))
      const end = Math.min(length, Math.max(...along))
      if (end - start > GRID_TOLERANCE)
        common.push([
          [p[0] + ux * start, p[1] + uy * start],
          [p[0] + ux * end, p[1] + uy * end],
        ])
    })
  })
  return common
}
