import { boundingBox, type Polygon } from '../../geometry/polygon'
import { because, type Reckonable } from '../../measure/reckoned'
import type { Inches } from '../../measure/ruler'
import { unfinishedSide } from '../../measure/unfinishedSide'
import { patchesOf, type SewingTree } from './sewingTree'

/** A sewing tree that says after each seam how large the part now is, raw edge to raw edge. */
export type SizedTree =
  | { patch: number }
  | (Omit<Extract<SewingTree, { join: unknown }>, 'join'> & {
      join: [SizedTree, SizedTree]
      width: Inches
      height: Inches
    })

/** In: the order of sewing, and the patches finished, in inches. Out: the same with the size after each seam. */
export function sizedTree(tree: SewingTree, polygons: readonly Polygon[], seam: Inches): Reckonable<SizedTree> {
  if ('patch' in tree) return tree
  const box = boundingBox(patchesOf(tree).flatMap(patch => polygons[patch]!))
  return {
    ...tree,
    join: [sizedTree(tree.join[0], polygons, seam), sizedTree(tree.join[1], polygons, seam)],
    width: because(unfinishedSide(box.width, seam)),
    height: because(unfinishedSide(box.height, seam)),
  }
}
