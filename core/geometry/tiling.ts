import { clockwise, isSimple, signedArea, type Point, type Polygon } from './polygon'

/** How far two corners may lie apart and still be one, in grid units. */
export const GRID_TOLERANCE = 1e-6

export type TilingFault
  = | { code: 'not-a-polygon', patch: number }
    | { code: 'outside', patch: number, at: Point }
  /** An edge that no neighbour answers: beside it the patches leave a gap or lie over each other. */
    | { code: 'gap-or-overlap', patch: number, at: Point }

/**
 * Whether the polygons tile the rectangle from 0, 0 to `width`, `height`: every point covered once.
 *
 * Walk all patches clockwise, cut each edge wherever a corner of any patch lies on it, and add up the little edges with their
 * direction. The sum is the boundary of "how often is each point covered"; it is the boundary of the rectangle exactly when
 * every point inside is covered once and none outside. So every inner edge must meet its opposite, and what is left over must
 * lie on the rectangle's sides. Needs each polygon to be simple. O(edges × corners).
 */
export function tilingFaults(patches: readonly Polygon[], width: number, height: number): TilingFault[] {
  const faults: TilingFault[] = []
  const corners: Point[] = [[0, 0], [width, 0], [width, height], [0, height]]
  patches.forEach((patch, index) => {
    if (patch.length < 3 || !isSimple(patch) || Math.abs(signedArea(patch)) < GRID_TOLERANCE) return faults.push({ code: 'not-a-polygon', patch: index })
    const stray = patch.find(([x, y]) => x < -GRID_TOLERANCE || y < -GRID_TOLERANCE || x > width + GRID_TOLERANCE || y > height + GRID_TOLERANCE)
    if (stray) faults.push({ code: 'outside', patch: index, at: stray })
    corners.push(...patch)
  })
  if (faults.length > 0) return faults

  const open = new Map<string, { patch: number, count: number, from: Point, to: Point }>()
  const walk = (polygon: Polygon, patch: number) => {
    polygon.forEach((from, i) => {
      for (const [a, b] of cutEdge(from, polygon[(i + 1) % polygon.length]!, corners)) {
        const opposite = open.get(edgeKey(b, a))
        if (opposite) {
          opposite.count -= 1
          if (opposite.count === 0) open.delete(edgeKey(b, a))
          continue
        }
        const same = open.get(edgeKey(a, b))
        if (same) same.count += 1
        else open.set(edgeKey(a, b), { patch, count: 1, from: a, to: b })
      }
    })
  }
  patches.forEach((patch, index) => walk(clockwise(patch), index))
  // the frame, walked the other way, answers the outer edges
  walk([[0, 0], [0, height], [width, height], [width, 0]], -1)
  for (const { patch, from, to } of open.values()) {
    faults.push({ code: 'gap-or-overlap', patch, at: [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] })
  }
  return faults
}

function edgeKey(a: Point, b: Point): string {
  const round = (v: number) => Math.round(v / GRID_TOLERANCE / 4)
  return `${round(a[0])},${round(a[1])}>${round(b[0])},${round(b[1])}`
}

function cutEdge(from: Point, to: Point, corners: readonly Point[]): [Point, Point][] {
  const dx = to[0] - from[0], dy = to[1] - from[1]
  const length = Math.hypot(dx, dy)
  const stops: { along: number, at: Point }[] = []
  for (const corner of corners) {
    const along = ((corner[0] - from[0]) * dx + (corner[1] - from[1]) * dy) / length
    const off = Math.abs((corner[0] - from[0]) * dy - (corner[1] - from[1]) * dx) / length
    if (off <= GRID_TOLERANCE && along > GRID_TOLERANCE && along < length - GRID_TOLERANCE) stops.push({ along, at: corner })
  }
  stops.sort((a, b) => a.along - b.along)
  const points = [from, ...stops.filter((stop, i) => i === 0 || stop.along - stops[i - 1]!.along > GRID_TOLERANCE).map(stop => stop.at), to]
  return points.slice(1).map((point, i) => [points[i]!, point])
}
