// In: a unit in its cloths, and how its block is pressed. Out: the unit from behind, its allowances as they lie.
import { sharedRuns } from '../geometry/sharedEdges'
import { backShapes, backView } from '../make/joins/backView'
import type { SeamEdge } from '../make/pressing/meetings'
import type { Picture } from '../make/steps/picture'
import type { Press } from '../make/steps/press'
import type { BlockMake } from '../make/units/blockMake'
import type { DressedUnit } from '../make/units/dressedUnit'
import type { Feed } from '../make/units/dressUnit'
import type { Inches } from '../measure/ruler'
import { TOLERANCE } from '../measure/ruler'
import { seamsOf } from '../pressing/signatures'

/** As the unit lies in the pictures of its steps. Null where it has no seam of its own. */
export function unitBack(
  { patches, width, height }: DressedUnit,
  feeds: readonly Feed[],
  make: BlockMake,
  press: readonly Press[],
  seam: Inches,
): Picture | null {
  if (patches.length < 2 || feeds.length !== patches.length) return null
  const slotOf = new Map(feeds.map(({ slot, patch }) => [patch, patches.findIndex(other => other.slot === slot)]))
  const edges = seamsOf(make).edges.flatMap((edge): SeamEdge[] => {
    const [first, second] = [slotOf.get(edge.first), slotOf.get(edge.second)]
    if (first === undefined || second === undefined) return []
    const runs = sharedRuns([patches[first]!.polygon], [patches[second]!.polygon], TOLERANCE * 100)
    return runs.flatMap(points =>
      points.slice(1).map((to, i): SeamEdge => ({ join: edge.join, from: points[i]!, to, first, second })),
    )
  })
  const polygons = patches.map(({ polygon }) => polygon)
  return backView(backShapes({ width, height, polygons, edges, press, seam }), patch => patches[patch]!.cloth)
}
