// In: a block as it is sewn. Out: for each join which raw sides meet in it, which points and which seams end on it.
import { unitJoinNumbers } from '../make/joins/joinNumbers'
import type { Join } from '../make/joins/sewnBlock'
import type { BlockMake } from '../make/units/blockMake'
import type { Unit } from '../make/units/unit'
import type { UnitTree } from '../make/units/unitTree'
import type { Point, Polygon } from '../geometry/polygon'
import { dot } from '../geometry/vector'
import { TOLERANCE, type Inches } from '../measure/ruler'
import type { PartEdge } from './part'
import { isAt, NEAR, unitShape, type RawEdge, type UnitShape } from './rawEdges'

/** A raw side of a unit, both by their numbers. */
export interface EdgeOf {
  unit: number
  edge: number
}

/** A stretch at which two units touch. `normal`: from the first to the second. */
export interface PatchTouch {
  first: EdgeOf
  second: EdgeOf
  normal: Point
  from: Point
  to: Point
  length: Inches
}

/** The end of a seam that was sewn before: between two units, or within one. */
export type SeamEnd =
  | { touch: PatchTouch }
  /** `part`: how far along the side; the side's two ends, with the sides that meet it there. */
  | { within: EdgeOf; part: number; ends: readonly [PatchCorner, PatchCorner] }

/** Where a side of a unit ends: with what it meets there, unless that is no raw side of its own. */
export interface PatchCorner {
  of: EdgeOf
  with: EdgeOf | null
}

/** A sharp corner of a patch at which an earlier seam ends. `within`: that seam lies within the unit. */
export interface Sharp {
  of: EdgeOf
  isWithin: boolean
}

/** What ends on a line from one side of it. `at`: how far along the line. */
export interface LineEnds {
  sharp: Sharp[]
  seams: { at: Inches; ends: SeamEnd[] }[]
}

/** One straight leg of a join. `along`: its direction; `first`, `second`: what ends on it from either part. */
export interface SeamLeg {
  normal: Point
  along: Point
  touches: PatchTouch[]
  /** Where it begins and ends, as seen from the first part and from the second. */
  corners: readonly [first: readonly [PatchCorner, PatchCorner], second: readonly [PatchCorner, PatchCorner]]
  first: LineEnds
  second: LineEnds
}

/** Units are numbered in the order of the tree: the first part is `from` to `middle`, the second from there to `to`. */
export interface JoinShape {
  number: number
  from: number
  middle: number
  to: number
  legs: SeamLeg[]
}

export interface SimulatedShape {
  units: readonly { unit: Unit; shape: UnitShape }[]
  joins: readonly JoinShape[]
  sides: Readonly<
    Record<PartEdge, LineEnds & { stretches: { of: EdgeOf; length: Inches }[]; normal: Point; along: Point }>
  >
}

const known = new WeakMap<UnitTree, SimulatedShape>()

/** What chance moves in a block; read once for a block. */
export function blockShape(make: Pick<BlockMake, 'tree' | 'units' | 'polygons' | 'block'>): SimulatedShape {
  const found = known.get(make.units) ?? shapeOf(make)
  known.set(make.units, found)
  return found
}

function shapeOf({ tree, units: unitTree, polygons, block }: Parameters<typeof blockShape>[0]): SimulatedShape {
  const numbers = unitJoinNumbers(tree, unitTree)
  const units: { unit: Unit; shape: UnitShape }[] = []
  const nodes: Omit<JoinShape, 'legs'>[] = []
  const visit = (node: UnitTree): void => {
    if ('unit' in node) {
      units.push({ unit: node.unit, shape: unitShape(node.unit.patches.map(({ patch }) => polygons[patch]!)) })
      return
    }
    const from = units.length
    visit(node.join[0])
    const middle = units.length
    visit(node.join[1])
    nodes.push({ number: numbers.get(node as Join)!, from, middle, to: units.length })
  }
  visit(unitTree)
  const shapes = units.map(({ shape }) => shape)
  const touches = touchesOf(shapes)
  // those at which earlier joins were sewn
  const sewn: PatchTouch[] = []
  const joins = nodes.map((node): JoinShape => {
    const here = touches.filter(
      ({ first, second }) =>
        first.unit >= node.from && first.unit < node.middle && second.unit >= node.middle && second.unit < node.to,
    )
    const legs = legsOf(here).map((own): SeamLeg => {
      const { normal } = own[0]!
      const along: Point = [-normal[1], normal[0]]
      const sides = (['first', 'second'] as const).map(side => own.map(touch => ({ ...touch, of: touch[side] })))
      const [first, second] = sides.map(side => endsOn(side, along, shapes, sewn)) as [LineEnds, LineEnds]
      const corners = sides.map(side => cornersAt(side, along, shapes)) as unknown as SeamLeg['corners']
      return { normal, along, touches: own, corners, first, second }
    })
    sewn.push(...here)
    return { ...node, legs }
  })
  return { units, joins, sides: sidesOf(block, shapes, sewn) }
}

