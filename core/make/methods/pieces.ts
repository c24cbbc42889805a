import type { PartName } from './partName'
import { sameLength } from '../../measure/ruler'
import { plainSide, type CutSize } from './cutSize'
import type { Cuts, PieceDraft, MethodContext } from './method'
import type { DressedPatch } from '../units/dressedUnit'

type Rest = Omit<PieceDraft, 'width' | 'height' | 'exact' | 'why' | 'shape'> & { shape?: PieceDraft['shape'] }

/** A piece from its two sides; a square where they are equal, unless it is told otherwise. */
export function pieceOf(width: CutSize, height: CutSize, rest: Rest): PieceDraft {
  return {
    shape: sameLength(width.total, height.total) ? 'square' : 'rectangle',
    ...rest,
    width: width.total,
    height: height.total,
    exact: { width: width.exact, height: height.exact },
    why: { width, height },
  }
}

/**
 * `perUnit`: how many of them a unit takes; a part of one where a square gives several. `count`: whole ones for all
 * units.
 */
export function squarePiece(
  cloth: string,
  part: PartName,
  size: CutSize,
  { count, perUnit }: { count: number; perUnit: number },
  slots: readonly string[],
  cuts: Cuts = 'none',
): PieceDraft {
  return pieceOf(size, size, { cloth, part, cuts, turn: true, count, perUnit, slots })
}

/**
 * A rectangle (or square) of this finished size, sewn as cut; its longer side first where it may lie either way, so
 * that all are one pile.
 */
export function plainPiece(
  { cloth, isUpright }: Pick<DressedPatch, 'cloth' | 'isUpright'>,
  part: PartName,
  width: number,
  height: number,
  count: number,
  slots: readonly string[],
  room: MethodContext,
): PieceDraft {
  const sides = [plainSide(width, room), plainSide(height, room)] as const
  const [across, along] = isUpright || width >= height ? sides : [sides[1], sides[0]]
  return pieceOf(across, along, { cloth, part, cuts: 'none', turn: !isUpright, count, perUnit: 1, slots })
}

/** Triangles cut singly from squares; those of one cloth and size share their squares over the whole quilt. */
export function trianglePiece(
  cloth: string,
  part: PartName,
  size: CutSize,
  needed: number,
  slots: readonly string[],
  cuts: 'one-diagonal' | 'two-diagonals',
  corner?: string,
): PieceDraft {
  const gives = cuts === 'one-diagonal' ? 2 : 4
  const square = squarePiece(
    cloth,
    part,
    size,
    { count: Math.ceil(needed / gives), perUnit: slots.length / gives },
    slots,
    cuts,
  )
  return { ...square, turn: corner === undefined, pool: { needed, gives, corner } }
}
