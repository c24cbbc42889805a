import type { Quilt } from './quilt'
import { rulesOf } from './settings'

/**
 * The side along which blocks are joined first: the width where they are joined in rows, the height where in columns;
 * null for diagonals, which follow neither.
 */
export function joinedSide({ kind, sashing }: Quilt['setting']): 'width' | 'height' | null {
  const { joined } = rulesOf({ kind })
  if (joined === 'diagonal') return null
  return joined === 'column' || sashing?.between === 'columns' ? 'height' : 'width'
}
