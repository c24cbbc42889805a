import { boundingBox, type Polygon } from '../../geometry/polygon'
import { explained, type Explainable } from '../../measure/explained'
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
export function sizedTree(tree: SewingTree, polygons: readonly Polygon[], seam: Inches): Explainable<SizedTree> {
  if ('patch' in tree) return tree
  const box = boundingBox(patchesOf(tree).flatMap(patch => polygons[patch]!))
  return {
    ...tree,
    join: [sizedTree(tree.join[0], polygons, seam), sizedTree(tree.join[1], polygons, seam)],
    width: explained(unfinishedSide(box.width, seam)),
    height: explained(unfinishedSide(box.height, seam)),
  }
}
