// In: a join of a block. Out: which of its parts lies on top at the machine.
import type { Point, Polygon } from '../../geometry/polygon'
import { TOLERANCE } from '../../measure/ruler'
import { inInches, isAt, runsOf } from './joinRun'
import { bothParts, patchesUnder, type Join, type SewnBlock } from './sewnBlock'

/**
 * The part with points at the seam lies on top, so that they are seen; else the one with more seams that end on it.
 * Where a patch is set in, it lies underneath: the seam that ends at the dot is on top.
 */
export function topOf(join: Join, block: SewnBlock): 'first' | 'second' | undefined {
  const { make } = block
  const legs = legsOf(join).map(leg => leg.map(point => inInches(point, make)) as [Point, Point])
  const polygons = join.join.map(part => patchesUnder(part).map(patch => make.polygons[patch]!))
  if (join.kind === 'set-in') {
    const turns = runsOf(join, bothParts(join, block), make).flatMap(({ points }) => points.slice(1, -1))
    const [a, b] = polygons.map(part => seamsAt(part, turns)) as [number, number]
    if (a !== b) return a > b ? 'first' : 'second'
  }
  const [a, b] = polygons.map(part => seamEnds(part, legs)) as [Ends, Ends]
  if (a.points !== b.points) return a.points > b.points ? 'first' : 'second'
  return a.all === b.all ? undefined : a.all > b.all ? 'first' : 'second'
}

/** Seams of a part that end at the turns of a set-in join. */
function seamsAt(polygons: readonly Polygon[], turns: readonly Point[]): number {
  return turns.reduce(
    (sum, turn) => sum + polygons.filter(polygon => polygon.some(corner => isAt(corner, turn))).length - 1,
    0,
  )
}

interface Ends {
  points: number
  all: number
}

/** Corners of patches that lie on a seam, within its ends; `points`: those where a patch ends in a sharp tip. */
function seamEnds(polygons: readonly Polygon[], legs: readonly (readonly [Point, Point])[]): Ends {
  const all = new Set<string>()
  const points = new Set<string>()
  for (const polygon of polygons) {
    polygon.forEach((corner, i) => {
      if (!legs.some(leg => liesOn(corner, leg) && leg.every(end => !isAt(corner, end)))) return
      const key = corner.map(value => value.toFixed(3)).join()
      all.add(key)
      const [before, after] = [polygon.at(i - 1)!, polygon[(i + 1) % polygon.length]!]
      if (isSharp(before, corner, after)) points.add(key)
    })
  }
  return { points: points.size, all: all.size }
}

function isSharp([ax, ay]: Point, [x, y]: Point, [bx, by]: Point): boolean {
  return (ax - x) * (bx - x) + (ay - y) * (by - y) > TOLERANCE
}

/** The straight parts of a join's seam. */
export function legsOf({ seam, bent }: Join): [Point, Point][] {
  return [seam, ...(bent ?? [])]
}

/** Whether a point lies on a line between two points. */
export function liesOn([x, y]: Point, [[ax, ay], [bx, by]]: readonly [Point, Point]): boolean {
  const [dx, dy] = [bx - ax, by - ay]
  const length = Math.hypot(dx, dy)
  const along = ((x - ax) * dx + (y - ay) * dy) / length
  return (
    Math.abs((x - ax) * dy - (y - ay) * dx) / length < TOLERANCE && along > -TOLERANCE && along < length + TOLERANCE
  )
}
