// In: the patches of a unit, finished. Out: its raw sides, and the seams within that make it narrower.
import { sharedRuns } from '../geometry/sharedEdges'
import { boundingBox, clockwise, contains, type Point, type Polygon } from '../geometry/polygon'
import { direction, dot } from '../geometry/vector'
import type { Inches } from '../measure/ruler'

/** Points that are one, and lines that are one: patches tile to a millionth of a grid unit. */
export const NEAR: Inches = 1e-4

/** A straight side of a unit: which way is out, how far out it lies, where it runs. */
export interface RawEdge {
  normal: Point
  at: Inches
  stretches: (readonly [Point, Point])[]
  /** Seams within the unit between its inside and this side, and what part of each makes it narrower. */
  narrowedBy: { seam: number; part: number }[]
}

export interface UnitShape {
  polygons: readonly Polygon[]
  edges: RawEdge[]
  /** Seams within it. */
  seams: (readonly [Point, Point])[]
}

/** Whether two points are one. */
export function isAt([x, y]: Point, [u, v]: Point): boolean {
  return Math.hypot(x - u, y - v) < NEAR
}

/** The raw outline of a unit and the seams within it. */
export function unitShape(polygons: readonly Polygon[]): UnitShape {
  const seams = polygons.flatMap((one, i) =>
    polygons
      .slice(i + 1)
      .flatMap(other =>
        sharedRuns([one], [other], NEAR).flatMap(run => run.slice(1).map((to, k) => [run[k]!, to] as const)),
      ),
  )
  const edges: RawEdge[] = []
  for (const polygon of polygons)
    for (const stretch of sidesOf(polygon, polygons)) {
      const normal = outwards(stretch)
      const at = dot(normal, stretch[0])
      const known = edges.find(edge => dot(edge.normal, normal) > 1 - NEAR * NEAR && Math.abs(edge.at - at) < NEAR)
      if (known) known.stretches = withStretch(known.stretches, stretch)
      else edges.push({ normal, at, stretches: [stretch], narrowedBy: [] })
    }
  const { x, y, width, height } = boundingBox(polygons.flat())
  // off the middle and the diagonals, where no corners lie and no seams run
  const inside: Point = [x + 0.41 * width, y + 0.37 * height]
  for (const edge of edges)
    edge.narrowedBy = seams.flatMap(([from, to], seam) =>
      isBetween(inside, edge.normal, [from, to])
        ? [{ seam, part: Math.abs(dot(edge.normal, outwards([from, to]))) }]
        : [],
    )
  return { polygons, edges, seams }
}

/** Stretches of one line with another: those that adjoin become one. */
function withStretch(all: RawEdge['stretches'], [from, to]: readonly [Point, Point]): RawEdge['stretches'] {
  const before = all.find(([, end]) => isAt(end, from))
  const after = all.find(([start]) => isAt(start, to))
  const rest = all.filter(stretch => stretch !== before && stretch !== after)
  return [...rest, [before?.[0] ?? from, after?.[1] ?? to]]
}

/** What is outside of a stretch that runs clockwise round its patch. */
function outwards([from, to]: readonly [Point, Point]): Point {
  const [x, y] = direction(from, to)
  return [y, -x]
}

/** The sides of a patch, as far as no other patch lies beyond them. */
function sidesOf(polygon: Polygon, all: readonly Polygon[]): (readonly [Point, Point])[] {
  const corners = all.flat()
  const round = clockwise(polygon)
  return round.flatMap((from, i) => {
    const to = round[(i + 1) % round.length]!
    if (isAt(from, to)) return []
    const along = direction(from, to)
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    const cuts = corners
      .map(([x, y]): [number, number] => [
        (x - from[0]) * along[0] + (y - from[1]) * along[1],
        (y - from[1]) * along[0] - (x - from[0]) * along[1],
      ])
      .filter(([t, off]) => Math.abs(off) < NEAR && t > NEAR && t < length - NEAR)
      .map(([t]) => t)
      .sort((a, b) => a - b)
    const points = [0, ...cuts, length].map((t): Point => [from[0] + t * along[0], from[1] + t * along[1]])
    return points.slice(1).flatMap((end, k) => {
      const start = points[k]!
      if (isAt(start, end)) return []
      const [nx, ny] = outwards([start, end])
      const beyond: Point = [(start[0] + end[0]) / 2 + 10 * NEAR * nx, (start[1] + end[1]) / 2 + 10 * NEAR * ny]
      return all.some(other => contains(other, beyond)) ? [] : [[start, end] as const]
    })
  })
}

/** Whether the way from a point in one direction crosses a stretch. */
function isBetween([x, y]: Point, [dx, dy]: Point, [[ax, ay], [bx, by]]: readonly [Point, Point]): boolean {
  const side = ([px, py]: Point) => (px - x) * dy - (py - y) * dx
  const [one, other] = [side([ax, ay]), side([bx, by])]
  if (one > 0 === other > 0) return false
  const t = one / (one - other)
  return (ax + t * (bx - ax) - x) * dx + (ay + t * (by - ay) - y) * dy > 0
}
