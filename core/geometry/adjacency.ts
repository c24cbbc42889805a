import Flatbush from 'flatbush'
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
  if (polygons.length < 2) return []
  const boxes = polygons.map(boundingBox)
  const index = new Flatbush(boxes.length)
  for (const { x, y, width, height } of boxes) index.add(x, y, x + width, y + height)
  index.finish()
  return boxes.flatMap(({ x, y, width, height }, first) => {
    const t = GRID_TOLERANCE
    const near = index.search(x - t, y - t, x + width + t, y + height + t, other => other > first)
    return near
      .sort((a, b) => a - b)
      .flatMap(second =>
        commonEdges(polygons[first]!, polygons[second]!).map(([from, to]) => ({ first, second, from, to })),
      )
  })
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
