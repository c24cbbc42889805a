// In: a seam, and the parts it joins. Out: the points on it where many patches meet, and how their allowances are spun.
import { cornerMean, type Point, type Polygon } from '../../geometry/polygon'
import { direction } from '../../geometry/vector'
import type { Press } from '../steps/press'
import { bandIn } from './backView'
import { inInches, isAt, type JoinRun } from './joinRun'
import { bothParts, patchesUnder, type BothParts, type Join, type SewnPatch, type SewnBlock } from './sewnBlock'

/** Seams that end at a point from both sides of the seam through it, from which on it is thick enough to be spun. */
const FEWEST_RAYS = 3

/** Points within a seam at which three seams or more end, on both of its sides together. */
export function hubsOn({ points: [from, to] }: Pick<JoinRun, 'points'>, [first, second]: BothParts): Point[] {
  const cornersOn = (part: readonly SewnPatch[]) =>
    part.flatMap(({ polygon }) => polygon.filter(corner => isWithin(corner, from!, to!)))
  const [a, b] = [cornersOn(first), cornersOn(second)]
  const found: Point[] = []
  for (const corner of a) {
    if (found.some(known => isAt(known, corner))) continue
    const [here, there] = [a, b].map(corners => corners.filter(other => isAt(other, corner)).length) as [number, number]
    if (here > 1 && there > 1 && here + there - 2 >= FEWEST_RAYS) found.push(corner)
  }
  return found
}

/** On the line between two points, and not at either. */
function isWithin(point: Point, from: Point, to: Point): boolean {
  if (isAt(point, from) || isAt(point, to)) return false
  const reach = Math.hypot(to[0] - from[0], to[1] - from[1])
  const way = Math.hypot(point[0] - from[0], point[1] - from[1]) + Math.hypot(point[0] - to[0], point[1] - to[1])
  return way - reach < 1e-7
}

/**
 * The allowances round a hub, each folded to the same hand round it: the way most of the seams that end there are
 * pressed.
 */
export function handsOfHub(hub: Point, block: SewnBlock, join: Join, pressOf: (join: Join) => Press): SewnPatch[] {
  const around = bothParts(join, block)
    .flat()
    .filter(({ polygon }) => polygon.some(corner => isAt(corner, hub)))
  const hand = join.join.reduce((sum, part) => sum + handOf(part, hub, block, pressOf), 0) >= 0 ? 1 : -1
  return around.flatMap(patch => {
    const next = followingSide(patch.polygon, hub, hand)
    const before = around.find(other => other !== patch && touches(other.polygon, hub, next, hand))
    if (!before) return []
    return [{ cloth: before.cloth, polygon: bandIn(patch.polygon, { from: hub, to: next }, block.seam) }]
  })
}

/** Of the seams in a part that end at a point: those pressed clockwise round it, less the others. */
function handOf(part: Join['join'][number], hub: Point, block: SewnBlock, pressOf: (join: Join) => Press): number {
  if ('unit' in part) return 0
  const inner = part.join.reduce((sum, child) => sum + handOf(child, hub, block, pressOf), 0)
  const [from, to] = part.seam.map(point => inInches(point, block.make)) as [Point, Point]
  const far = isAt(from, hub) ? to : isAt(to, hub) ? from : undefined
  const press = pressOf(part)
  if (!far || press === 'open') return inner
  const patches = patchesUnder(part.join[press === 'first' ? 0 : 1]).map(patch => block.make.polygons[patch]!)
  const beside = patches.find(polygon => polygon.some(corner => isAt(corner, hub)))
  return beside ? inner + sideOf(hub, far, cornerMean(beside)) : inner
}

/** 1: clockwise of the ray from the hub, as it is seen. */
function sideOf(hub: Point, far: Point, [x, y]: Point): number {
  const [ux, uy] = direction(hub, far)
  return Math.sign(ux * (y - hub[1]) - uy * (x - hub[0]))
}

/** The other end of the side of a patch that its allowance comes over, when all are folded to one hand. */
function followingSide(polygon: Polygon, hub: Point, hand: 1 | -1): Point {
  const i = polygon.findIndex(corner => isAt(corner, hub))
  const sides = [polygon.at(i - 1)!, polygon[(i + 1) % polygon.length]!]
  const middle = cornerMean(polygon)
  return sides.find(side => sideOf(hub, side, middle) === hand) ?? sides[0]!
}

/** Whether a patch lies on the other side of that ray. */
function touches(polygon: Polygon, hub: Point, far: Point, hand: 1 | -1): boolean {
  const i = polygon.findIndex(corner => isAt(corner, hub))
  const sides = [polygon.at(i - 1)!, polygon[(i + 1) % polygon.length]!]
  const way = direction(hub, far)
  return sides.some(side => {
    const [x, y] = direction(hub, side)
    return Math.abs(x - way[0]) + Math.abs(y - way[1]) < 1e-4 && sideOf(hub, side, cornerMean(polygon)) === -hand
  })
}
