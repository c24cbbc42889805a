import type { Quilt } from './quilt'

/**
 * The side along which blocks are joined first: the width where they are joined in rows, the height where in columns;
 * null on point, where diagonals follow neither.
 */
export function joinedSide({ kind, sashing }: Quilt['setting']): 'width' | 'height' | null {
  if (kind === 'on-point') return null
  return kind === 'offset-columns' || sashing?.between === 'columns' ? 'height' : 'width'
}
