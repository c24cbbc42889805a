import { placePoint, type Placement } from '../../geometry/placement'
import type { Point } from '../../geometry/polygon'
import type { BlockMake } from './blockMake'
import { ownSize, type Region } from '../../top/regions/region'

/**
 * A point of the block's drawing as that lies in the quilt, from where the regions are counted. A block that was
 * measured smaller fills its region all the same.
 */
export function pointInTop(region: Region, { block, design }: BlockMake, placement: Placement, [x, y]: Point): Point {
  const own: Point = [(x * block.width) / design.width, (y * block.height) / design.height]
  const [placedX, placedY] = placePoint(own, placement, block.width, block.height)
  const isSideways = placement.turn % 180 !== 0
  const { width, height } = ownSize(region)
  const px = (placedX * width) / (isSideways ? block.height : block.width)
  const py = (placedY * height) / (isSideways ? block.width : block.height)
  if (!region.own) return [region.x + px, region.y + py]
  // on point the block's own right runs up to the right
  const [u, v] = [px - width / 2, py - height / 2]
  const half = Math.SQRT1_2
  return [region.x + region.width / 2 + (u + v) * half, region.y + region.height / 2 + (v - u) * half]
}
