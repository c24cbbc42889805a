// In: a join of a block. Out: the way its needle goes, with where it stops short, turns, or is left open.
import type { Point } from '../../geometry/polygon'
import { sharedRuns } from '../../geometry/sharedEdges'
import type { BlockMake } from '../units/blockMake'
import type { UnitTree } from '../units/unitTree'
import type { BothParts, Join } from './sewnBlock'

/** Corners of the drawing that are one: its patches tile to a millionth of a grid unit. */
const NEAR = 1e-4

/** Where the needle begins or ends: at the raw edge, or at a dot a seam from it. */
export type RunEnd = 'edge' | 'dot'

/** A seam as the needle goes, finished, in inches; at points between its ends needle and cloth turn. */
export interface JoinRun {
  points: readonly Point[]
  from: RunEnd
  to: RunEnd
}

/** All stretches of a join: one, but for parts that touch in several places. What is closed later is left out. */
export function runsOf(join: Join, parts: BothParts, make: BlockMake): JoinRun[] {
  const { joints } = careOf(make)
  const endAt = (point: Point): RunEnd => (joints.some(joint => isAt(joint, point)) ? 'dot' : 'edge')
  const runs = join.kind === 'set-in' ? setInRuns(join, parts, make) : [join.seam.map(point => inInches(point, make))]
  return runs.map(points => ({ points, from: endAt(points[0]!), to: endAt(points.at(-1)!) }))
}

/** Where two parts touch, as far as it lies in line with the legs of their join. */
function setInRuns(join: Join, [first, second]: BothParts, make: BlockMake): (readonly Point[])[] {
  const legs = [join.seam, ...(join.bent ?? [])].map(leg => leg.map(point => inInches(point, make)) as [Point, Point])
  const closed = careOf(make).closed
  const touching = sharedRuns(
    first.map(({ polygon }) => polygon),
    second.map(({ polygon }) => polygon),
    NEAR,
  )
  return touching.flatMap(points => {
    const runs: Point[][] = []
    for (const [i, from] of points.slice(0, -1).entries()) {
      const to = points[i + 1]!
      const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
      const along = (leg: readonly [Point, Point]) => isInLine(from, leg) && isInLine(to, leg)
      if (!legs.some(along) || closed.some(leg => along(leg) && isBetween(middle, leg))) continue
      const last = runs.at(-1)
      if (last && last.at(-1) === from) last.push(to)
      else runs.push([from, to])
    }
    return runs
  })
}

function isBetween([x, y]: Point, [[ax, ay], [bx, by]]: readonly [Point, Point]): boolean {
  const way = Math.hypot(x - ax, y - ay) + Math.hypot(x - bx, y - by)
  return way - Math.hypot(bx - ax, by - ay) < NEAR * NEAR
}

function isInLine([x, y]: Point, [[ax, ay], [bx, by]]: readonly [Point, Point]): boolean {
  return Math.abs((x - ax) * (by - ay) - (y - ay) * (bx - ax)) < NEAR * Math.hypot(bx - ax, by - ay)
}

/** Whether anything is set in in a block. */
export function hasDots(make: BlockMake): boolean {
  return careOf(make).joints.length > 0
}

/** A point of the design in inches of the block. */
export function inInches([x, y]: Point, { block, design }: Pick<BlockMake, 'block' | 'design'>): Point {
  return [(x * block.width) / design.width, (y * block.height) / design.height]
}

/** Whether two points are one. */
export function isAt([x, y]: Point, [u, v]: Point): boolean {
  return Math.hypot(x - u, y - v) < NEAR
}

/** Where a block wants care: points through which no seam runs, and seams that are closed late. */
interface EndCare {
  joints: readonly Point[]
  closed: readonly (readonly [Point, Point])[]
}

const known = new WeakMap<UnitTree, EndCare>()

function careOf(make: BlockMake): EndCare {
  const joins = (tree: UnitTree): Join[] => ('unit' in tree ? [] : [tree, ...tree.join.flatMap(joins)])
  const found = known.get(make.units) ?? careIn(joins(make.units), make)
  known.set(make.units, found)
  return found
}

function careIn(joins: readonly Join[], make: BlockMake): EndCare {
  const place = (point: Point) => inInches(point, make)
  return {
    joints: joins.flatMap(({ dots = [] }) => dots.map(place)),
    closed: joins.flatMap(({ closes = [] }) => closes.map(([from, to]) => [place(from), place(to)] as const)),
  }
}
