import { handedOutline } from '../../geometry/handOf'
import { sameLength } from '../../measure/ruler'
import type { DressedPatch } from './dressedUnit'
import type { UnitDemand } from './unitDemand'
import { isCutByTemplate } from './dressUnit'

/** The same demands, each with how many of its mirror image the quilt wants: both hands can then be made in one go. */
export function withMirrored(demands: readonly UnitDemand[]): UnitDemand[] {
  return demands.map(demand => {
    const isMirrorImage =
      demand.unit.kind === 'three-patch'
        ? isMirroredThreePatch
        : demand.unit.patches.length === 1
          ? isMirroredPatch
          : () => false
    const others = demands.filter(other => isMirrorImage(demand, other))
    return {
      ...demand,
      mirrored: others.reduce((sum, other) => sum + other.count, 0),
      mirrors: others.map(other => other.key),
    }
  })
}

/** Three-patch units of the same cloths whose quarters follow each other the other way round. */
function isMirroredThreePatch(one: UnitDemand, other: UnitDemand): boolean {
  const cloths = ({ unit }: UnitDemand) =>
    ['half', 'first', 'second'].map(slot => unit.patches.find(patch => patch.slot === slot)?.cloth)
  if (
    other.unit.kind !== 'three-patch'
    || !sameLength(one.unit.width, other.unit.width)
    || JSON.stringify(one.method) !== JSON.stringify(other.method)
  )
    return false
  const [half, first, second] = cloths(one)
  const [otherHalf, otherFirst, otherSecond] = cloths(other)
  return half === otherHalf && first === otherSecond && second === otherFirst && first !== second
}

/** Single patches of one cloth whose outlines are mirror images, and not alike however they are turned. */
function isMirroredPatch(one: UnitDemand, other: UnitDemand): boolean {
  if (one === other || other.unit.patches.length !== 1 || other.unit.kind !== one.unit.kind) return false
  const [own, its] = [one.unit.patches[0]!, other.unit.patches[0]!]
  if (
    own.cloth !== its.cloth
    || own.isUpright
    || its.isUpright
    || !sameLength(one.unit.width * one.unit.height, other.unit.width * other.unit.height)
  )
    return false
  const outlineOf = (demand: UnitDemand, { polygon, cutLine }: DressedPatch) =>
    handedOutline(isCutByTemplate(demand.method, demand.unit.kind, polygon) ? cutLine : polygon)
  const { key, mirrored } = outlineOf(one, own)
  return key !== mirrored && outlineOf(other, its).key === mirrored
}
