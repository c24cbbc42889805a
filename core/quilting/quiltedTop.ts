// In: the quilt and how its blocks are drawn. Out: every patch of the top where it lies, from the raw top left.
import type { Quilt } from '../file/quilt'
import type { Point, Polygon } from '../geometry/polygon'
import type { BlockMake } from '../make/units/blockMake'
import { pointInTop } from '../make/units/pointInTop'
import type { Inches } from '../measure/ruler'
import { addTerms } from '../measure/sum'
import type { Dimensions } from '../top/dimensions'
import { drawnTop } from '../top/parts'
import { beyondFinished } from '../top/regions/rawEdge'
import { outlineOf, ownSize, type Region } from '../top/regions/region'
import type { QuiltedTop, QuiltedPart, QuiltedPatch } from './quiltingLine'

/** Where the drawing of a top lies in the raw top: a drawn place is `beyond` + place × `sx`, `sy` from its top left. */
export interface RawPlace {
  width: Inches
  height: Inches
  beyond: Inches
  sx: number
  sy: number
}

/** Drawn as planned, the raw top as it was measured. */
export function rawPlace(quilt: Quilt, dimensions: Pick<Dimensions, 'top'>): RawPlace {
  const drawn = drawnTop(dimensions as Dimensions)
  const stage = dimensions.top.stages.at(-1)!
  const beyond = addTerms(beyondFinished(quilt, 1))
  return {
    width: stage.width.total + 2 * beyond,
    height: stage.height.total + 2 * beyond,
    beyond,
    sx: stage.width.total / drawn.width,
    sy: stage.height.total / drawn.height,
  }
}

/** The top as it is quilted: what was measured is drawn as large as it is. */
export function quiltedTop(
  quilt: Quilt,
  makes: ReadonlyMap<string, BlockMake>,
  dimensions: Pick<Dimensions, 'top'>,
): QuiltedTop {
  const { width, height, beyond, sx, sy } = rawPlace(quilt, dimensions)
  const placed = ([x, y]: Point): Point => [beyond + x * sx, beyond + y * sy]
  const parts: QuiltedPart[] = []
  const patches: QuiltedPatch[] = []
  for (const region of dimensions.top.regions) {
    const outline = outlineOf(region).map(placed)
    const part = parts.push({ kind: kindOf(region), outline, ...blockIn(region) }) - 1
    const polygons =
      'cell' in region.fabric ? patchesIn(region, region.fabric.cell, makes).map(p => p.map(placed)) : [outline]
    for (const polygon of polygons) patches.push({ polygon, part })
  }
  return { width, height, beyond, parts, patches }
}

function kindOf({ part }: Region): QuiltedPart['kind'] {
  if (part.kind === 'block' || part.kind === 'half-block') return 'block'
  return part.kind === 'border' ? 'border' : 'other'
}

function blockIn({ part, fabric }: Region): { block?: string } {
  return part.kind === 'block' && 'cell' in fabric ? { block: fabric.cell.block } : {}
}

function patchesIn(
  region: Region,
  cell: Extract<Region['fabric'], { cell: unknown }>['cell'],
  makes: ReadonlyMap<string, BlockMake>,
): Polygon[] {
  const { design, block, ...make } = makes.get(cell.block)!
  // as large as it was measured
  const { width, height } = ownSize(region)
  const [across, down] = cell.turn % 180 === 0 ? [width, height] : [height, width]
  const sized = { ...make, design, block: { ...block, width: across, height: down } }
  return design.patches.map(({ points }) => points.map(point => pointInTop(region, sized, cell, point)))
}
