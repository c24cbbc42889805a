// In: the regions of a setting. Out: where seams of neighbouring blocks end opposite each other.
import type { Point } from '../geometry/polygon'
import type { Cell } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import { pointInTop } from '../make/units/pointInTop'
import type { Region } from '../top/regions/region'
import type { SignedCell } from './signatures'

/** A block in its place: a region that wears a cell. */
export type BlockRegion = Region & { fabric: { cell: Cell } }

/** A seam of a block in the quilt that ends on the edge of its block. */
export interface PlacedEnd {
  /** Its block, by its place in the list of regions. */
  region: number
  join: number
  /** As in the block, turned round where that stands mirrored. */
  sense: 1 | -1
}

/** Two seams of neighbours that end at one point of the seam between them. */
export interface OuterCrossing {
  at: Point
  ends: readonly [PlacedEnd, PlacedEnd]
}

/** More marks, of a thousandth of an inch, than any quilt is long. */
const MAX_MARKS = 2 ** 26

/** All points at which the seams of two blocks meet across the seam between them. */
export function outerCrossings(
  regions: readonly BlockRegion[],
  makes: ReadonlyMap<string, BlockMake>,
  signatures: ReadonlyMap<Cell, SignedCell>,
): OuterCrossing[] {
  const byPoint = new Map<number, { at: Point; ends: PlacedEnd[] }>()
  regions.forEach((region, i) => {
    const { cell } = region.fabric
    const { signature, ...placement } = signatures.get(cell)!
    if (signature.seams.ends.length === 0) return
    const make = makes.get(cell.block)!
    for (const { join, sense, at } of signature.seams.ends) {
      const point = pointInTop(region, make, placement, at)
      // a shade off the middle between two marks, so that no mark is rounded both ways
      const [x, y] = point.map(value => Math.round((value + 0.00037) * 1000)) as [number, number]
      const key = x * MAX_MARKS + y
      const found = byPoint.get(key) ?? { at: point, ends: [] }
      found.ends.push({ region: i, join, sense: placement.mirror ? (-sense as 1 | -1) : sense })
      byPoint.set(key, found)
    }
  })
  return [...byPoint.values()].flatMap(({ at, ends }): OuterCrossing[] => {
    const [one, other, ...more] = ends
    return one && other && more.length === 0 && one.region !== other.region ? [{ at, ends: [one, other] }] : []
  })
}
