import { boundingBox, area, cornerMean, withoutIdleCorners, type Point, type Polygon } from '../../geometry/polygon'
import { direction, dot } from '../../geometry/vector'
import { TOLERANCE, sameLength, type Inches } from '../../measure/ruler'
import type { UnitKind } from '../../file/unitKinds'

/** A patch of a unit under the name it has there (goose, left, corner …). */
export interface UnitPatch {
  slot: string
  patch: number
  polygon: Polygon
}

/**
 * A few patches that recur and are made in one go. Finished size, in inches. `goose` and `strip-set` are given as
 * they lie; `long` says which way: true when the width is the long side (goose) or the strips lie beside each other
 * (strip set).
 */
export interface Unit {
  kind: UnitKind
  width: Inches
  height: Inches
  patches: UnitPatch[]
}

/** Slots of patches to which others are sewn as corners; these are pressed outwards, away from them. */
const MIDDLES: ReadonlySet<string> = new Set(['goose', 'base', 'centre'])

/** The patch of a unit to which the others are sewn as its corners. */
export function middleOfUnit<T extends { slot: string }>(patches: readonly T[]): T | undefined {
  return patches.find(({ slot }) => MIDDLES.has(slot))
}

/** What the patches make together, or null when they are no unit by themselves. Polygons are finished, in inches. */
export function recogniseUnit(polygons: readonly Polygon[], members: readonly number[]): Unit | null {
  const parts = members.map((patch): PatchInUnit => ({
    patch,
    polygon: withoutIdleCorners(polygons[patch]!, TOLERANCE),
  }))
  const box = boundingBox(parts.flatMap(part => part.polygon))
  const wedge = corneredWedge(parts)
  if (wedge) return { kind: 'wedge', width: box.width, height: box.height, patches: wedge }
  // any other unit fills its box; what does not is a part of the block
  const filled = parts.reduce((sum, part) => sum + area(part.polygon), 0)
  if (Math.abs(filled - box.width * box.height) > TOLERANCE * Math.max(1, filled) && parts.length > 1) return null
  const patches =
    singlePatch(parts)
    ?? halfSquare(parts, box)
    ?? quarterSquare(parts, box)
    ?? threePatch(parts, box)
    ?? goose(parts, box)
    ?? corners(parts, box)
    ?? stripSet(parts, box)
  if (patches === null) return null
  return { kind: patches.kind, width: box.width, height: box.height, patches: patches.slots }
}

interface PatchInUnit {
  patch: number
  polygon: Polygon
}
interface UnitBox {
  x: number
  y: number
  width: number
  height: number
}
type FoundUnit = { kind: UnitKind; slots: UnitPatch[] } | null

const named = (slot: string, part: PatchInUnit): UnitPatch => ({ slot, patch: part.patch, polygon: part.polygon })

function singlePatch(parts: readonly PatchInUnit[]): FoundUnit {
  if (parts.length !== 1) return null
  const part = parts[0]!
  const kind = isUprightRectangle(part.polygon)
    ? 'rectangle'
    : isDiamond(part.polygon)
      ? 'diamond'
      : isWedge(part.polygon)
        ? 'wedge'
        : 'template'
  return { kind, slots: [named('patch', part)] }
}

function halfSquare(parts: readonly PatchInUnit[], box: UnitBox): FoundUnit {
  if (parts.length !== 2 || !sameLength(box.width, box.height)) return null
  const corners = parts.map(part => squareCorner(part.polygon))
  if (!corners.every(corner => corner !== null && sameLength(corner.leg, box.width))) return null
  return { kind: 'half-square', slots: [named('first', parts[0]!), named('second', parts[1]!)] }
}

function quarterSquare(parts: readonly PatchInUnit[], box: UnitBox): FoundUnit {
  if (parts.length !== 4 || !sameLength(box.width, box.height)) return null
  const middle: Point = [box.x + box.width / 2, box.y + box.height / 2]
  const bySide = new Map<string, PatchInUnit>()
  for (const part of parts) {
    const corner = squareCorner(part.polygon)
    if (corner === null || !samePoint(corner.at, middle)) return null
    const b = boundingBox(part.polygon)
    if (b.width > b.height) bySide.set(sameLength(b.y, box.y) ? 'north' : 'south', part)
    else bySide.set(sameLength(b.x, box.x) ? 'west' : 'east', part)
  }
  const order = ['north', 'east', 'south', 'west']
  return bySide.size === 4 ? { kind: 'quarter-square', slots: order.map(side => named(side, bySide.get(side)!)) } : null
}

