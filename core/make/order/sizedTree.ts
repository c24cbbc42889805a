import { boundingBox, type Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { SewingTree } from './sewingTree'
import { patchesOf } from './sewingTree'

/** A sewing tree that says after each seam how large the part now is, raw edge to raw edge. */
export type SizedTree =
  | { patch: number }
  | (Omit<Extract<SewingTree, { join: unknown }>, 'join'> & {
      join: [SizedTree, SizedTree]
      width: Inches
      height: Inches
    })

/** `polygons`: finished, in inches. */
export function sizedTree(tree: SewingTree, polygons: readonly Polygon[], seam: Inches): SizedTree {
  if ('patch' in tree) return tree
  const box = boundingBox(patchesOf(tree).flatMap(patch => polygons[patch]!))
  return {
    ...tree,
    join: [sizedTree(tree.join[0], polygons, seam), sizedTree(tree.join[1], polygons, seam)],
    width: box.width + 2 * seam,
    height: box.height + 2 * seam,
  }
}
