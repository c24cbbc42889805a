// In: rows in the order of joining, and how all is pressed. Out: at each join between them, which crossings lock.
import type { Point } from '../geometry/polygon'
import { ownSize, type Region } from '../top/regions/region'
import type { QuiltRow } from '../top/rows'
import type { SettingRow } from '../top/settings/setting'
import { turnsAt, type QuiltPressing } from '../pressing/quiltPressing'

/** Crossings of seams on the join of two neighbouring rows. */
export interface RowCrossings {
  count: number
  /** Those at which the feed pushes the two allowances onto each other: all others want a pin. */
  locking: number
}

/**
 * For each row but the last, the join to the next. A crossing locks by itself where, sewn from either side, the
 * allowance underneath points towards you: both then turn anticlockwise round it. Neighbouring crossings often turn
 * opposite ways, so that half of them at most lock. Source: handbook §7.
 */
export function rowCrossings(
  rows: readonly SettingRow[],
  pressOf: readonly QuiltRow['press'][],
  pressing: QuiltPressing,
): RowCrossings[] {
  const rowOf = new Map<Region, number>()
  rows.forEach(({ regions }, r) => regions.forEach(region => rowOf.set(region, r)))
  const found = rows.slice(1).map((): RowCrossings => ({ count: 0, locking: 0 }))
  const add = (join: number, turns: readonly [number, number]) => {
    found[join]!.count += 1
    if (turns.every(turn => turn < 0)) found[join]!.locking += 1
  }
  for (const crossing of pressing.outer) {
    // blocks in frames meet nothing
    const [one = NaN, other = NaN] = crossing.ends.map(({ region }) => rowOf.get(pressing.regions[region]!))
    if (Math.abs(one - other) === 1) add(Math.min(one, other), turnsAt(pressing, crossing))
  }
  for (const { join, turns } of jointCrossings(rows, pressOf)) add(join, turns)
  return found
}

/** Where a seam within a row meets one within the next: at the corners of four blocks, sashes or posts. */
export interface JointCrossing {
  /** The join between this row and the next. */
  join: number
  at: Point
  /** Which way both turn round the point: 1 clockwise, -1 back. */
  turns: [number, number]
}

/** All corners at which four parts of two neighbouring rows meet; from the setting's top left. */
export function jointCrossings(rows: readonly SettingRow[], pressOf: readonly QuiltRow['press'][]): JointCrossing[] {
  const joints = rows.map((row, r) => jointsOf(row, pressOf[r]!))
  return joints.slice(1).flatMap((next, r) =>
    [...next].flatMap(([key, joint]): JointCrossing[] => {
      const met = joints[r]!.get(key)
      // seen from the other row the same side is the other way round
      return met ? [{ join: r, at: met.at, turns: [met.turn, -joint.turn] }] : []
    }),
  )
}

interface Joint {
  /** Where the seam ends at the next row. */
  at: Point
  turn: number
}

/** The seams between the parts of a row by where they stand, and how each turns where it meets the next row. */
function jointsOf({ kind, regions }: SettingRow, press: QuiltRow['press']): Map<string, Joint> {
  const joints = new Map<string, Joint>()
  // along a column is downwards: its seams turn the other way
  const sense = kind === 'column' ? -1 : 1
  regions.slice(1).forEach((region, k) => {
    const along = spanOf(region, kind)?.[0] ?? spanOf(regions[k]!, kind)?.[1]
    if (along === undefined) return
    const at = endOf(spanOf(region, kind) ? region : regions[k]!, kind, along)
    // a shade off, so that no place is rounded both ways, nor written as less than nothing
    joints.set((along + 0.00037).toFixed(3), { at, turn: onwardsOf(press, region) * sense })
  })
  return joints
}

/** Whether the allowance before a part lies on along its row: 1, or back: -1. */
function onwardsOf(press: QuiltRow['press'], { part }: Region): number {
  if (press === 'sashes') return part.kind === 'sash' ? 1 : -1
  return press === 'right' || press === 'down' ? 1 : -1
}

/** The place on the far edge of a row, so far along it. */
function endOf(region: Region, kind: SettingRow['kind'], along: number): Point {
  const { x, y, width, height, own } = region
  if (!own) return kind === 'column' ? [x + width, along] : [along, y + height]
  const deep = (x + width / 2 + (y + height / 2)) * Math.SQRT1_2 + ownSize(region).height / 2
  return [(deep + along) * Math.SQRT1_2, (deep - along) * Math.SQRT1_2]
}

/** From where to where a part reaches along its row; of triangles it is not said. */
export function spanOf(region: Region, kind: SettingRow['kind']): readonly [number, number] | undefined {
  const { x, y, width, height, own } = region
  if (region.part.kind === 'side-triangle' || region.part.kind === 'corner-triangle') return undefined
  if (!own) return kind === 'column' ? [y, y + height] : [x, x + width]
  const middle = (x + width / 2 - (y + height / 2)) * Math.SQRT1_2
  return [middle - own.width / 2, middle + own.width / 2]
}
