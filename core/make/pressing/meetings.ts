// In: the patches of a block and its order of sewing. Out: where its seams meet, and where they end on its edge.
import { arrangementOf, type Arrangement } from '../../geometry/arrangement'
import type { Point, Polygon } from '../../geometry/polygon'
import { GRID_TOLERANCE } from '../../geometry/tiling'
import { directionFrom } from '../order/seams'
import type { SewingTree } from '../order/sewingTree'
import { joinTree, type JoinTree } from './joinTree'

/** Two directions are opposite when they differ from a straight line by less than this (sine of the angle). */
const STRAIGHT = 1e-6

/**
 * A seam as it leaves a point. `sense`: the way its allowance turns round the point when it is pressed to the first
 * part: 1 clockwise, -1 back. So an allowance pressed to the second part turns by −sense.
 */
export interface Ray {
  join: number
  sense: 1 | -1
}

/**
 * A point where seams end. At a crossing one ends on either side of a seam that runs through: they nest when both
 * allowances turn the same way round the point. At a tee they end on one side only, and nothing is asked of them. At a
 * hub three or more end on both sides, as in the middle of a star: it lies flat when all turn one way.
 */
export interface SeamMeeting {
  kind: 'crossing' | 'tee' | 'hub'
  /** In grid units. */
  at: Point
  /** The seam that runs through; null where all end. */
  through: number | null
  /** The seams that end there, clockwise. */
  rays: Ray[]
  /** Of these, those that end on the side of the first part of the seam that runs through. */
  onFirst: Ray[]
  /** Of these, the pairs that lie in one line: seams that run straight on beyond the point. */
  straight: (readonly [Ray, Ray])[]
}

/** A seam that ends on the edge of the block, away from its corners. */
export interface EdgeEnd extends Ray {
  at: Point
}

/** A seam that ends in a corner of the block, and the way in which it leaves it, in grid units. */
export interface CornerEnd extends EdgeEnd {
  way: readonly [number, number]
}

/** A stretch of a seam between two patches. */
export interface SeamEdge {
  join: number
  /** In grid units. */
  from: Point
  to: Point
  /** The patch on the side of the first part, and the other. */
  first: number
  second: number
}

export interface BlockSeams {
  joins: JoinTree['joins']
  meetings: SeamMeeting[]
  ends: EdgeEnd[]
  corners: CornerEnd[]
  edges: SeamEdge[]
}

/** All seams of a block. Joints that are sewn to a dot are left out: their allowances are free. */
export function blockSeams(patches: readonly Polygon[], tree: SewingTree): BlockSeams {
  const numbered = joinTree(tree)
  const arrangement = arrangementOf(patches)
  const edges = sewnEdges(arrangement, numbered)
  const found: BlockSeams = {
    joins: numbered.joins,
    meetings: [],
    ends: [],
    corners: [],
    edges: edges.filter(edge => edge !== null),
  }
  arrangement.corners.forEach((at, corner) => {
    const around = arrangement.around[corner]!
    const rays = around.flatMap(e => (edges[e] ? [leaving(e, edges[e], corner, arrangement)] : []))
    if (rays.length === 0) return
    const outer = around.filter(e => !edges[e])
    if (outer.length > 0) {
      const isCorner = !liesOpposite(outer, corner, arrangement)
      if (rays.length === 1 && !isCorner) found.ends.push({ join: rays[0]!.join, sense: rays[0]!.sense, at })
      if (isCorner) for (const { join, sense, way } of rays) found.corners.push({ join, sense, at, way })
      return
    }
    const meeting = meetingOf(rays, at)
    if (meeting) found.meetings.push(meeting)
  })
  return found
}

/** Every edge between two patches with the seam it belongs to; null for those on the edge of the block. */
function sewnEdges({ corners, edges }: Arrangement, { joins, between }: JoinTree): (SeamEdge | null)[] {
  const inner = edges.map(({ from, to, left, right }) => {
    if (left < 0 || right < 0) return null
    const { join, isFirst } = between(left, right)
    return { join, from: corners[from]!, to: corners[to]!, left, right, isLeftFirst: isFirst }
  })
  const isOnOwn = (edge: NonNullable<(typeof inner)[number]>) => joins[edge.join]!.legs.some(leg => isInLine(edge, leg))
  return inner.map(edge => {
    if (!edge) return null
    const { left, right, from, to } = edge
    const seam = isOnOwn(edge) ? edge : restOfPartial(edge)
    const [first, second] = seam.isLeftFirst ? [left, right] : [right, left]
    return { join: seam.join, from, to, first, second }
  })

  /** The rest of a seam that was sewn in part is closed later; it is pressed with its beginning. */
  function restOfPartial(edge: NonNullable<(typeof inner)[number]>): { join: number; isLeftFirst: boolean } {
    const join = joins.findIndex(({ node, legs }) => node.kind === 'partial' && legs.some(leg => isInLine(edge, leg)))
    const begun = inner.find(other => other !== null && other.join === join)
    if (join < 0 || !begun) return edge
    return { join, isLeftFirst: dot(along(edge), along(begun)) > 0 === begun.isLeftFirst }
  }
}

