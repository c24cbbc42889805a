import { area, contains, type Point, type Polygon } from '../geometry/polygon'
import { GRID_TOLERANCE } from '../geometry/tiling'
import type { Draft } from './draft'

/** Splits every patch that the line crosses from edge to edge. A patch in which the line ends stays whole. */
export function splitByLine(draft: Draft, from: Point, to: Point): Draft {
  return {
    ...draft,
    patches: draft.patches.flatMap(patch => splitPolygon(patch.points, from, to).map(points => ({ ...patch, points }))),
  }
}

/** The parts into which a stretch of line cuts a polygon; the polygon itself when it does not cut it through. */
export function splitPolygon(polygon: Polygon, from: Point, to: Point): Polygon[] {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  if (length < GRID_TOLERANCE) return [polygon]
  const ux = (to[0] - from[0]) / length
  const uy = (to[1] - from[1]) / length
  const off = ([x, y]: Point) => (x - from[0]) * uy - (y - from[1]) * ux
  const along = ([x, y]: Point) => (x - from[0]) * ux + (y - from[1]) * uy

  // the outline with a corner wherever the line meets it
  const outline: Point[] = []
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!
    outline.push(p)
    const a = off(p)
    const b = off(q)
    if ((a > GRID_TOLERANCE && b < -GRID_TOLERANCE) || (a < -GRID_TOLERANCE && b > GRID_TOLERANCE))
      outline.push([p[0] + ((q[0] - p[0]) * a) / (a - b), p[1] + ((q[1] - p[1]) * a) / (a - b)])
  })
  const stops = outline
    .map((point, i) => ({ i, at: along(point), isOn: Math.abs(off(point)) <= GRID_TOLERANCE }))
    .filter(stop => stop.isOn)
    .sort((a, b) => a.at - b.at)
  for (let k = 0; k + 1 < stops.length; k++) {
    const [one, other] = [stops[k]!, stops[k + 1]!]
    if (one.at < -GRID_TOLERANCE || other.at > length + GRID_TOLERANCE || other.at - one.at <= GRID_TOLERANCE) continue
    const [lo, hi] = [Math.min(one.i, other.i), Math.max(one.i, other.i)]
    const middle: Point = [
      (outline[one.i]![0] + outline[other.i]![0]) / 2,
      (outline[one.i]![1] + outline[other.i]![1]) / 2,
    ]
    // neighbours along the outline: the line runs along an edge there, not through the patch
    if (hi - lo === 1 || hi - lo === outline.length - 1 || !contains(polygon, middle)) continue
    const parts = [outline.slice(lo, hi + 1), [...outline.slice(hi), ...outline.slice(0, lo + 1)]].map(withoutIdle)
    if (parts.some(part => part.length < 3 || area(part) < GRID_TOLERANCE)) continue
    return parts.flatMap(part => splitPolygon(part, from, to))
  }
  return [polygon]
}

/** Corners that neither turn nor were there are left out, so that outlines stay as they were drawn. */
function withoutIdle(polygon: readonly Point[]): Polygon {
  return polygon.filter((p, i) => {
    const a = polygon[(i + polygon.length - 1) % polygon.length]!
    const b = polygon[(i + 1) % polygon.length]!
    return (
      Math.abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0])) > GRID_TOLERANCE
      || Math.hypot(b[0] - a[0], b[1] - a[1]) < GRID_TOLERANCE
    )
  })
}
