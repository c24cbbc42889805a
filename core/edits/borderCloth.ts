import { finishedPatches } from '../designs/design'
import { clothsOfCell } from '../file/clothsOfCell'
import { fabricsOf } from '../file/trayCloths'
import { lightness } from '../measure/lightness'
import { TOLERANCE } from '../measure/ruler'
import { dimensionsOf } from '../top/dimensions'
import { drawnTop } from '../top/parts'
import type { Region } from '../top/regions/region'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '../file/quilt'

/**
 * The cloth for another border: of those in the quilt the one that stands out most from what it will touch, so that
 * no figure melts into it.
 */
export function borderCloth(quilt: Quilt): string {
  const touched = outermost(quilt).map(id => lightness(clothOf(quilt, id).colour))
  const apart = (colour: string) => Math.min(...touched.map(other => Math.abs(other - lightness(colour))))
  return fabricsOf(quilt.cloths).reduce((a, b) => (apart(b.colour) > apart(a.colour) + 1e-9 ? b : a)).id
}

/** Cloths along the edge of the top as it is now. */
function outermost(quilt: Quilt): string[] {
  const dimensions = dimensionsOf(quilt)
  const { width, height } = drawnTop(dimensions)
  const isAtEdge = ({ x, y, width: wide, height: high }: Region) =>
    Math.min(x, y, width - x - wide, height - y - high) <= TOLERANCE
  const worn = new Set<Cell>()
  const cloths = new Set<string>()
  for (const region of dimensions.top.regions.filter(isAtEdge)) {
    if ('cloth' in region.fabric) cloths.add(region.fabric.cloth)
    else worn.add(region.fabric.cell)
  }
  return [...new Set([...cloths, ...[...worn].flatMap(cell => edgeCloths(quilt, cell))])]
}

/** Cloths of the patches along the edges of a block, whichever way it stands. */
function edgeCloths(quilt: Quilt, cell: Cell): string[] {
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const cloths = clothsOfCell(quilt, cell)
  const isAtEdge = ([x, y]: readonly [number, number]) => Math.min(x, y, block.width - x, block.height - y) <= TOLERANCE
  return finishedPatches(design, block.width, block.height).flatMap((polygon, i) => {
    const hasEdge = polygon.some((point, k) => isAtEdge(point) && isAtEdge(polygon[(k + 1) % polygon.length]!))
    return hasEdge ? [cloths[design.patches[i]!.role]!] : []
  })
}
