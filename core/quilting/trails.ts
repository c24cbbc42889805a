// In: lines to be quilted. Out: the same as trails that the needle follows without stopping, as few as can be.
import Flatbush from 'flatbush'
import { boundingBox, type Point } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import type { QuiltingKind } from '../file/entries/quiltingEntry'
import type { QuiltedTop, QuiltingLine } from './quiltingLine'

/** Ends nearer to each other are one point. */
const NEAR: Inches = 0.01

export type TrailEnd = 'edge' | 'inside'

/** Followed in one go: from the trimmings, or from a start inside the top. */
export interface Trail {
  kind: QuiltingKind
  points: Point[]
  from: TrailEnd
  to: TrailEnd
}

/**
 * Lines go straight through each other. Where an even number of them ends, ends are joined two and two, by the least
 * turn; a ring is sewn on the way of a trail that it touches. A point where an odd number ends must be a stop, so no
 * way has fewer but where rings touch nothing, as long as no trail turns at more than `mostCorners` of the points where
 * its lines meet: then it is broken there, and straight lines from edge to edge are left to hold the layers. Ties stay
 * what they are. Source: handbook §10.
 */
export function trailsOf(
  lines: readonly QuiltingLine[],
  top: Pick<QuiltedTop, 'width' | 'height'>,
  mostCorners = MAX_CORNERS,
): Trail[] {
  const ties = lines.filter(({ points }) => points.length === 1)
  const open: Point[][] = []
  const rings: TrailRing[] = []
  const kinds = new Map<Point[], QuiltingKind>()
  for (const { points, kind } of joinedEnds(
    lines.filter(line => line.points.length > 1),
    top,
    mostCorners,
  )) {
    const isRing = isAt(points[0]!, points.at(-1)!)
    kinds.set(points, kind)
    if (isRing && !isOnEdge(points[0]!, top)) rings.push({ points, kind })
    else open.push(points)
  }
  const boxes = new Map(rings.map(ring => [ring, boxOf(ring.points)]))
  const takes = (trail: readonly Point[], ring: readonly Point[]) =>
    mostCorners === Infinity
    || (!isAnchor(trail, top) && cornersOf(trail) + cornersOf(ring) + CORNERS_OF_A_TOUCH <= mostCorners)
  // rings that touch no trail may touch each other
  const left = groupsNear(withRings(open, rings, boxes, takes), boxes).flatMap(group => asFewRings(group, boxes, takes))
  const endAt = (point: Point): TrailEnd => (isOnEdge(point, top) ? 'edge' : 'inside')
  const trail = (points: Point[], kind: QuiltingKind): Trail => ({
    kind,
    points,
    from: endAt(points[0]!),
    to: endAt(points.at(-1)!),
  })
  return [
    ...open.map(points => trail(points, kinds.get(points)!)),
    ...left.map(({ points, kind }) => trail(points, kind)),
    ...ties.map(({ points, kind }) => trail([...points], kind)),
  ]
}

/** A person turns with the needle down a few times in a run, not hundreds. Source: handbook §10. */
const MAX_CORNERS = 12
/** Where a ring is taken in the trail turns into it, at its own corner, and out again. */
const CORNERS_OF_A_TOUCH = 3
/** Less than this is no corner: the quilt is led round it while sewing. */
const SHARP = Math.PI / 6

/** At how many of its points a trail turns so that the needle is put down and the quilt turned. */
export function cornersOf(points: readonly Point[]): number {
  return points.slice(1, -1).filter((point, i) => turnsSharply(points[i]!, point, points[i + 2]!)).length
}

function turnsSharply(before: Point, at: Point, after: Point): boolean {
  const [ax, ay] = [at[0] - before[0], at[1] - before[1]]
  const [bx, by] = [after[0] - at[0], after[1] - at[1]]
  return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) > SHARP
}

/** A line this part as long as the quilt, or longer, holds the layers. */
const LONG = 1 / 2

/** Whether a trail is one long straight line: from edge to edge, or from border to border. */
export function isAnchor(points: readonly Point[], { width, height }: Pick<QuiltedTop, 'width' | 'height'>): boolean {
  if (points.length !== 2) return false
  const [[ax, ay], [bx, by]] = points as [Point, Point]
  const [across, down] = [Math.abs(bx - ax), Math.abs(by - ay)]
  // as long as a line of its direction is from one edge to the other
  return Math.max(across / width, down / height) >= LONG
}

interface TrailRing {
  points: Point[]
  kind: QuiltingKind
}

function isAt([ax, ay]: Point, [bx, by]: Point): boolean {
  return Math.abs(ax - bx) < NEAR && Math.abs(ay - by) < NEAR
}

/** Whether a point lies on the raw edge of the top. */
export function isOnEdge([x, y]: Point, { width, height }: Pick<QuiltedTop, 'width' | 'height'>): boolean {
  return x < NEAR || y < NEAR || width - x < NEAR || height - y < NEAR
}

