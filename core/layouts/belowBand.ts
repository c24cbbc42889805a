// In: strips of a layout. Out: its long pieces with what lies beside them, and what lies below.
import type { CutPiece, Strip } from '../cut/cutPiece'
import { TOLERANCE } from '../measure/ruler'

/** Long pieces with what lies beside them, down to where they end; the strips and the pieces that lie below. */
export function belowBand(strips: readonly Strip[], pieces: readonly CutPiece[]) {
  const depth = strips.reduce((down, { run, y, height }) => (run === 'along' ? Math.max(down, y + height) : down), 0)
  const band = strips.filter(({ y }) => y < depth - TOLERANCE)
  const used = new Map<string, number>()
  for (const { cuts } of band) for (const { piece } of cuts) used.set(piece, (used.get(piece) ?? 0) + 1)
  const rest = pieces
    .map(piece => ({ ...piece, count: piece.count - (used.get(piece.id) ?? 0) }))
    .filter(({ count }) => count > 0)
  return { band, below: strips.filter(strip => !band.includes(strip)), rest, depth }
}
