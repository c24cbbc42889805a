// In: rows in the order of joining, and how all is pressed. Out: at each join between them, which crossings lock.
import type { Region } from '../top/region'
import type { QuiltRow } from '../top/rows'
import type { SettingRow } from '../top/setting'
import { turnsAt, type QuiltPressing } from './pressing/quiltPressing'

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
  const joints = rows.map((row, r) => jointsOf(row, pressOf[r]!))
  joints.slice(1).forEach((next, r) => {
    const before = joints[r]!
    for (const [at, turn] of next) {
      const met = before.get(at)
      if (met !== undefined) add(r, [met, -turn])
    }
  })
  return found
}

/** The seams between the parts of a row by where they stand, and how each turns where it meets the next row. */
function jointsOf({ kind, regions }: SettingRow, press: QuiltRow['press']): Map<string, number> {
  const joints = new Map<string, number>()
  // along a column is downwards: its seams turn the other way
  const sense = kind === 'column' ? -1 : 1
  regions.slice(1).forEach((region, k) => {
    const at = spanOf(region, kind)?.[0] ?? spanOf(regions[k]!, kind)?.[1]
    if (at === undefined) return
    const onwards =
      press === 'sashes' ? (region.part.kind === 'sash' ? 1 : -1) : press === 'right' || press === 'down' ? 1 : -1
    joints.set(at.toFixed(3), onwards * sense)
  })
  return joints
}

/** From where to where a part reaches along its row; of triangles it is not said. */
export function spanOf(region: Region, kind: SettingRow['kind']): readonly [number, number] | undefined {
  const { x, y, width, height, own } = region
  if (!own) return kind === 'column' ? [y, y + height] : [x, x + width]
  if (region.part.kind === 'side-triangle' || region.part.kind === 'corner-triangle') return undefined
  const middle = (x + width / 2 - (y + height / 2)) * Math.SQRT1_2
  return [middle - own.width / 2, middle + own.width / 2]
}
