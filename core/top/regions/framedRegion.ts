// In: a framed block in its place. Out: the block itself, and the strips round it in the order of sewing.
import { TOLERANCE } from '../../measure/ruler'
import { placePolygon } from '../../geometry/placement'
import { boundingBox, cornersOf, type Box, type Point } from '../../geometry/polygon'
import { blockOf, type Quilt } from '../../file/quilt'
import { ownSize, type TopPart, type Region } from './region'

/** A block without frames is one region, as it was. */
export function framedRegions(quilt: Quilt, region: Region): Region[] {
  const { part, fabric } = region
  if (part.kind !== 'block' || !('cell' in fabric)) return [region]
  const { cell } = fabric
  const { frame } = blockOf(quilt, cell.block)
  if (frame.length === 0) return [region]
  const standing = ownSize(region)
  const isTurned = cell.turn % 180 !== 0
  const whole = isTurned ? { width: standing.height, height: standing.width } : standing
  const put = (box: Box, stands: TopPart, worn: Region['fabric']): Region =>
    within(region, boundingBox(placePolygon(cornersOf(box), cell, whole.width, whole.height)), stands, worn)
  const strips: Region[] = []
  // from the outside in, for what is inside is what the outer strips leave
  let inside: Box = { x: 0, y: 0, ...whole }
  for (const { cloth, sides, ends } of [...frame].reverse()) {
    const { x, y, width, height } = inside
    const strip = (box: Box) => put(box, { kind: 'frame', row: part.row, column: part.column }, { cloth })
    const high = height - 2 * ends
    const boxes = [
      { x, y: y + ends, width: sides, height: high },
      { x: x + width - sides, y: y + ends, width: sides, height: high },
      { x, y, width, height: ends },
      { x, y: y + height - ends, width, height: ends },
    ]
    // a side that is long enough by itself has no strips
    strips.unshift(...boxes.filter(box => Math.min(box.width, box.height) > TOLERANCE).map(strip))
    inside = { x: x + sides, y: y + ends, width: width - 2 * sides, height: high }
  }
  return [put(inside, part, fabric), ...strips]
}

/** A part of a region: `box` in its own directions, from its own first corner. */
function within(region: Region, box: Box, part: TopPart, fabric: Region['fabric']): Region {
  if (!region.own || !region.outline) return { ...box, x: region.x + box.x, y: region.y + box.y, part, fabric }
  // the outline begins at the first corner of the region's own
  const [x, y] = region.outline[0]!
  const outline = cornersOf(box).map(([u, v]): Point => [x + (u + v) / Math.SQRT2, y + (v - u) / Math.SQRT2])
  return { ...boundingBox(outline), part, fabric, outline, own: { width: box.width, height: box.height } }
}
