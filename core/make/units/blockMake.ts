import type { Polygon } from '../../geometry/polygon'
import { designOf, type Block, type Quilt } from '../../file/quilt'
import { cutLines } from '../order/cutLines'
import { finishedPatches, type Design } from '../../designs/design'
import type { Foundation } from '../order/foundation'
import { foundationOf, foundationTree, sewingOrderOf } from '../order/howSewn'
import type { SewingOrder, SewingTree } from '../order/sewingTree'
import { patchTree, unitTree, type UnitTree } from './unitTree'

/**
 * How a block is sewn, whatever its cloth. `papers`: on which it is sewn, when the quilter wants it so and it can be.
 * `cutLines`: of each patch, if it is cut by a template.
 */
export interface BlockMake {
  block: Block
  design: Design
  order: SewingOrder
  tree: SewingTree
  units: UnitTree
  polygons: Polygon[]
  papers: Foundation | null
  cutLines: Polygon[]
}

export function blockMake(quilt: Quilt, block: Block): BlockMake {
  const design = designOf(quilt, block)
  const order = sewingOrderOf(design)
  const polygons = finishedPatches(design, block.width, block.height)
  const papers = block.method === 'foundation' ? foundationOf(design) : null
  const tree = papers ? foundationTree(design, papers) : order.tree
  return {
    block,
    design,
    order,
    tree,
    units: papers ? patchTree(tree, polygons) : unitTree(tree, polygons),
    polygons,
    papers,
    cutLines: cutLines(tree, polygons, quilt.seam),
  }
}