/**
 * Half a square, and the other half in quarters: `first` follows the half clockwise round the middle, then `second`.
 */
function threePatch(parts: readonly PatchInUnit[], box: UnitBox): FoundUnit {
  if (parts.length !== 3 || !sameLength(box.width, box.height)) return null
  const half = parts.find(part => sameLength(squareCorner(part.polygon)?.leg ?? 0, box.width))
  const quarters = parts.filter(part => sameLength(squareCorner(part.polygon)?.leg ?? 0, box.width / Math.SQRT2))
  if (!half || quarters.length !== 2) return null
  const centre: Point = [box.x + box.width / 2, box.y + box.height / 2]
  const angle = (part: PatchInUnit) => {
    const m = cornerMean(part.polygon)
    return Math.atan2(m[1] - centre[1], m[0] - centre[0])
  }
  const after = (part: PatchInUnit) => (angle(part) - angle(half) + 4 * Math.PI) % (2 * Math.PI)
  const [first, second] = quarters.sort((a, b) => after(a) - after(b)) as [PatchInUnit, PatchInUnit]
  return { kind: 'three-patch', slots: [named('half', half), named('first', first), named('second', second)] }
}

function goose(parts: readonly PatchInUnit[], box: UnitBox): FoundUnit {
  const long = Math.max(box.width, box.height)
  const short = Math.min(box.width, box.height)
  if (parts.length !== 3 || !sameLength(long, 2 * short)) return null
  const big = parts.find(part => sameLength(squareCorner(part.polygon)?.leg ?? 0, short * Math.SQRT2))
  const small = parts.filter(part => sameLength(squareCorner(part.polygon)?.leg ?? 0, short))
  if (!big || small.length !== 2) return null
  // with the tip on top the left sky is the one met first going anticlockwise from the tip
  const tip = squareCorner(big.polygon)!.at
  const centre: Point = [box.x + box.width / 2, box.y + box.height / 2]
  const up: Point = [tip[0] - centre[0], tip[1] - centre[1]]
  const leftness = (part: PatchInUnit) => {
    const at = squareCorner(part.polygon)!.at
    return (at[0] - centre[0]) * up[1] - (at[1] - centre[1]) * up[0]
  }
  const [left, right] = [...small].sort((a, b) => leftness(b) - leftness(a)) as [PatchInUnit, PatchInUnit]
  return { kind: 'goose', slots: [named('goose', big), named('left', left), named('right', right)] }
}

/** A figure with some of its corners cut off at 45°; a whole square standing on its tip is a square in a square. */
function corners(parts: readonly PatchInUnit[], box: UnitBox): FoundUnit {
  if (parts.length < 2 || parts.length > 5) return null
  const order: [string, Point][] = [
    ['nw', [box.x, box.y]],
    ['ne', [box.x + box.width, box.y]],
    ['se', [box.x + box.width, box.y + box.height]],
    ['sw', [box.x, box.y + box.height]],
  ]
  const slots: UnitPatch[] = []
  const base = new Set(parts)
  for (const [slot, at] of order) {
    const part = parts.find(candidate => {
      const corner = squareCorner(candidate.polygon)
      return corner !== null && samePoint(corner.at, at)
    })
    if (!part || base.size === 1) continue
    slots.push(named(slot, part))
    base.delete(part)
  }
  if (base.size !== 1 || slots.length !== parts.length - 1) return null
  const [middle] = base as Set<PatchInUnit>
  if (middle!.polygon.length < 4) return null
  const half = Math.min(box.width, box.height) / 2
  const isInscribed =
    slots.length === 4
    && sameLength(box.width, box.height)
    && slots.every(slot => sameLength(squareCorner(slot.polygon)!.leg, half))
  return {
    kind: isInscribed ? 'square-in-square' : 'flip-corner',
    slots: [named(isInscribed ? 'centre' : 'base', middle!), ...slots],
  }
}

