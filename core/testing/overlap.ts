import { area, clockwise, type Point, type Polygon } from '../geometry/polygon'

/** The area that two convex polygons have in common: one is cut along every edge of the other. */
export function convexOverlap(one: Polygon, other: Polygon): number {
  const edges = clockwise(other)
  let left: Point[] = [...one]
  edges.forEach((from, i) => {
    const to = edges[(i + 1) % edges.length]!
    const inside = ([x, y]: Point) => (to[0] - from[0]) * (y - from[1]) - (to[1] - from[1]) * (x - from[0])
    left = left.flatMap((p, k): Point[] => {
      const q = left[(k + 1) % left.length]!
      const a = inside(p)
      const b = inside(q)
      const meet: Point[] =
        a * b < 0 ? [[p[0] + ((q[0] - p[0]) * a) / (a - b), p[1] + ((q[1] - p[1]) * a) / (a - b)]] : []
      return a >= 0 ? [p, ...meet] : meet
    })
  })
  return left.length < 3 ? 0 : area(left)
}
