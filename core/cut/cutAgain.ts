// In: piles of one cloth, how many are cut, and pieces of cloth of several sizes. Out: the rest laid out on them.
import type { Explainable } from '../measure/explained'
import type { CutPiece, Strip } from './cutPiece'
import { endOfSheet, leftovers, type Leftover } from './leftovers'
import { layOutOnMixed, type SheetKind } from './mixedSheets'
import { lengthOf } from './ownStrips'

export interface CutAgain {
  strips: Strip[]
  /** Pieces of cloth that are cut from, in their order; `sheet` of a strip is a place in it. */
  opened: { width: number; height: number }[]
  left: Explainable<Leftover>[]
  /** So many of a pile find no room. */
  missing: { piece: string; count: number }[]
}

/** What is still to be cut, on what is left of the cloth. */
export function cutAgain(
  pieces: readonly CutPiece[],
  cut: ReadonlyMap<string, number>,
  kinds: readonly SheetKind[],
): CutAgain {
  const wanted = pieces
    .map(piece => ({ ...piece, count: Math.max(0, piece.count - (cut.get(piece.id) ?? 0)) }))
    .filter(({ count }) => count > 0)
  const { strips, opened, unplaced } = layOutOnMixed(wanted, kinds)
  const sheets = opened.map(kind => kinds[kind]!)
  const ends = sheets.map(({ width, height }, sheet) =>
    endOfSheet(sheet, lengthOf(strips.filter(strip => strip.sheet === sheet)), height, width),
  )
  return {
    strips,
    opened: sheets.map(({ width, height }) => ({ width, height })),
    left: [...strips.flatMap(leftovers), ...ends.flat()],
    missing: unplaced.map(({ id, count }) => ({ piece: id, count })),
  }
}
