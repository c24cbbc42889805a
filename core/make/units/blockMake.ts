import type { Polygon } from '../../geometry/polygon'
import { offsetPolygon } from '../../geometry/offset'
import { TOLERANCE, type Inches } from '../../measure/ruler'
import { segmentsOf, squaresAlone, type Segment, type WordSettings } from '../../charts/words'
import { clothOf, designOf, type Block, type Quilt } from '../../file/quilt'
import { letterOf } from '../../designs/squares'
import { cutLines } from '../order/cutLines'
import { finishedPatches, type Design } from '../../designs/design'
import type { SquarePicture } from '../../designs/chart'
import type { Foundation } from '../order/foundation'
import { foundationOf, foundationTree, sewingOrderOf } from '../order/howSewn'
import { pictureOrder } from '../order/pictureOrder'
import type { SewingOrder, SewingTree } from '../order/sewingTree'
import { pictureUnits } from './pictureUnits'
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
  /** Of a picture: the squares of each row, from the top, that come from strip sets, and those alone. */
  segments?: readonly (readonly Segment[])[]
}

export function blockMake(quilt: Quilt, block: Block): BlockMake {
  const design = designOf(quilt, block)
  const words = design.picture?.chart.way === 'strip-sets' ? wordSettings(quilt, block, design.picture) : null
  return { ...shapeOf(design, block, quilt.seam, words), block }
}

/**
 * What strip sets for a picture start from: how many segments one gives, by the narrowest cloth of the block; scraps
 * and prints with an up are cut as squares alone.
 */
function wordSettings(quilt: Quilt, block: Block, { rows, chart }: SquarePicture): WordSettings {
  const roles = Object.keys(block.cloths)
  const cloths = roles.map(role => ({ letter: letterOf(role), cloth: clothOf(quilt, block.cloths[role]!) }))
  const usable = Math.min(...cloths.map(({ cloth }) => cloth.usable))
  const segment = block.height / rows.length + 2 * quilt.seam
  const isScrappy = (letter: string) => (chart.cloths[letter]?.length ?? 1) > 1
  const alone = cloths.filter(({ letter, cloth }) => cloth.directional || isScrappy(letter)).map(({ letter }) => letter)
  return { perSet: Math.max(1, Math.floor((usable + TOLERANCE) / segment)), alone: new Set(alone) }
}

type BlockShape = Omit<BlockMake, 'block'>

/** A change of cloth, of borders, of other blocks leaves a block as it is: what was worked out for it stays. */
const shapes = new WeakMap<Design, Map<string, BlockShape>>()
/** Sizes of one design that are kept; while a size is dragged each frame has a new one. */
const MAX_SIZES = 6

function shapeOf(design: Design, block: Block, seam: Inches, words: WordSettings | null): BlockShape {
  const sizes = shapes.get(design) ?? new Map<string, BlockShape>()
  shapes.set(design, sizes)
  const isOnPapers = block.method === 'foundation' && !design.picture
  const wordsKey = words ? `${words.perSet} ${[...words.alone].sort().join('')}` : ''
  const key = [block.width, block.height, seam, isOnPapers, wordsKey].join()
  const shape =
    sizes.get(key)
    ?? (design.picture
      ? pictureShape(design, design.picture, block, seam, words)
      : makeShape(design, block, seam, isOnPapers))
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

/** A picture is sewn as its chart is read: nothing is searched for. */
function pictureShape(
  design: Design,
  picture: SquarePicture,
  block: Block,
  seam: Inches,
  words: WordSettings | null,
): BlockShape {
  const polygons = finishedPatches(design, block.width, block.height)
  const segments = words ? segmentsOf(picture, words) : squaresAlone(picture)
  const tree = pictureOrder(picture, segments)
  return {
    design,
    order: { tree, setIn: 0, partial: 0, isProven: true },
    tree,
    units: pictureUnits(picture, segments, polygons),
    polygons,
    papers: null,
    cutLines: polygons.map(polygon => offsetPolygon(polygon, seam)),
    segments,
  }
}
