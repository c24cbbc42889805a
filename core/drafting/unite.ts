import { arrangementOf } from '../geometry/arrangement'
import { isSimple, withoutIdleCorners, type Point, type Polygon } from '../geometry/polygon'
import { GRID_TOLERANCE } from '../geometry/tiling'
import type { Draft } from './draft'

/**
 * Two neighbours as one patch in the first one's role: a line taken out again. Null when they do not touch, or would
 * close round a hole.
 */
export function unitePatches(draft: Draft, first: number, second: number): Draft | null {
  const one = unite(draft.patches[first]!.points, draft.patches[second]!.points)
  return (
    one && {
      ...draft,
      patches: draft.patches.flatMap((patch, i) =>
        i === second ? [] : i === first ? [{ ...patch, points: one }] : [patch],
      ),
    }
  )
}

/** Two polygons that share an edge as one, without the edge. */
export function unite(one: Polygon, other: Polygon): Polygon | null {
  const { corners, edges } = arrangementOf([one, other])
  const next = new Map<number, number>()
  for (const { from, to, left } of edges) {
    if (left !== -1) continue
    if (next.has(from)) return null
    next.set(from, to)
  }
  const start = next.keys().next().value!
  const outline: Point[] = []
  for (let at = start; outline.length === 0 || at !== start; at = next.get(at)!) outline.push(corners[at]!)
  const polygon = withoutIdleCorners(outline, GRID_TOLERANCE)
  return outline.length === next.size && isSimple(polygon) ? polygon : null
}