/** All stretches at which two units touch; the one with the lower number first. */
function touchesOf(shapes: readonly UnitShape[]): PatchTouch[] {
  const all = shapes.flatMap(({ edges }, unit) => edges.map((raw, edge) => ({ raw, of: { unit, edge } })))
  // by how far they lie from the corner of the block, whichever way is out
  const sorted = all.sort((a, b) => Math.abs(a.raw.at) - Math.abs(b.raw.at))
  return sorted.flatMap((one, i) => {
    const found: PatchTouch[] = []
    for (const other of sorted.slice(i + 1)) {
      if (Math.abs(other.raw.at) - Math.abs(one.raw.at) > NEAR) break
      if (one.of.unit === other.of.unit || !areOpposite(one.raw, other.raw)) continue
      const [first, second] = one.of.unit < other.of.unit ? [one, other] : [other, one]
      for (const a of first.raw.stretches)
        for (const b of second.raw.stretches) {
          const stretch = overlapOf(a, b)
          if (stretch) found.push({ first: first.of, second: second.of, normal: first.raw.normal, ...stretch })
        }
    }
    return found
  })
}

function areOpposite(one: RawEdge, other: RawEdge): boolean {
  return dot(one.normal, other.normal) < -1 + NEAR * NEAR && Math.abs(one.at + other.at) < NEAR
}

/** Where two stretches of one line lie on each other. */
function overlapOf([from, to]: readonly [Point, Point], other: readonly [Point, Point]): EdgeStretch | null {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  const along: Point = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
  const at = (point: Point) => dot(along, [point[0] - from[0], point[1] - from[1]])
  const start = Math.max(0, Math.min(at(other[0]), at(other[1])))
  const end = Math.min(length, Math.max(at(other[0]), at(other[1])))
  const point = (t: number): Point => [from[0] + t * along[0], from[1] + t * along[1]]
  return end - start < NEAR ? null : { from: point(start), to: point(end), length: end - start }
}
type EdgeStretch = Pick<PatchTouch, 'from' | 'to' | 'length'>

/** Touches of one join by the lines they lie on. */
function legsOf(touches: readonly PatchTouch[]): PatchTouch[][] {
  const legs: PatchTouch[][] = []
  for (const touch of touches) {
    const isOn = ({ normal, from }: PatchTouch) =>
      dot(normal, touch.normal) > 1 - NEAR * NEAR && Math.abs(dot(normal, from) - dot(normal, touch.from)) < NEAR
    const leg = legs.find(own => isOn(own[0]!))
    if (leg) leg.push(touch)
    else legs.push([touch])
  }
  return legs
}

type PatchSide = readonly (EdgeStretch & { of: EdgeOf })[]

/** The two ends of a side of a part, in the direction `along`. */
function cornersAt(side: PatchSide, along: Point, shapes: readonly UnitShape[]): readonly [PatchCorner, PatchCorner] {
  const ends = side.flatMap(({ of, from, to }) => [from, to].map(point => ({ of, point, at: dot(along, point) })))
  const [first, last] = [ends.reduce((a, b) => (b.at < a.at ? b : a)), ends.reduce((a, b) => (b.at > a.at ? b : a))]
  return [cornerAt(first.of, first.point, shapes), cornerAt(last.of, last.point, shapes)]
}

function cornerAt(of: EdgeOf, point: Point, shapes: readonly UnitShape[]): PatchCorner {
  const { edges } = shapes[of.unit]!
  const edge = edges.findIndex(
    (other, i) => i !== of.edge && other.stretches.some(stretch => stretch.some(end => isAt(end, point))),
  )
  return { of, with: edge === -1 ? null : { unit: of.unit, edge } }
}

