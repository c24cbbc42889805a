import { offsetPolygon, SHARP } from '../../geometry/offset'
import { direction, dot, normal } from '../../geometry/vector'
import { clockwise, withoutIdleCorners, type Point, type Polygon } from '../../geometry/polygon'
import { GRID_TOLERANCE } from '../../geometry/tiling'
import { TOLERANCE, type Inches } from '../../measure/ruler'
import { patchesOf, type SewingTree } from './sewingTree'

/**
 * The cut line of every patch of a block, its sharp tips cut to fit the patch that is first joined to it there: laid
 * right sides together, the tip ends on the other patch's cut edge. Where that one is sharp too, both end on one
 * line, square to the bisector of the blunter; where it runs on past the corner, square to the seam. Polygons are
 * finished, in inches. Source: handbook §3, never nearer to the finished corner than the seam.
 */
export function cutLines(tree: SewingTree, polygons: readonly Polygon[], seam: Inches): Polygon[] {
  const patches = polygons.map(polygon => clockwise(withoutIdleCorners(polygon, TOLERANCE)))
  const tips = patches.map((): Tips => new Map())
  const isSharp = patches.map(patch => patch.some((_, i) => cornerOf(patch, i).angle < SHARP))
  const visit = (node: SewingTree): void => {
    if ('patch' in node) return
    node.join.forEach(visit)
    const [some, others] = node.join.map(patchesOf)
    for (const one of some!) {
      for (const other of others!) if (isSharp[one] || isSharp[other]) fitTips(patches, tips, one, other)
    }
  }
  if (isSharp.some(Boolean)) visit(tree)
  return patches.map((patch, i) => offsetPolygon(patch, seam, corner => tips[i]!.get(corner)))
}

/** For a corner of a patch the direction in which its tip is cut off; none as long as nothing is joined there. */
type Tips = Map<Point, Point>

/** A corner and the directions of its two edges, away from it. */
interface CutLineCorner {
  at: Point
  edges: [Point, Point]
  angle: number
}

function cornerOf(patch: Polygon, i: number): CutLineCorner {
  const at = patch[i]!
  const edges: [Point, Point] = [
    direction(at, patch[(i + patch.length - 1) % patch.length]!),
    direction(at, patch[(i + 1) % patch.length]!),
  ]
  // clockwise as drawn: from the edge that leaves to the edge that arrives the inside is swept clockwise
  const [arrives, leaves] = edges
  const turn = Math.atan2(leaves[0] * arrives[1] - leaves[1] * arrives[0], dot(leaves, arrives))
  return { at, edges, angle: turn > 0 ? turn : turn + 2 * Math.PI }
}

/**
 * Sets the tips of two patches at the corners where the seam between them ends, as far as nothing was joined there
 * before.
 */
function fitTips(patches: readonly Polygon[], tips: readonly Tips[], one: number, other: number): void {
  for (const [patch, beside] of [
    [one, other],
    [other, one],
  ] as const) {
    patches[patch]!.forEach((at, i) => {
      const corner = cornerOf(patches[patch]!, i)
      if (corner.angle >= SHARP || tips[patch]!.has(at)) return
      const tip = fittingTip(corner, patches[beside]!, tips[beside]!)
      if (tip) tips[patch]!.set(at, tip)
    })
  }
}

/**
 * The direction in which a sharp corner is cut off to fit the patch beside it; null when the two share no seam that
 * ends there.
 */
function fittingTip(corner: CutLineCorner, beside: Polygon, itsTips: Tips): Point | null {
  for (const seam of corner.edges) {
    const its = meeting(beside, corner.at, seam)
    if (its === null) continue
    if (its === 'runs-on') return [-seam[0], -seam[1]]
    const tip =
      its.angle >= SHARP ? mirrored(outwardOf(its.away, seam), seam) : sharedTip(corner, its, seam, itsTips.get(its.at))
    // a tip that was cut to fit a third patch can lean into this one: it keeps its own
    return corner.edges.every(edge => dot(tip, edge) < -1e-6) ? tip : null
  }
  return null
}

/**
 * The corner of a patch from which it runs along a seam, and its other edge there; `runs-on`: it has no corner where
 * the seam ends.
 */
function meeting(patch: Polygon, at: Point, seam: Point): (CutLineCorner & { away: Point }) | 'runs-on' | null {
  const place = patch.findIndex(point => samePoint(point, at))
  if (place < 0) return runsAlong(patch, at, seam) ? 'runs-on' : null
  const corner = cornerOf(patch, place)
  const along = corner.edges.findIndex(edge => dot(edge, seam) > 1 - 1e-9)
  if (along < 0) return null
  return corner.angle >= Math.PI - 1e-9 ? 'runs-on' : { ...corner, away: corner.edges[1 - along]! }
}

/** Square to an edge, away from the seam at its other side. */
function outwardOf(edge: Point, seam: Point): Point {
  const side: Point = [-edge[1], edge[0]]
  return dot(side, seam) > 0 ? [-side[0], -side[1]] : side
}

/** Of two sharp corners: as the other one is cut already, else square to the bisector of the blunter. */
function sharedTip(corner: CutLineCorner, its: CutLineCorner, seam: Point, itsTip: Point | undefined): Point {
  const bisector = ({ edges: [a, b] }: CutLineCorner) => normal([-a[0] - b[0], -a[1] - b[1]])
  if (itsTip) return mirrored(itsTip, seam)
  return its.angle > corner.angle ? mirrored(bisector(its), seam) : bisector(corner)
}

/** Whether the point lies within an edge of the polygon, and the edge runs on along the seam. */
function runsAlong(polygon: Polygon, at: Point, seam: Point): boolean {
  return polygon.some((from, i) => {
    const to = polygon[(i + 1) % polygon.length]!
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    const along = direction(from, to)
    const reach = (at[0] - from[0]) * along[0] + (at[1] - from[1]) * along[1]
    const off = (at[0] - from[0]) * along[1] - (at[1] - from[1]) * along[0]
    return (
      Math.abs(off) < GRID_TOLERANCE
      && reach > GRID_TOLERANCE
      && reach < length - GRID_TOLERANCE
      && Math.abs(dot(along, seam)) > 1 - 1e-9
    )
  })
}

/** A direction turned over at the seam, as the patch is when it is laid right sides together. */
function mirrored(way: Point, seam: Point): Point {
  const along = 2 * dot(way, seam)
  return [along * seam[0] - way[0], along * seam[1] - way[1]]
}

function samePoint(a: Point, b: Point): boolean {
  return Math.hypot(a[0] - b[0], a[1] - b[1]) < GRID_TOLERANCE
}
