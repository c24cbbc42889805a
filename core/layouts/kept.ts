// In: a quilt with layouts that were kept. Out: that of a cloth, where it still holds.
import type { CutPiece } from '../cut/cutPiece'
import type { Layout } from '../cut/layout'
import { layoutFaults } from '../cut/layoutCheck'
import { leftovers } from '../cut/leftovers'
import type { Cloth, Quilt } from '../file/quilt'
import { TOLERANCE } from '../measure/ruler'
import { knownBound, layoutKey } from './knownBound'

/**
 * Null where none is kept or it is for other pieces. A file may say anything: one that cannot be cut so is passed over.
 */
export function keptLayout({ layouts }: Quilt, cloth: Cloth, pieces: readonly CutPiece[]): Layout | null {
  const kept = layouts[cloth.id]
  if (!kept) return null
  if (kept.pieces !== layoutKey(pieces, cloth.usable)) return null
  const length = kept.strips.reduce((down, { y, height }) => Math.max(down, y + height), 0)
  const bound = knownBound(pieces, cloth.usable)
  if (length < bound - TOLERANCE || layoutFaults(pieces, kept.strips, cloth.usable, length).length > 0) return null
  return { length, bound, strips: kept.strips, left: kept.strips.flatMap(leftovers), unplaced: [] }
}
