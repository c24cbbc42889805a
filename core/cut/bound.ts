import { liesOf, type CutPiece } from './cutPiece'
import type { Inches } from '../measure/ruler'

/**
 * A length of cloth that no layout can beat: the largest of area ÷ usable width (nothing overlaps); the tallest
 * piece, each lying its best way (it must lie somewhere); the summed depth of pieces wider than half the cloth
 * whichever way they lie (no two stand side by side). Pieces that fit no way count by their area alone.
 */
export function lowerBound(pieces: readonly CutPiece[], usable: Inches): Inches {
  let area = 0
  let tallest = 0
  let stacked = 0
  for (const piece of pieces) {
    if (piece.count === 0) continue
    area += piece.width * piece.height * piece.count
    const lies = liesOf(piece, usable)
    if (lies.length === 0) continue
    const least = Math.min(...lies.map(lie => lie.height))
    tallest = Math.max(tallest, least)
    if (lies.every(lie => lie.width > usable / 2 + 1e-6)) stacked += least * piece.count
  }
  return Math.max(area / usable, tallest, stacked)
}
