// In: units as they were made, and a join. Out: what goes wrong in it; its second part lies where it is sewn on.
import type { Point } from '../geometry/polygon'
import { dot } from '../geometry/vector'
import type { Chance } from '../measure/chance'
import type { EdgeOf, JoinShape, SeamLeg, SeamEnd } from './blockShape'
import { around, MISS, TIP_TOLERANCE, type PartSeam, type Tally } from './part'
import { cornerAlong, meanOf, rawOut, seamEndAlong, type UnitLine, type SewnUnit } from './sewnUnit'

export interface Sewing {
  units: readonly SewnUnit[]
  seam: PartSeam
  times: number
  chance: Chance
}

/**
 * Sews one join, to first order: its second part is moved so that raw edges lie level in the mean, less what the seam
 * takes from both and the turn of the cloth. Along a straight join middles are matched; a part that turns at a dot
 * fits all its legs as well as it can. Source: handbook §7, error model.
 */
export function sewJoin(join: JoinShape, sewing: Sewing): Tally {
  const { units, seam, times, chance } = sewing
  const taken = around(seam.bias, seam.scatter, times, chance)
  const across = join.legs.map((leg): Pull => {
    const [first, second] = (['first', 'second'] as const).map(side => sideOut(leg, side, sewing))
    const by = first!.map((out, i) => out + second![i]! - 2 * taken[i]! - seam.turn)
    return { direction: leg.normal, weight: lengthOf(leg), by }
  })
  const [leg] = join.legs
  const pulls =
    leg && isStraight(join) ? [...across, { direction: leg.along, weight: 1, by: offMiddles(leg, sewing) }] : across
  const { x, y } = fitted(pulls, times)
  for (const unit of units.slice(join.middle, join.to))
    for (let i = 0; i < times; i++) {
      unit.x[i]! += x[i]!
      unit.y[i]! += y[i]!
    }
  return join.legs
    .map(own => tallyOf(own, taken, sewing))
    .reduce(summed, { tips: 0, tipsCut: 0, crossings: 0, missed: 0 })
}

function isStraight({ legs }: JoinShape): boolean {
  return legs.every(({ normal }) => Math.abs(dot(normal, legs[0]!.along)) < 1e-6)
}

function lengthOf({ touches }: Pick<SeamLeg, 'touches'>): number {
  return touches.reduce((sum, { length }) => sum + length, 0)
}

/** How far out a side of the leg lies in the mean. */
function sideOut({ touches }: SeamLeg, side: 'first' | 'second', { units, times }: Sewing): Float64Array {
  return meanOf(
    touches.map(touch => ({ values: rawOut(units, touch[side]), weight: touch.length })),
    times,
  )
}

/** How far the second part must be moved along the leg so that its middle lies on that of the first. */
function offMiddles({ along, corners }: SeamLeg, { units, times }: Sewing): Float64Array {
  const [first, second] = corners.map(ends =>
    meanOf(
      ends.map(corner => ({ values: cornerAlong(units, corner, along), weight: 1 })),
      times,
    ),
  )
  return first!.map((at, i) => at - second![i]!)
}

/** So far in that direction. */
interface Pull {
  direction: Point
  weight: number
  by: Float64Array
}

/** The move that fits all pulls best, by least squares. */
function fitted(pulls: readonly Pull[], times: number): { x: Float64Array; y: Float64Array } {
  let [xx, xy, yy] = [0, 0, 0]
  const [bx, by] = [new Float64Array(times), new Float64Array(times)]
  for (const {
    direction: [dx, dy],
    weight,
    by: values,
  } of pulls) {
    xx += weight * dx * dx
    xy += weight * dx * dy
    yy += weight * dy * dy
    for (let i = 0; i < times; i++) {
      bx[i]! += weight * dx * values[i]!
      by[i]! += weight * dy * values[i]!
    }
  }
  const whole = xx * yy - xy * xy
  if (Math.abs(whole) < 1e-9) return { x: new Float64Array(times), y: new Float64Array(times) }
  return {
    x: bx.map((value, i) => (yy * value - xy * by[i]!) / whole),
    y: by.map((value, i) => (xx * value - xy * bx[i]!) / whole),
  }
}

/** Tips that the seam cuts off, and seams that should meet in it and do not. */
function tallyOf(leg: SeamLeg, taken: Float64Array, sewing: Sewing): Tally {
  const { units, times, chance } = sewing
  const tally: Tally = { tips: 0, tipsCut: 0, crossings: 0, missed: 0 }
  const outs = { first: sideOut(leg, 'first', sewing), second: sideOut(leg, 'second', sewing) }
  for (const side of ['first', 'second'] as const)
    for (const { of, isWithin } of leg[side].sharp) {
      const out = rawOut(units, of)
      const spread = tipSpread(of, isWithin, sewing)
      tally.tips += 1
      for (let i = 0; i < times; i++)
        if (taken[i]! + out[i]! - outs[side][i]! - spread * chance.normal() > TIP_TOLERANCE) tally.tipsCut += 1
    }
  const line: UnitLine = {
    normal: leg.normal,
    along: leg.along,
    out: outs.first.map((out, i) => (out - outs.second[i]!) / 2),
  }
  for (const [one, other] of meetings(leg)) {
    const [a, b] = [seamsAlong(one, line, sewing), seamsAlong(other, line, sewing)]
    tally.crossings += 1
    for (let i = 0; i < times; i++) if (Math.abs(a[i]! - b[i]!) > MISS) tally.missed += 1
  }
  return tally
}

/** A tip within a unit strays as the unit was made; one that an earlier join made, by that join too. */
function tipSpread({ unit }: EdgeOf, isWithin: boolean, { units, seam }: Sewing): number {
  const { spread, tipSpread: own } = units[unit]!
  return isWithin ? own : Math.hypot(spread, Math.SQRT2 * seam.scatter)
}

/** Points of a leg at which earlier seams end from both sides. */
function meetings({ first, second }: SeamLeg): [readonly SeamEnd[], readonly SeamEnd[]][] {
  return first.seams.flatMap(one => {
    const other = second.seams.find(({ at }) => Math.abs(at - one.at) < 1e-4)
    return other ? [[one.ends, other.ends] as [readonly SeamEnd[], readonly SeamEnd[]]] : []
  })
}

/** Where seams end on a line that end at one point by the plan. */
export function seamsAlong(ends: readonly SeamEnd[], line: UnitLine, sewing: Sewing): Float64Array {
  const { units, times, chance } = sewing
  return meanOf(
    ends.map(end => ({ values: seamEndAlong(units, end, line, chance), weight: 1 })),
    times,
  )
}

function summed(one: Tally, other: Tally): Tally {
  return {
    tips: one.tips + other.tips,
    tipsCut: one.tipsCut + other.tipsCut,
    crossings: one.crossings + other.crossings,
    missed: one.missed + other.missed,
  }
}