/** What ends on a side of a part: sharp corners of patches, and earlier seams strictly between its ends. */
function endsOn(side: PatchSide, along: Point, shapes: readonly UnitShape[], sewn: readonly PatchTouch[]): LineEnds {
  const sharp: Sharp[] = []
  const seen = new Set<string>()
  const seams: { at: Inches; point: Point; ends: SeamEnd[] }[] = []
  const [start, end] = rangeOf(side, along)
  const add = (point: Point, found: SeamEnd) => {
    const at = dot(along, point)
    if (at < start + NEAR || at > end - NEAR) return
    const place = seams.find(known => isAt(known.point, point))
    if (place) place.ends.push(found)
    else seams.push({ at, point, ends: [found] })
  }
  const units = new Set(side.map(({ of }) => of.unit))
  const earlier = sewn.filter(
    ({ first, second, normal }) =>
      (units.has(first.unit) || units.has(second.unit)) && Math.abs(dot(normal, along)) > NEAR,
  )
  for (const { of, from, to } of side) {
    const shape = shapes[of.unit]!
    const isOn = (point: Point) =>
      Math.abs(
        Math.hypot(point[0] - from[0], point[1] - from[1])
          + Math.hypot(point[0] - to[0], point[1] - to[1])
          - Math.hypot(to[0] - from[0], to[1] - from[1]),
      )
      < NEAR * NEAR
    for (const point of sharpCorners(shape.polygons)) {
      if (!isOn(point) || seen.has(`${of.unit} ${of.edge} ${point.join()}`)) continue
      const isWithin = shape.seams.some(seam => seam.some(end => isAt(end, point)))
      const isSewn = earlier.some(
        ({ first, second, from: a, to: b }) =>
          (first.unit === of.unit || second.unit === of.unit) && (isAt(a, point) || isAt(b, point)),
      )
      if (!isWithin && !isSewn) continue
      seen.add(`${of.unit} ${of.edge} ${point.join()}`)
      sharp.push({ of, isWithin })
    }
    const { stretches } = shape.edges[of.edge]!
    const [first, last] = rangeOf(
      stretches.map(([a, b]) => ({ from: a, to: b })),
      along,
    )
    for (const seam of shape.seams)
      for (const point of seam) {
        const at = dot(along, point)
        if (!isOn(point) || at < first + NEAR || at > last - NEAR) continue
        const [a, b] = cornersAt(
          stretches.map(([p, q]) => ({ of, from: p, to: q, length: 0 })),
          along,
          shapes,
        )
        add(point, { within: of, part: (at - first) / (last - first), ends: [a, b] })
      }
  }
  for (const touch of earlier)
    for (const point of [touch.from, touch.to])
      if (side.some(({ from, to }) => isAt(from, point) || isAt(to, point))) add(point, { touch })
  return { sharp, seams }
}

function rangeOf(side: readonly Pick<EdgeStretch, 'from' | 'to'>[], along: Point): [Inches, Inches] {
  const at = side.flatMap(({ from, to }) => [dot(along, from), dot(along, to)])
  return [Math.min(...at), Math.max(...at)]
}

/** Corners of patches with less than a right angle. */
function sharpCorners(polygons: readonly Polygon[]): Point[] {
  const corners = polygons.flatMap(polygon =>
    polygon.filter((corner, i) => {
      const [before, after] = [polygon.at(i - 1)!, polygon[(i + 1) % polygon.length]!]
      return (
        (before[0] - corner[0]) * (after[0] - corner[0]) + (before[1] - corner[1]) * (after[1] - corner[1]) > TOLERANCE
      )
    }),
  )
  return corners.filter((corner, i) => !corners.slice(0, i).some(other => isAt(other, corner)))
}

const OUTWARDS: Readonly<Record<PartEdge, { normal: Point; along: Point }>> = {
  left: { normal: [-1, 0], along: [0, 1] },
  right: { normal: [1, 0], along: [0, 1] },
  top: { normal: [0, -1], along: [1, 0] },
  bottom: { normal: [0, 1], along: [1, 0] },
}

function sidesOf(
  { width, height }: { width: Inches; height: Inches },
  shapes: readonly UnitShape[],
  sewn: readonly PatchTouch[],
): SimulatedShape['sides'] {
  const at: Record<PartEdge, Inches> = { left: 0, right: width, top: 0, bottom: height }
  const sideOf = (name: PartEdge) => {
    const { normal, along } = OUTWARDS[name]
    const side = shapes.flatMap(({ edges }, unit) =>
      edges.flatMap((raw, edge) =>
        dot(raw.normal, normal) > 1 - NEAR * NEAR && Math.abs(Math.abs(raw.at) - at[name]) < NEAR
          ? raw.stretches.map(([from, to]) => ({
              of: { unit, edge },
              from,
              to,
              length: Math.hypot(to[0] - from[0], to[1] - from[1]),
            }))
          : [],
      ),
    )
    return { ...endsOn(side, along, shapes, sewn), stretches: side, normal, along }
  }
  return { left: sideOf('left'), right: sideOf('right'), top: sideOf('top'), bottom: sideOf('bottom') }
}