interface LineEnd {
  line: number
  isFirst: boolean
  /** Out of the line, beyond its end. */
  way: Point
}

/** Lines whose ends meet are joined two and two, those that turn the least first. */
function joinedEnds(
  lines: readonly QuiltingLine[],
  top: Pick<QuiltedTop, 'width' | 'height'>,
  mostCorners: number,
): TrailRing[] {
  const ends = new Map<string, LineEnd[]>()
  lines.forEach(({ points }, line) => {
    if (isAt(points[0]!, points.at(-1)!)) return
    // what holds the layers is sewn by itself, first
    if (mostCorners !== Infinity && isAnchor(points, top)) return
    for (const isFirst of [true, false]) {
      const [end, before] = isFirst ? [points[0]!, points[1]!] : [points.at(-1)!, points.at(-2)!]
      if (isOnEdge(end, top)) continue
      const length = Math.hypot(end[0] - before[0], end[1] - before[1])
      const key = keyOf(end)
      const here = ends.get(key) ?? []
      here.push({ line, isFirst, way: [(end[0] - before[0]) / length, (end[1] - before[1]) / length] })
      ends.set(key, here)
    }
  })
  // for each end the one it goes on to
  const next = new Map<string, LineEnd>()
  const nameOf = ({ line, isFirst }: LineEnd) => `${line} ${isFirst}`
  for (const here of ends.values()) {
    const pairs = here.flatMap((a, i) =>
      here.slice(i + 1).map(b => ({ a, b, turn: a.way[0] * b.way[0] + a.way[1] * b.way[1] })),
    )
    // opposite ways out are straight on
    pairs.sort((one, other) => one.turn - other.turn)
    for (const { a, b } of pairs) {
      if (next.has(nameOf(a)) || next.has(nameOf(b))) continue
      next.set(nameOf(a), b)
      next.set(nameOf(b), a)
    }
  }
  const used = new Set<number>()
  const follow = (line: number, isForward: boolean): Point[][] => {
    const runs: Point[][] = []
    for (let at = { line, isForward }; ;) {
      used.add(at.line)
      const own = at.isForward ? lines[at.line]!.points : [...lines[at.line]!.points].reverse()
      runs.push([...own])
      const on = next.get(`${at.line} ${!at.isForward}`)
      if (!on || used.has(on.line)) return brokenRuns(runs, mostCorners)
      at = { line: on.line, isForward: on.isFirst }
    }
  }
  const found: TrailRing[] = []
  // from free ends first; what is left are rings
  lines.forEach((_, line) => {
    for (const isFirst of [true, false])
      if (!used.has(line) && !next.has(`${line} ${isFirst}`))
        for (const points of follow(line, isFirst)) found.push({ points, kind: lines[line]!.kind })
  })
  lines.forEach((_, line) => {
    if (used.has(line)) return
    for (const points of follow(line, true)) found.push({ points, kind: lines[line]!.kind })
  })
  return found
}

/** Lines that follow each other, end on end, as few trails as turn no more often than that, and as like as can be. */
function brokenRuns(runs: readonly Point[][], mostCorners: number): Point[][] {
  const isTurn = (i: number) => turnsSharply(runs[i - 1]!.at(-2)!, runs[i]![0]!, runs[i]![1]!)
  const turns = runs.flatMap((_, i) => (i > 0 && isTurn(i) ? [i] : []))
  const parts = mostCorners === Infinity ? 1 : Math.ceil((turns.length + 1) / (mostCorners + 1))
  // of all turns every so manyth is a stop
  const breaks = new Set(
    Array.from({ length: parts - 1 }, (_, k) => turns[Math.round(((k + 1) * (turns.length + 1)) / parts) - 1]!),
  )
  const trails: Point[][] = []
  runs.forEach((own, i) => {
    if (i === 0 || breaks.has(i)) trails.push([...own])
    else trails.at(-1)!.push(...own.slice(1))
  })
  return trails
}

function keyOf([x, y]: Point): string {
  return `${Math.round((x + 0.0037) / NEAR)} ${Math.round((y + 0.0037) / NEAR)}`
}

/** Rings whose boxes overlap, through others too, together: no others can touch each other. */
function groupsNear(rings: readonly TrailRing[], around: ReadonlyMap<TrailRing, TrailBox>): TrailRing[][] {
  if (rings.length === 0) return []
  const index = new Flatbush(rings.length)
  for (const ring of rings) index.add(...around.get(ring)!)
  index.finish()
  const groups: TrailRing[][] = []
  const isTaken = new Set<number>()
  rings.forEach((_, first) => {
    if (isTaken.has(first)) return
    isTaken.add(first)
    const group = [first]
    for (let at = 0; at < group.length; at++) {
      for (const near of index.search(...around.get(rings[group[at]!]!)!)) {
        if (isTaken.has(near)) continue
        isTaken.add(near)
        group.push(near)
      }
    }
    groups.push(group.sort((a, b) => a - b).map(ring => rings[ring]!))
  })
  return groups
}

