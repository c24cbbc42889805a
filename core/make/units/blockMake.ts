import type { Polygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
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
  return { ...shapeOf(designOf(quilt, block), block, quilt.seam), block }
}

type BlockShape = Omit<BlockMake, 'block'>

/** A change of cloth, of borders, of other blocks leaves a block as it is: what was worked out for it stays. */
const shapes = new WeakMap<Design, Map<string, BlockShape>>()
/** Sizes of one design that are kept; while a size is dragged each frame has a new one. */
const MAX_SIZES = 6

function shapeOf(design: Design, block: Block, seam: Inches): BlockShape {
  const sizes = shapes.get(design) ?? new Map<string, BlockShape>()
  shapes.set(design, sizes)
  const isOnPapers = block.method === 'foundation'
  const key = [block.width, block.height, seam, isOnPapers].join()
  const shape = sizes.get(key) ?? makeShape(design, block, seam, isOnPapers)
  sizes.delete(key)
  sizes.set(key, shape)
  if (sizes.size > MAX_SIZES) sizes.delete(sizes.keys().next().value!)
  return shape
}

function makeShape(design: Design, block: Block, seam: Inches, isOnPapers: boolean): BlockShape {
  const order = sewingOrderOf(design)
  const polygons = finishedPatches(design, block.width, block.height)
  const papers = isOnPapers ? foundationOf(design) : null
  const tree = papers ? foundationTree(design, papers) : order.tree
  return {
    design,
    order,
    tree,
    units: papers ? patchTree(tree, polygons) : unitTree(tree, polygons),
    polygons,
    papers,
    cutLines: cutLines(tree, polygons, seam),
  }
}
