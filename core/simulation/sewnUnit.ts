// In: a unit by its shape, and a hand. Out: the unit made many times over, and where its sides and seams then lie.
import type { Point } from '../geometry/polygon'
import { dot } from '../geometry/vector'
import type { Unit } from '../make/units/unit'
import type { Inches } from '../measure/ruler'
import type { Chance } from '../measure/chance'
import type { PatchCorner, EdgeOf, SeamEnd } from './blockShape'
import type { SewingHand } from './hand'
import { around } from './part'
import type { RawEdge, UnitShape } from './rawEdges'

/** How units come about: as planned, all trimmed, none trimmed, or the whole block on papers. */
export type UnitsMade = 'planned' | 'trimmed' | 'as-cut' | 'papers'

/** How units are made. `isTrimmed`: whether one is as it is planned. */
export interface UnitMaking {
  hand: SewingHand
  units: UnitsMade
  isTrimmed: (unit: Unit) => boolean
}

/** All lengths are what differs from the plan: `off` how far out each raw side lies; `x`, `y` where the unit lies. */
export interface SewnUnit {
  edges: readonly RawEdge[]
  off: readonly Float64Array[]
  x: Float64Array
  y: Float64Array
  spread: Inches
  tipSpread: Inches
}

/** A unit as it comes to the block: one patch as it was cut; trimmed; or as its own seams left it. */
export function sewnUnit(
  { unit, shape }: { unit: Unit; shape: UnitShape },
  { hand, units, isTrimmed }: UnitMaking,
  times: number,
  chance: Chance,
): SewnUnit {
  const isAlone = unit.patches.length === 1
  const isOnPaper = units === 'papers'
  const isSet = !isAlone && !isOnPaper && (units === 'trimmed' || (units === 'planned' && isTrimmed(unit)))
  const spread = isOnPaper ? hand.paperScatter : hand.cutScatter
  const bias = isOnPaper || isSet ? 0 : hand.cutBias
  // two sides together stray as much as one cut
  const off = shape.edges.map(() => around(bias / 2, spread / Math.SQRT2, times, chance))
  if (!isAlone && !isSet && !isOnPaper) {
    const taken = shape.seams.map(() => around(hand.seamBias, hand.seamScatter, times, chance))
    for (const [e, { narrowedBy }] of shape.edges.entries())
      for (const { seam, part } of narrowedBy)
        // each seam within takes two allowances and the turn of the cloth, square to itself
        for (let i = 0; i < times; i++) off[e]![i]! -= (2 * taken[seam]![i]! + hand.turn) * part
  }
  return {
    edges: shape.edges,
    off,
    x: new Float64Array(times),
    y: new Float64Array(times),
    spread,
    // a tip stands where the unit's own seams meet, unless the ruler or the paper has set it anew
    tipSpread: isSet || isOnPaper ? spread : Math.hypot(spread, Math.SQRT2 * hand.seamScatter),
  }
}

/** How far out a raw side lies. */
export function rawOut(units: readonly SewnUnit[], { unit, edge }: EdgeOf): Float64Array {
  const { off, x, y, edges } = units[unit]!
  const [nx, ny] = edges[edge]!.normal
  return off[edge]!.map((out, i) => out + nx * x[i]! + ny * y[i]!)
}

/** How far along the side, in the direction `along`, one of its ends lies. */
export function cornerAlong(units: readonly SewnUnit[], corner: PatchCorner, along: Point): Float64Array {
  const { x, y } = units[corner.of.unit]!
  const own = cornerOff(units, corner, along)
  return own.map((at, i) => at + along[0] * x[i]! + along[1] * y[i]!)
}

/** The same within the unit: a corner is where two sides meet. */
function cornerOff(units: readonly SewnUnit[], { of, with: other }: PatchCorner, along: Point): Float64Array {
  const { off, edges } = units[of.unit]!
  const own = off[of.edge]!
  if (!other) return new Float64Array(own.length)
  const { normal } = edges[other.edge]!
  const [across, ahead] = [dot(edges[of.edge]!.normal, normal), dot(along, normal)]
  return off[other.edge]!.map((out, i) => (out - own[i]! * across) / ahead)
}

/** A straight line that ends are counted along: its directions, and how far it lies out. */
export interface UnitLine {
  normal: Point
  along: Point
  out: Float64Array
}

/** How far along a line an earlier seam ends on it. */
export function seamEndAlong(units: readonly SewnUnit[], end: SeamEnd, line: UnitLine, chance: Chance): Float64Array {
  const { normal, along, out } = line
  if ('touch' in end) {
    const { first, second, normal: own } = end.touch
    const [one, other] = [rawOut(units, first), rawOut(units, second)]
    const [across, ahead] = [dot(normal, own), dot(along, own)]
    return out.map((shift, i) => ((one[i]! - other[i]!) / 2 - shift * across) / ahead)
  }
  const { x, y, spread } = units[end.within.unit]!
  const [start, finish] = end.ends.map(corner => cornerOff(units, corner, along)) as [Float64Array, Float64Array]
  return start.map(
    (from, i) =>
      from * (1 - end.part) + finish[i]! * end.part + along[0] * x[i]! + along[1] * y[i]! + spread * chance.normal(),
  )
}

/** The mean of lists, entry by entry. */
export function meanOf(lists: readonly { values: Float64Array; weight: number }[], times: number): Float64Array {
  const sum = new Float64Array(times)
  let all = 0
  for (const { values, weight } of lists) {
    all += weight
    for (let i = 0; i < times; i++) sum[i]! += weight * values[i]!
  }
  return all === 0 ? sum : sum.map(value => value / all)
}
