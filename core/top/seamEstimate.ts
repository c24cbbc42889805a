import { blockOf, designOf, type Quilt } from '../file/quilt'
import type { Dimensions } from './dimensions'

/**
 * About how many seams the top takes: a whole of n patches, sashes and strips is joined by n − 1, however it is sewn
 * together; units made several at a time take fewer.
 */
export function seamEstimate(quilt: Quilt, { top }: Dimensions): number {
  const parts = top.regions.reduce((sum, { fabric }) => {
    if ('cloth' in fabric) return sum + 1
    return sum + designOf(quilt, blockOf(quilt, fabric.cell.block)).patches.length
  }, 0)
  return parts - 1
}
