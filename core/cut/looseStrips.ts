import type { CutPiece, LooseStrip } from './cutPiece'
import { bestStrip } from './stripPattern'
import type { Inches } from '../measure/ruler'

/**
 * Fills strip after strip, each time with the pattern that wastes least of its strip, and repeats it while the pieces
 * last. `worth` weighs pieces, so that other weights give other layouts. Stops when nothing more fits into `depth`;
 * gives the strips and what is left over of each piece.
 */
export function looseStrips(
  pieces: readonly CutPiece[],
  usable: Inches,
  worth: (piece: CutPiece) => number,
  depth: Inches = Infinity,
  deepest: Inches = Infinity,
): { strips: LooseStrip[]; left: Map<string, number> } {
  const left = new Map(pieces.map(piece => [piece.id, piece.count]))
  const strips: LooseStrip[] = []
  let room = depth
  for (;;) {
    const best = bestStrip(pieces, left, usable, Math.min(room, deepest), worth)
    if (!best) return { strips, left }
    const used = new Map<string, number>()
    for (const column of best.columns) used.set(column.piece, (used.get(column.piece) ?? 0) + column.stack)
    const repeats = Math.max(
      1,
      Math.min(
        Math.floor(room / best.height + 1e-6),
        ...[...used].map(([id, count]) => Math.floor(left.get(id)! / count)),
      ),
    )
    for (let i = 0; i < repeats; i++) strips.push({ height: best.height, columns: best.columns })
    for (const [id, count] of used) left.set(id, left.get(id)! - count * repeats)
    room -= best.height * repeats
  }
}