/** The first ring takes in all that it can touch, then the first of those left. */
function asFewRings(rings: readonly TrailRing[], around: ReadonlyMap<TrailRing, TrailBox>, takes: Takes): TrailRing[] {
  const few: TrailRing[] = []
  for (let apart = [...rings]; apart.length > 0;) {
    const [base, ...others] = apart as [TrailRing, ...TrailRing[]]
    apart = withRings([base.points], others, around, takes)
    few.push(base)
  }
  return few
}

type TrailBox = readonly [left: number, top: number, right: number, bottom: number]

/** Whether a trail may take in a ring. */
type Takes = (trail: readonly Point[], ring: readonly Point[]) => boolean

/** Rings that touch a trail are sewn on its way, round and back to where they touch. Gives those that touch none. */
function withRings(
  trails: Point[][],
  rings: readonly TrailRing[],
  around: ReadonlyMap<TrailRing, TrailBox>,
  takes: Takes,
): TrailRing[] {
  const boxes = new Map<readonly Point[], TrailBox>(trails.map(trail => [trail, boxOf(trail)]))
  let left = [...rings]
  for (let isChanged = true; isChanged;) {
    isChanged = false
    left = left.filter(ring => {
      const box = around.get(ring)!
      // straight ones are left as they are, to hold the layers, as long as others do
      const near = trails.filter(trail => overlap(boxes.get(trail)!, box) && takes(trail, ring.points))
      for (const trail of near.sort((a, b) => Number(b.length > 2) - Number(a.length > 2))) {
        const at = touching(trail, ring.points, box)
        if (!at) continue
        trail.splice(at.after + 1, 0, at.point, ...roundFrom(ring.points, at), at.point)
        boxes.set(trail, boxOf(trail))
        isChanged = true
        return false
      }
      return true
    })
  }
  return left
}

function overlap(a: TrailBox, b: TrailBox): boolean {
  return a[0] <= b[2] && b[0] <= a[2] && a[1] <= b[3] && b[1] <= a[3]
}

interface Touch {
  /** The stretch of the trail, and of the ring, by the point it begins with. */
  after: number
  of: number
  point: Point
}

function touching(trail: readonly Point[], ring: readonly Point[], box: TrailBox): Touch | null {
  for (let after = 0; after < trail.length - 1; after++) {
    const [a, b] = [trail[after]!, trail[after + 1]!]
    if (Math.max(a[0], b[0]) < box[0] || Math.min(a[0], b[0]) > box[2]) continue
    if (Math.max(a[1], b[1]) < box[1] || Math.min(a[1], b[1]) > box[3]) continue
    for (let of = 0; of < ring.length - 1; of++) {
      const point = meetingOf(a, b, ring[of]!, ring[of + 1]!)
      if (point) return { after, of, point }
    }
  }
  return null
}

function boxOf(points: readonly Point[]): TrailBox {
  const { x, y, width, height } = boundingBox(points)
  return [x - NEAR, y - NEAR, x + width + NEAR, y + height + NEAR]
}

/** Where two stretches cross or touch. */
function meetingOf(a: Point, b: Point, c: Point, d: Point): Point | null {
  const [rx, ry] = [b[0] - a[0], b[1] - a[1]]
  const [sx, sy] = [d[0] - c[0], d[1] - c[1]]
  const cross = rx * sy - ry * sx
  const [qx, qy] = [c[0] - a[0], c[1] - a[1]]
  if (Math.abs(cross) < 1e-9) {
    const length = Math.hypot(rx, ry)
    if (Math.abs(qx * ry - qy * rx) / length > NEAR) return null
    const t = (qx * rx + qy * ry) / (length * length)
    return t >= -1e-9 && t <= 1 + 1e-9 ? c : null
  }
  const t = (qx * sy - qy * sx) / cross
  const u = (qx * ry - qy * rx) / cross
  // beyond either stretch by no more than is one point; each measured by its own length
  const [slackT, slackU] = [NEAR / Math.hypot(rx, ry), NEAR / Math.hypot(sx, sy)]
  if (t < -slackT || t > 1 + slackT || u < -slackU || u > 1 + slackU) return null
  return [a[0] + rx * t, a[1] + ry * t]
}

/** All corners of a ring, from the one after a point on it round to the one before. */
function roundFrom(ring: readonly Point[], { of }: Touch): Point[] {
  const corners = ring.slice(0, -1)
  return [...corners.slice(of + 1), ...corners.slice(0, of + 1)]
}
