// In: the trails of a quilt. Out: the order in which they are sewn, and which way each.
import type { Point } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import { underArm } from './underArm'
import type { QuiltedTop } from './quiltingLine'
import { isAnchor, type Trail } from './trails'

/** From the middle to the right edge, turn the quilt end for end, again; or from the edge in, turn, and out. */
export type OrderPolicy = 'from-the-middle' | 'from-the-edge'

/** What turning the quilt a quarter costs, as idle thread. Source: the finishing experiments. */
const A_QUARTER: Inches = 6
/** What the whole quilt under the machine's arm costs. */
const ALL_UNDER_THE_ARM: Inches = 40

export interface Ordered {
  trails: Trail[]
  /** How many of them, at the beginning, are long straight lines and hold the layers. */
  anchors: number
}

/**
 * First the long straight ones, direction by direction, the one with the most first: they hold the layers.
 * Then the rest from the middle outwards, each the cheapest next by the way to it, the quilt's turns and what of it
 * lies under the arm.
 */
export function inOrder(trails: readonly Trail[], top: QuiltedTop, policy: OrderPolicy): Ordered {
  const holds = ({ points }: Trail) => isAnchor(points, top)
  const anchors = anchored(trails.filter(holds), top, policy)
  const isTie = ({ points }: Trail) => points.length === 1
  const rest = fromTheMiddle(
    trails.filter(trail => !holds(trail) && !isTie(trail)),
    top,
  )
  return { trails: [...anchors, ...rest, ...toAndFro(trails.filter(isTie))], anchors: anchors.length }
}

function directionOf({ points }: Trail): number {
  const [[ax, ay], [bx, by]] = [points[0]!, points.at(-1)!]
  const angle = Math.atan2(by - ay, bx - ax)
  return angle < 0 ? angle + Math.PI : angle
}

/** Directions within two degrees are sewn together. */
const SAME_DIRECTION = (2 * Math.PI) / 180

function anchored(trails: readonly Trail[], { width, height }: QuiltedTop, policy: OrderPolicy): Trail[] {
  const groups: Trail[][] = []
  for (const trail of trails) {
    const angle = directionOf(trail)
    const group = groups.find(([first]) => {
      const apart = Math.abs(directionOf(first!) - angle)
      return Math.min(apart, Math.PI - apart) < SAME_DIRECTION
    })
    if (group) group.push(trail)
    else groups.push([trail])
  }
  groups.sort((a, b) => b.length - a.length)
  return groups.flatMap(group => {
    const angle = directionOf(group[0]!)
    const [ux, uy] = [Math.cos(angle), Math.sin(angle)]
    // to the right of the way: that half goes under the arm less and less
    const off = ([x, y]: Point) => (x - width / 2) * uy - (y - height / 2) * ux
    const placed = group
      .map(trail => ({ trail: alongWay(trail, ux, uy), off: off(trail.points[0]!) }))
      .sort((a, b) => a.off - b.off)
    // one half outwards from the middle; the quilt turned end for end, the other half
    const [near, far] = [placed.filter(({ off: at }) => at >= 0), placed.filter(({ off: at }) => at < 0).reverse()]
    const first = policy === 'from-the-middle' ? near : [...near].reverse()
    return [...first.map(({ trail }) => trail), ...far.map(({ trail }) => turned(trail))]
  })
}

/** All of a direction run one way: the quilt is fed in from the same side. */
function alongWay(trail: Trail, ux: number, uy: number): Trail {
  const [[ax, ay], [bx, by]] = [trail.points[0]!, trail.points.at(-1)!]
  return (bx - ax) * ux + (by - ay) * uy >= 0 ? trail : turned(trail)
}

function turned({ kind, points, from, to }: Trail): Trail {
  return { kind, points: [...points].reverse(), from: to, to: from }
}

/** More trails than this are taken ring by ring, without looking for the cheapest next one among all. */
const LOOKED_AT = 120

function fromTheMiddle(trails: readonly Trail[], { width, height }: QuiltedTop): Trail[] {
  const middle: Point = [width / 2, height / 2]
  const left = trails
    .map(trail => ({
      ways: [trail, turned(trail)].map(way => wayOf(way, { width, height })),
      away: awayFrom(trail, middle),
    }))
    .sort((a, b) => a.away - b.away)
  const done: Trail[] = []
  let at = middle
  let heading = 0
  while (left.length > 0) {
    let best = { place: 0, way: left[0]!.ways[0]!, cost: Infinity }
    // what lies farther out waits
    const most = left[0]!.away + Math.min(width, height) / 8
    for (let place = 0; place < Math.min(left.length, LOOKED_AT); place++) {
      const { ways, away } = left[place]!
      if (away > most) break
      for (const way of ways) {
        const cost = costOf(way, at, heading)
        if (cost < best.cost) best = { place, way, cost }
      }
    }
    left.splice(best.place, 1)
    done.push(best.way.trail)
    at = best.way.trail.points.at(-1)!
    heading = best.way.headingAtEnd
  }
  return done
}

/** A trail sewn one way, with what its cost is made of. */
interface TrailWay {
  trail: Trail
  heading: number
  headingAtEnd: number
  arm: number
}

function wayOf(trail: Trail, size: { width: Inches; height: Inches }): TrailWay {
  return {
    trail,
    heading: headingAt(trail, false),
    headingAtEnd: headingAt(trail, true),
    arm: underArm(trail.points, size)?.share ?? 0,
  }
}

/** Ties row by row, to and fro. */
function toAndFro(ties: readonly Trail[]): Trail[] {
  const rows = new Map<number, Trail[]>()
  for (const tie of ties) {
    const row = Math.round(tie.points[0]![1] * 100)
    rows.set(row, [...(rows.get(row) ?? []), tie])
  }
  return [...rows.entries()]
    .sort(([a], [b]) => a - b)
    .flatMap(([, row], i) => {
      const across = row.sort((a, b) => a.points[0]![0] - b.points[0]![0])
      return i % 2 === 0 ? across : across.reverse()
    })
}

function awayFrom({ points }: Trail, [mx, my]: Point): number {
  const x = points.reduce((sum, point) => sum + point[0], 0) / points.length
  const y = points.reduce((sum, point) => sum + point[1], 0) / points.length
  return Math.hypot(x - mx, y - my)
}

function headingAt({ points }: Trail, isEnd: boolean): number {
  const [from, to] = isEnd ? [points.at(-2) ?? points[0]!, points.at(-1)!] : [points[0]!, points[1] ?? points[0]!]
  return Math.atan2(to[1] - from[1], to[0] - from[0])
}

function costOf({ trail, heading: next, arm }: TrailWay, at: Point, heading: number): number {
  const [x, y] = trail.points[0]!
  const apart = Math.abs(next - heading) % (2 * Math.PI)
  const quarters = Math.min(apart, 2 * Math.PI - apart) / (Math.PI / 2)
  return Math.hypot(x - at[0], y - at[1]) + A_QUARTER * quarters + ALL_UNDER_THE_ARM * arm
}

/** Quarter turns of the quilt from trail to trail, all together. */
export function quarterTurns(trails: readonly Trail[]): number {
  let sum = 0
  let heading: number | null = null
  for (const trail of trails) {
    if (trail.points.length < 2) continue
    const next = headingAt(trail, false)
    if (heading !== null) {
      const apart = Math.abs(next - heading) % (2 * Math.PI)
      sum += Math.min(apart, 2 * Math.PI - apart) / (Math.PI / 2)
    }
    heading = headingAt(trail, true)
  }
  return sum
}
