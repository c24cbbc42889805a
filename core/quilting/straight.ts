// In: what lines are wanted. Out: straight lines across the quilt, or across the parts that are meant.
import { chanceFrom } from '../measure/chance'
import type { Inches } from '../measure/ruler'
import { boundingBox, type Point, type Polygon } from '../geometry/polygon'
import type { QuiltingKind } from '../file/entries/quiltingEntry'
import { isInScope, type QuiltedTop, type QuiltingLine, type Where } from './quiltingLine'

/** Shorter than this nothing is quilted. */
const LEAST: Inches = 1 / 8

/** A line without ends: through a point, along a direction one long. */
interface Straight {
  at: Point
  along: Point
}

/** Lines of one direction through the middle of the quilt and so far apart. `angle`: degrees from the level. */
export function parallelLines(
  top: QuiltedTop,
  { kind, spacing, angle, where }: { kind: QuiltingKind; spacing: Inches; angle: number; where: Where },
): QuiltingLine[] {
  const turn = (angle * Math.PI) / 180
  const along: Point = [Math.cos(turn), -Math.sin(turn)]
  const across: Point = [-along[1], along[0]]
  const reach = Math.hypot(top.width, top.height) / 2
  const count = Math.floor(reach / spacing)
  const lines = Array.from({ length: 2 * count + 1 }, (_, i): Straight => {
    const off = (i - count) * spacing
    return { at: [top.width / 2 + across[0] * off, top.height / 2 + across[1] * off], along }
  })
  return clipped(top, lines, kind, where)
}

/** Two sets of parallels, square to each other. */
export function gridLines(
  top: QuiltedTop,
  { spacing, angle, where }: { spacing: Inches; angle: number; where: Where },
): QuiltingLine[] {
  return [0, 90].flatMap(more => parallelLines(top, { kind: 'grid', spacing, angle: angle + more, where }))
}

/** Through the corners of blocks, both ways. */
export function diagonalLines(top: QuiltedTop, where: Where): QuiltingLine[] {
  const found = new Map<string, Straight>()
  for (const part of top.parts) {
    if (part.kind !== 'block' || part.outline.length !== 4 || !(isInScope(part, where) || where === 'borders')) continue
    for (const [i, j] of [
      [0, 2],
      [1, 3],
    ] as const) {
      const [from, to] = [part.outline[i]!, part.outline[j]!]
      const length = Math.hypot(to[0] - from[0], to[1] - from[1])
      const isBack = to[0] < from[0]
      const along: Point = [
        ((isBack ? -1 : 1) * (to[0] - from[0])) / length,
        ((isBack ? -1 : 1) * (to[1] - from[1])) / length,
      ]
      const off = (from[1] - top.height / 2) * along[0] - (from[0] - top.width / 2) * along[1]
      found.set(`${along[1].toFixed(4)} ${off.toFixed(2)}`, { at: from, along })
    }
  }
  return clipped(top, [...found.values()], 'diagonal', where)
}

/** Lines nearly of one direction keep so far from each other, as strips of tape that do not overlap. */
const TAPE: Inches = 1 / 2
const NEARLY = Math.sin((4 * Math.PI) / 180)

/** Straight lines at random from edge to edge; the same seed gives the same lines. */
export function randomLines(
  top: QuiltedTop,
  { count, seed, where }: { count: number; seed: number; where: Where },
): QuiltingLine[] {
  const chance = chanceFrom(seed)
  const reach = Math.hypot(top.width, top.height) / 2
  const taken: { along: Point; off: number }[] = []
  for (let tries = 0; taken.length < count && tries < count * 6; tries++) {
    const angle = chance.even() * Math.PI
    const along: Point = [Math.cos(angle), Math.sin(angle)]
    const off = (chance.even() * 2 - 1) * reach
    const line = { along, off }
    if (lengthInside(top, line) < LEAST) continue
    if (!taken.some(other => overlaps(other, line))) taken.push(line)
  }
  const lines = taken.map(({ along, off }): Straight => ({ at: pointOn(top, along, off), along }))
  return clipped(top, lines, 'random', where)
}

function overlaps(one: { along: Point; off: number }, other: { along: Point; off: number }): boolean {
  const cross = one.along[0] * other.along[1] - one.along[1] * other.along[0]
  const isBack = one.along[0] * other.along[0] + one.along[1] * other.along[1] < 0
  return Math.abs(cross) < NEARLY && Math.abs(one.off - (isBack ? -other.off : other.off)) < TAPE
}

function pointOn({ width, height }: QuiltedTop, [ux, uy]: Point, off: number): Point {
  return [width / 2 - uy * off, height / 2 + ux * off]
}

function lengthInside(top: QuiltedTop, { along, off }: { along: Point; off: number }): Inches {
  const span = spanIn(rawBox(top), { at: pointOn(top, along, off), along })
  return span ? span[1] - span[0] : 0
}

function rawBox({ width, height }: QuiltedTop): Polygon {
  return [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ]
}

/** What of lines lies in the whole top, or in the parts that are meant, neighbouring ones joined. */
function clipped(top: QuiltedTop, lines: readonly Straight[], kind: QuiltingKind, where: Where): QuiltingLine[] {
  const places = where === 'all' ? [rawBox(top)] : top.parts.filter(part => isInScope(part, where)).map(p => p.outline)
  const boxes = places.map(place => boundingBox(place))
  return lines.flatMap(line => {
    const spans = places
      .flatMap((place, i) => (isNear(boxes[i]!, line) ? [spanIn(place, line)] : []))
      .filter(span => span !== null)
      .sort(([a], [b]) => a - b)
    const joined: [number, number][] = []
    for (const [from, to] of spans) {
      const last = joined.at(-1)
      if (last && from <= last[1] + 1e-3) last[1] = Math.max(last[1], to)
      else joined.push([from, to])
    }
    const at = (t: number): Point => [line.at[0] + line.along[0] * t, line.at[1] + line.along[1] * t]
    return joined.flatMap(([from, to]) => (to - from < LEAST ? [] : [{ kind, points: [at(from), at(to)] }]))
  })
}

function isNear({ x, y, width, height }: ReturnType<typeof boundingBox>, { at, along }: Straight): boolean {
  const off = (x + width / 2 - at[0]) * -along[1] + (y + height / 2 - at[1]) * along[0]
  return Math.abs(off) <= Math.hypot(width, height) / 2
}

/** From where to where a line runs in a convex polygon, along it; null where it misses it. */
function spanIn(polygon: Polygon, { at, along }: Straight): [number, number] | null {
  let [from, to] = [-Infinity, Infinity]
  let twice = 0
  for (let i = 0; i < polygon.length; i++) {
    const [ax, ay] = polygon[i]!
    const [bx, by] = polygon[(i + 1) % polygon.length]!
    twice += ax * by - bx * ay
  }
  const sense = twice > 0 ? 1 : -1
  for (let i = 0; i < polygon.length; i++) {
    const [ax, ay] = polygon[i]!
    const [bx, by] = polygon[(i + 1) % polygon.length]!
    // inwards of a side
    const [nx, ny] = [-(by - ay) * sense, (bx - ax) * sense]
    const here = (at[0] - ax) * nx + (at[1] - ay) * ny
    const gain = along[0] * nx + along[1] * ny
    if (Math.abs(gain) < 1e-12) {
      if (here < -1e-9) return null
    } else if (gain > 0) from = Math.max(from, -here / gain)
    else to = Math.min(to, -here / gain)
  }
  return to - from > 1e-9 ? [from, to] : null
}
