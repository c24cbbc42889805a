import { sameLength } from '../measure/ruler'
import { sewnAsCut, type CutSize } from './cutSize'
import type { Cuts, DressedPatch, PieceDraft, Workroom } from './method'

export function squarePiece(cloth: string, part: string, size: CutSize, count: number, slots: readonly string[], cuts: Cuts = 'none'): PieceDraft {
  return {
    cloth, part, shape: 'square', width: size.cut, height: size.cut, exact: { width: size.exact, height: size.exact },
    ...(size.terms ? { why: { width: size.terms, height: size.terms } } : {}), cuts, turn: true, count, slots,
  }
}

/** A rectangle (or square) of this finished size, sewn as cut. */
export function plainPiece({ cloth, isUpright }: Pick<DressedPatch, 'cloth' | 'isUpright'>, part: string, width: number, height: number, count: number, slots: readonly string[], room: Workroom): PieceDraft {
  const across = sewnAsCut(width + 2 * room.seam, room), down = sewnAsCut(height + 2 * room.seam, room)
  return {
    cloth, part, shape: sameLength(across.cut, down.cut) ? 'square' : 'rectangle', width: across.cut, height: down.cut,
    exact: { width: across.exact, height: down.exact }, cuts: 'none', turn: !isUpright, count, slots,
  }
}

/** Triangles cut singly from squares; those of one cloth and size share their squares over the whole quilt. */
export function trianglePiece(
  cloth: string, part: string, size: CutSize, needed: number, slots: readonly string[], cuts: 'one-diagonal' | 'two-diagonals', corner?: string,
): PieceDraft {
  const gives = cuts === 'one-diagonal' ? 2 : 4
  return { ...squarePiece(cloth, part, size, Math.ceil(needed / gives), slots, cuts), turn: corner === undefined, pool: { needed, gives, corner } }
}