/** Rectangles side by side, all as long as the unit: sewn from strips and cut across. */
function stripSet(parts: readonly PatchInUnit[], box: UnitBox): FoundUnit {
  if (parts.length < 2 || !parts.every(part => isUprightRectangle(part.polygon))) return null
  const boxes = parts.map(part => ({ part, box: boundingBox(part.polygon) }))
  const beside = boxes.every(b => sameLength(b.box.height, box.height))
  if (!beside && !boxes.every(b => sameLength(b.box.width, box.width))) return null
  boxes.sort((a, b) => (beside ? a.box.x - b.box.x : a.box.y - b.box.y))
  return { kind: 'strip-set', slots: boxes.map(({ part }, i) => named(`strip ${i + 1}`, part)) }
}

export function isUprightRectangle(polygon: Polygon): boolean {
  if (polygon.length !== 4) return false
  const box = boundingBox(polygon)
  return polygon.every(
    ([x, y]) =>
      (sameLength(x, box.x) || sameLength(x, box.x + box.width))
      && (sameLength(y, box.y) || sameLength(y, box.y + box.height)),
  )
}

/** Four equal sides, and corners that are not square. */
function isDiamond(polygon: Polygon): boolean {
  if (polygon.length !== 4) return false
  const sides = polygon.map((p, i) => Math.hypot(polygon[(i + 1) % 4]![0] - p[0], polygon[(i + 1) % 4]![1] - p[1]))
  const [a, b, , d] = polygon as [Point, Point, Point, Point]
  const dot = (b[0] - a[0]) * (d[0] - a[0]) + (b[1] - a[1]) * (d[1] - a[1])
  return sides.every(side => sameLength(side, sides[0]!)) && Math.abs(dot) > TOLERANCE
}

/** A triangle with two equal sides that is not half of a square. */
function isWedge(polygon: Polygon): boolean {
  if (polygon.length !== 3 || squareCorner(polygon)) return false
  const sides = polygon.map((p, i) => Math.hypot(polygon[(i + 1) % 3]![0] - p[0], polygon[(i + 1) % 3]![1] - p[1]))
  return sides.some((side, i) => sameLength(side, sides[(i + 1) % 3]!))
}

/** A wedge with a corner of the block on its base: half a square whose long side is that base. */
function corneredWedge(parts: readonly PatchInUnit[]): UnitPatch[] | null {
  if (parts.length !== 2) return null
  const corner = parts.find(part => squareCorner(part.polygon))
  const wedge = parts.find(part => part !== corner)
  if (!corner || !wedge || !isWedge(wedge.polygon)) return null
  const { at } = squareCorner(corner.polygon)!
  const base = corner.polygon.filter(point => !samePoint(point, at))
  const tip = wedge.polygon.find(point => !base.some(end => samePoint(end, point)))!
  const isOnBase = base.every(end => wedge.polygon.some(point => samePoint(point, end)))
  const [left, right] = base.map(end => Math.hypot(end[0] - tip[0], end[1] - tip[1]))
  return isOnBase && sameLength(left!, right!) ? [named('wedge', wedge), named('corner', corner)] : null
}

/** The right angle of a triangle, and the far ends of its legs; null for any other figure. */
export function rightAngle(polygon: Polygon): { at: Point; ends: [Point, Point] } | null {
  if (polygon.length !== 3) return null
  for (let i = 0; i < 3; i++) {
    const at = polygon[i]!
    const ends: [Point, Point] = [polygon[(i + 1) % 3]!, polygon[(i + 2) % 3]!]
    if (Math.abs(dot(direction(at, ends[0]), direction(at, ends[1]))) <= TOLERANCE) return { at, ends }
  }
  return null
}

/** The right angle of a triangle with two equal legs, and the length of a leg; null for any other figure. */
export function squareCorner(polygon: Polygon): { at: Point; leg: Inches } | null {
  const corner = rightAngle(polygon)
  if (!corner) return null
  const [leg, other] = corner.ends.map(end => Math.hypot(end[0] - corner.at[0], end[1] - corner.at[1])) as [
    Inches,
    Inches,
  ]
  return sameLength(leg, other) ? { at: corner.at, leg } : null
}

function samePoint(a: Point, b: Point): boolean {
  return sameLength(a[0], b[0]) && sameLength(a[1], b[1])
}