interface SeamStretch {
  from: Point
  to: Point
}

function along({ from, to }: SeamStretch): readonly [number, number] {
  return [to[0] - from[0], to[1] - from[1]]
}

function dot([ax, ay]: readonly [number, number], [bx, by]: readonly [number, number]): number {
  return ax * bx + ay * by
}

/** Whether a stretch lies in one line with another. */
function isInLine({ from, to }: SeamStretch, [a, b]: readonly [Point, Point]): boolean {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1])
  const off = (p: Point) => Math.abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0])) / length
  return off(from) < 4 * GRID_TOLERANCE && off(to) < 4 * GRID_TOLERANCE
}

interface Leaving extends Ray {
  way: readonly [number, number]
}

/** A seam as it leaves a corner. Walked from there, the patch on the right lies clockwise of it. */
function leaving(e: number, { join, first }: SeamEdge, corner: number, arrangement: Arrangement): Leaving {
  const { from, left, right } = arrangement.edges[e]!
  const clockwise = from === corner ? right : left
  return { join, sense: clockwise === first ? 1 : -1, way: directionFrom(arrangement, corner, e) }
}

/** Whether the outer edges at a corner run straight on, so that it is no corner of the block. */
function liesOpposite(outer: readonly number[], corner: number, arrangement: Arrangement): boolean {
  const [one, other] = outer.map(e => directionFrom(arrangement, corner, e))
  return one !== undefined && other !== undefined && areOpposite(one, other)
}

function areOpposite(one: readonly [number, number], other: readonly [number, number]): boolean {
  return dot(one, other) < 0 && Math.abs(one[0] * other[1] - one[1] * other[0]) < STRAIGHT
}

/** What the seams round a point make there; null where one turns at a dot, or where nothing ends. */
function meetingOf(rays: readonly Leaving[], at: Point): SeamMeeting | null {
  const clockwise = [...rays].sort((a, b) => angle(a) - angle(b))
  const through: [Leaving, Leaving][] = []
  const ending: Leaving[] = []
  for (const ray of clockwise) {
    const twin = clockwise.find(other => other !== ray && other.join === ray.join)
    if (!twin) ending.push(ray)
    else if (!areOpposite(ray.way, twin.way)) return null
    else if (!through.some(pair => pair.includes(ray))) through.push([ray, twin])
  }
  const plain = (list: readonly Leaving[]): Ray[] => list.map(({ join, sense }) => ({ join, sense }))
  if (ending.length === 0) return null
  if (through.length !== 1) {
    const kind = ending.length > 2 ? 'hub' : 'tee'
    return { kind, at, through: null, rays: plain(ending), onFirst: [], straight: straightPairs(ending) }
  }
  const [[seam]] = through as [[Leaving, Leaving]]
  // to the right of the seam as it leaves lies its first part, if its sense is clockwise
  const isRight = ({ way }: Leaving) => seam.way[0] * way[1] - seam.way[1] * way[0] > 0
  const onFirst = ending.filter(ray => isRight(ray) === (seam.sense === 1))
  const others = ending.length - onFirst.length
  const isOneSided = onFirst.length === 0 || others === 0
  const kind = isOneSided ? 'tee' : ending.length === 2 ? 'crossing' : 'hub'
  return {
    kind,
    at,
    through: seam.join,
    rays: plain(ending),
    onFirst: plain(onFirst),
    straight: straightPairs(ending),
  }
}

/** Seams that leave a point opposite each other, two and two. */
function straightPairs(rays: readonly Leaving[]): [Ray, Ray][] {
  return rays.flatMap((ray, i) =>
    rays
      .slice(i + 1)
      .filter(other => areOpposite(ray.way, other.way))
      .map(other => [ray, other].map(({ join, sense }) => ({ join, sense })) as [Ray, Ray]),
  )
}

function angle({ way: [x, y] }: Leaving): number {
  return Math.atan2(y, x)
}
