import { area, boundingBox, type Point, type Polygon } from '../geometry/polygon'
import { tilingFaults } from '../geometry/tiling'
import type { Draft } from './draft'

/** Something in a drawing that cannot be sewn, and where. */
export interface DraftFault {
  code: 'not-a-polygon' | 'outside' | 'gap-or-overlap' | 'sliver'
  patch: number
  at: Point
}

/** Thinner than this, in grid units, a patch is a slip of the pencil. */
const SLIVER = 0.05

/** What keeps a drawing from being a block: gaps, overlaps, slivers. */
export function draftFaults({ patches, width, height }: Draft): DraftFault[] {
  const faults = tilingFaults(
    patches.map(patch => patch.points),
    width,
    height,
  ).map((fault): DraftFault => ({
    code: fault.code,
    patch: fault.patch,
    at: 'at' in fault ? fault.at : patches[fault.patch]!.points[0]!,
  }))
  return faults.length > 0
    ? faults
    : patches.flatMap(({ points }, patch): DraftFault[] =>
        thickness(points) < SLIVER ? [{ code: 'sliver', patch, at: middle(points) }] : [],
      )
}

/** Area by the longest side: for a thin patch its width. */
function thickness(polygon: Polygon): number {
  const longest = Math.max(
    ...polygon.map((p, i) =>
      Math.hypot(polygon[(i + 1) % polygon.length]![0] - p[0], polygon[(i + 1) % polygon.length]![1] - p[1]),
    ),
  )
  return area(polygon) / longest
}

function middle(polygon: Polygon): Point {
  const box = boundingBox(polygon)
  return [box.x + box.width / 2, box.y + box.height / 2]
}
