import type { Polygon } from '../geometry/polygon'
import { blockOf, clothOf, type Block, type Cell, type Quilt } from './quilt'
import { stripeAngle } from '../designs/stripeDirection'

/** Role → cloth for one place: its own colours over those of its block. */
export function clothsOfCell(quilt: Quilt, cell: Pick<Cell, 'block' | 'cloths'>): Record<string, string> {
  return { ...blockOf(quilt, cell.block).cloths, ...cell.cloths }
}

/**
 * How stripes are to run in a patch, in degrees as drawn: as the quilter said for its role, where its cloth has
 * stripes.
 */
export function stripesOfPatch(
  quilt: Quilt,
  block: Pick<Block, 'stripes'>,
  role: string,
  cloth: string,
  polygon: Polygon,
): number | undefined {
  const direction = clothOf(quilt, cloth).pattern === 'stripe' ? block.stripes[role] : undefined
  return direction === undefined ? undefined : stripeAngle(direction, polygon)
}
