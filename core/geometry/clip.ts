import type { Point, Polygon } from './polygon'

/** All points with `x·a + y·b <= most`. */
export interface HalfPlane {
  a: number
  b: number
  most: number
}

/** What of a convex polygon lies in all half planes, in its order; fewer than three corners where nothing does. */
export function clip(polygon: Polygon, planes: readonly HalfPlane[]): Polygon {
  return planes.reduce(clipOnce, polygon)
}

function clipOnce(polygon: Polygon, { a, b, most }: HalfPlane): Polygon {
  const beyond = ([x, y]: Point) => a * x + b * y - most
  return polygon.flatMap((from, i): Point[] => {
    const to = polygon[(i + 1) % polygon.length]!
    const [here, there] = [beyond(from), beyond(to)]
    const kept: Point[] = here <= EDGE ? [from] : []
    if ((here < -EDGE && there > EDGE) || (here > EDGE && there < -EDGE)) {
      const share = here / (here - there)
      kept.push([from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share])
    }
    return kept
  })
}

const EDGE = 1e-9
