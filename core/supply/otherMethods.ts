// In: a kind of unit as it is made. Out: other ways that take less of the cloths that are short.
import type { Quilt } from '../file/quilt'
import { blockOf } from '../file/quilt'
import type { ChosenWay, Way } from '../plan/choose'
import type { Shortage } from './shortage'
import type { WayToFit } from './wayToFit'

/** Ways that are tried for one kind of unit. */
const MOST_WAYS = 3

/** For each block that has the unit; a way that was asked for is the quilter's own, and stays. */
export function methodFor(quilt: Quilt, { demand, way, ways }: ChosenWay, short: Shortage): WayToFit[] {
  const area = ({ made }: Way) =>
    made.pieces.reduce(
      (sum, { cloth, width, height, count }) => sum + (short.has(cloth) ? width * height * count : 0),
      0,
    )
  const now = area(way)
  if (now === 0) return []
  const blocks = [...demand.perBlock.keys()].filter(block => !blockOf(quilt, block).derived)
  return ways
    .filter(other => other !== way && !other.method.isLastResort && area(other) < now - 1e-6)
    .sort((a, b) => area(a) - area(b))
    .slice(0, MOST_WAYS)
    .flatMap(({ method }) =>
      blocks.map((block): WayToFit => ({ do: 'method', block, kind: demand.unit.kind, method: method.id })),
    )
}
