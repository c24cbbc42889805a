// In: the patches of the top. Out: its seams as long unbroken straight lines, to be quilted in the ditch.
import type { Point } from '../geometry/polygon'
import { isInScope, type QuiltedTop, type QuiltingLine, type Where } from './quiltingLine'

/** Directions that differ by less are one: chained, so that turned squares come out as one line. In radians. */
const SAME_ANGLE = 2e-4
/** Lines of one direction that lie nearer to each other are one. */
const SAME_LINE = 0.001
/** An end on the finished edge, within this, goes on to the raw edge. */
const ON_EDGE = 0.002

interface DitchSide {
  /** Of its line, from 0 up to half a turn. */
  angle: number
  /** Whether its patch lies to the left of the line as that runs. */
  isLeft: boolean
  /** Whether its patch is one of those meant. */
  isInScope: boolean
  from: Point
  to: Point
}

/**
 * Every side of every patch is put on its line; a seam is where both sides of the line are covered, so that seams that
 * end within others and the outline of the top come out right.
 */
export function ditchLines(top: QuiltedTop, where: Where): QuiltingLine[] {
  const sides = sidesOf(top, where).sort((a, b) => a.angle - b.angle)
  const lines: QuiltingLine[] = []
  for (const group of chained(sides, ({ angle }) => angle, SAME_ANGLE, true)) {
    // those near half a turn are the same direction as those near none
    const angle = group.reduce(
      (sum, side) => sum + (side.angle - group[0]!.angle > 1 ? side.angle - Math.PI : side.angle),
      0,
    )
    const mean = angle / group.length
    const [ux, uy] = [Math.cos(mean), Math.sin(mean)]
    const middle: Point = [top.width / 2, top.height / 2]
    const placed = group.map(side => {
      const along = ([x, y]: Point) => (x - middle[0]) * ux + (y - middle[1]) * uy
      const off = ([x, y]: Point) => (y - middle[1]) * ux - (x - middle[0]) * uy
      const [a, b] = [along(side.from), along(side.to)]
      const isTurned = side.angle - mean > 1
      return {
        off: (off(side.from) + off(side.to)) / 2,
        start: Math.min(a, b),
        end: Math.max(a, b),
        isLeft: side.isLeft !== isTurned,
        isInScope: side.isInScope,
      }
    })
    placed.sort((a, b) => a.off - b.off)
    for (const line of chained(placed, ({ off }) => off, SAME_LINE, false)) {
      const off = line.reduce((sum, side) => sum + side.off, 0) / line.length
      const at = (along: number): Point => [middle[0] + ux * along - uy * off, middle[1] + uy * along + ux * off]
      for (const [start, end] of coveredOnBoth(line))
        lines.push({
          kind: 'ditch',
          points: [toRawEdge(at(start), [-ux, -uy], top), toRawEdge(at(end), [ux, uy], top)],
        })
    }
  }
  return lines
}

function sidesOf({ patches, parts }: QuiltedTop, where: Where): DitchSide[] {
  const meant = parts.map(part => isInScope(part, where))
  return patches.flatMap(({ polygon, part }) => {
    let twice = 0
    for (let i = 0; i < polygon.length; i++) {
      const [ax, ay] = polygon[i]!
      const [bx, by] = polygon[(i + 1) % polygon.length]!
      twice += ax * by - bx * ay
    }
    // clockwise as seen: the patch lies to the right of each side, seen along it
    const isClockwise = twice > 0
    return polygon.flatMap((from, i): DitchSide[] => {
      const to = polygon[(i + 1) % polygon.length]!
      const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
      if (Math.hypot(dx, dy) < SAME_LINE) return []
      const angle = Math.atan2(dy, dx)
      const isBackwards = angle < 0 || angle >= Math.PI
      const own = angle < 0 ? angle + Math.PI : angle >= Math.PI ? angle - Math.PI : angle
      return [{ angle: own, isLeft: isClockwise === isBackwards, isInScope: meant[part]!, from, to }]
    })
  })
}

/** Runs of a sorted list whose neighbours are nearer than that; `isRound`: the last may be near the first. */
function chained<T>(sorted: readonly T[], value: (entry: T) => number, near: number, isRound: boolean): T[][] {
  const groups: T[][] = []
  for (const entry of sorted) {
    const last = groups.at(-1)
    if (last && value(entry) - value(last.at(-1)!) <= near) last.push(entry)
    else groups.push([entry])
  }
  if (isRound && groups.length > 1 && value(groups[0]![0]!) + Math.PI - value(groups.at(-1)!.at(-1)!) <= near)
    groups[0] = [...groups[0]!, ...groups.pop()!]
  return groups
}

/** Stretches of a line with patches on both of its sides, one of them meant. */
function coveredOnBoth(
  sides: readonly { start: number; end: number; isLeft: boolean; isInScope: boolean }[],
): [number, number][] {
  const events = sides.flatMap(({ start, end, isLeft, isInScope: meant }) => [
    { at: start, by: 1, isLeft, meant },
    { at: end, by: -1, isLeft, meant },
  ])
  // where one patch ends and the next begins the line goes on
  events.sort((a, b) => (Math.abs(a.at - b.at) < SAME_LINE ? b.by - a.by : a.at - b.at))
  const stretches: [number, number][] = []
  let [left, right, meant] = [0, 0, 0]
  let from: number | null = null
  for (const event of events) {
    if (event.isLeft) left += event.by
    else right += event.by
    if (event.meant) meant += event.by
    const isSeam = left > 0 && right > 0 && meant > 0
    if (isSeam && from === null) from = event.at
    else if (!isSeam && from !== null) {
      if (event.at - from > SAME_LINE) stretches.push([from, event.at])
      from = null
    }
  }
  return stretches
}

/** An end on the finished edge goes straight on to the raw one. */
function toRawEdge([x, y]: Point, [ux, uy]: Point, { width, height, beyond }: QuiltedTop): Point {
  const isOn =
    Math.abs(x - beyond) < ON_EDGE
    || Math.abs(y - beyond) < ON_EDGE
    || Math.abs(x - width + beyond) < ON_EDGE
    || Math.abs(y - height + beyond) < ON_EDGE
  if (!isOn) return [x, y]
  const reach = Math.min(
    ux > 1e-9 ? (width - x) / ux : ux < -1e-9 ? -x / ux : Infinity,
    uy > 1e-9 ? (height - y) / uy : uy < -1e-9 ? -y / uy : Infinity,
  )
  return [x + ux * reach, y + uy * reach]
}
