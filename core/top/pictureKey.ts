// In: a quilt. Out: a text that two quilts share just where their tops, without borders, look alike.
import { finishedPatches } from '../designs/design'
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, designOf, type Cell, type Quilt } from '../file/quilt'
import { placePolygon } from '../geometry/placement'
import type { Polygon } from '../geometry/polygon'
import { dimensionsOf } from './dimensions'
import { outlineOf, type Region } from './regions/region'

/** What is seen of each block and sash, and where; of nothing else. */
export function pictureKey(quilt: Quilt): string {
  const signatures = new Map<Cell, string>()
  const signatureOf = (fabric: Region['fabric']): string => {
    if ('cloth' in fabric) return fabric.cloth
    const signature = signatures.get(fabric.cell) ?? cellSignature(quilt, fabric.cell)
    signatures.set(fabric.cell, signature)
    return signature
  }
  return dimensionsOf(quilt)
    .setting.regions.map(region => `${cornersText(outlineOf(region))}=${signatureOf(region.fabric)}`)
    .sort()
    .join('\n')
}

/** The patches of a block as it lies, each with its cloth; a block of one cloth is that cloth. */
function cellSignature(quilt: Quilt, cell: Cell): string {
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const cloths = clothsOfCell(quilt, cell)
  const worn = new Set(design.patches.map(({ role }) => cloths[role]!))
  if (worn.size === 1) return [...worn][0]!
  return finishedPatches(design, block.width, block.height)
    .map((polygon, i) => {
      const placed = placePolygon(polygon, cell, block.width, block.height)
      return `${cornersText(placed)}:${cloths[design.patches[i]!.role]}`
    })
    .sort()
    .join(';')
}

function cornersText(corners: Polygon): string {
  const written = (length: number) => (length + 1e-5).toFixed(3)
  return corners
    .map(([x, y]) => `${written(x)},${written(y)}`)
    .sort()
    .join(' ')
}
