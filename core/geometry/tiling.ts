import Flatbush from 'flatbush'
import { clockwise, isSimple, signedArea, type Point, type Polygon } from './polygon'

/** How far two corners may lie apart and still be one, in grid units. */
export const GRID_TOLERANCE = 1e-6

export type TilingFault =
  | { code: 'not-a-polygon'; patch: number }
  | { code: 'outside'; patch: number; at: Point }
  /** An edge that no neighbour answers: beside it the patches leave a gap or lie over each other. */
  | { code: 'gap-or-overlap'; patch: number; at: Point }

/**
 * Whether the polygons tile the rectangle from 0, 0 to `width`, `height`: every point covered once.
 *
 * Walk all patches clockwise, cut each edge wherever a corner of any patch lies on it, and add up the little edges
 * with their direction. The sum is the boundary of "how often is each point covered"; it is the boundary of the
 * rectangle exactly when every point inside is covered once and none outside. So every inner edge must meet its
 * opposite, and what is left over must lie on the rectangle's sides. Needs each polygon to be simple. Corners are
 * looked up in a spatial index: near-linear where patches are small against the whole.
 */
export function tilingFaults(patches: readonly Polygon[], width: number, height: number): TilingFault[] {
  const faults: TilingFault[] = []
  const frame: Polygon = [
    [0, 0],
    [0, height],
    [width, height],
    [width, 0],
  ]
  patches.forEach((patch, index) => {
    if (patch.length < 3 || !isSimple(patch) || Math.abs(signedArea(patch)) < GRID_TOLERANCE)
      return faults.push({ code: 'not-a-polygon', patch: index })
    const stray = patch.find(
      ([x, y]) =>
        x < -GRID_TOLERANCE || y < -GRID_TOLERANCE || x > width + GRID_TOLERANCE || y > height + GRID_TOLERANCE,
    )
    if (stray) faults.push({ code: 'outside', patch: index, at: stray })
  })
  if (faults.length > 0) return faults

  const corners = indexCorners([...frame, ...patches.flat()])
  const open = new Map<string, { patch: number; count: number; from: Point; to: Point }>()
  const walk = (polygon: Polygon, patch: number) => {
    polygon.forEach((from, i) => {
      const stops = corners.along(from, polygon[(i + 1) % polygon.length]!)
      stops.slice(1).forEach((b, k) => {
        const a = stops[k]!
        const opposite = open.get(`${b.id} ${a.id}`)
        if (opposite) {
          opposite.count -= 1
          if (opposite.count === 0) open.delete(`${b.id} ${a.id}`)
          return
        }
        const same = open.get(`${a.id} ${b.id}`)
        if (same) same.count += 1
        else open.set(`${a.id} ${b.id}`, { patch, count: 1, from: a.at, to: b.at })
      })
    })
  }
  patches.forEach((patch, index) => walk(clockwise(patch), index))
  // the frame, walked the other way, answers the outer edges
  walk(frame, -1)
  for (const { patch, from, to } of open.values()) {
    faults.push({ code: 'gap-or-overlap', patch, at: [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] })
  }
  return faults
}

/** A corner, under one name for all that lie within the tolerance of it. */
interface TilingCorner {
  id: number
  at: Point
}

function indexCorners(all: readonly Point[]): { along: (from: Point, to: Point) => TilingCorner[] } {
  // many patches may share a corner
  const points = [...new Map(all.map(point => [point.join(), point])).values()]
  const index = new Flatbush(points.length)
  for (const [x, y] of points) index.add(x, y, x, y)
  index.finish()
  const near = ([x, y]: Point) =>
    index.search(x - GRID_TOLERANCE, y - GRID_TOLERANCE, x + GRID_TOLERANCE, y + GRID_TOLERANCE)
  // of corners that lie together the first gives the name; chains of them are followed to its own first
  const ids = new Array<number>(points.length).fill(-1)
  points.forEach((point, i) => {
    const first = Math.min(i, ...near(point))
    ids[i] = first === i ? i : ids[first]!
  })
  const named = (point: Point): TilingCorner => ({ id: ids[near(point)[0]!]!, at: point })
  /** The corners on an edge from end to end, each once. */
  function along(from: Point, to: Point): TilingCorner[] {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
    const length = Math.hypot(dx, dy)
    const stops: { reach: number; corner: TilingCorner }[] = []
    const box = [
      Math.min(from[0], to[0]),
      Math.min(from[1], to[1]),
      Math.max(from[0], to[0]),
      Math.max(from[1], to[1]),
    ] as const
    for (const i of index.search(
      box[0] - GRID_TOLERANCE,
      box[1] - GRID_TOLERANCE,
      box[2] + GRID_TOLERANCE,
      box[3] + GRID_TOLERANCE,
    )) {
      const [x, y] = points[i]!
      const reach = ((x - from[0]) * dx + (y - from[1]) * dy) / length
      const off = Math.abs((x - from[0]) * dy - (y - from[1]) * dx) / length
      if (off <= GRID_TOLERANCE && reach > GRID_TOLERANCE && reach < length - GRID_TOLERANCE)
        stops.push({ reach, corner: { id: ids[i]!, at: points[i]! } })
    }
    stops.sort((a, b) => a.reach - b.reach)
    const chain = [named(from), ...stops.map(stop => stop.corner), named(to)]
    return chain.filter((corner, i) => i === 0 || corner.id !== chain[i - 1]!.id)
  }
  return { along }
}
