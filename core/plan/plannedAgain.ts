// In: a cloth of which it is said what is left. Out: the rest of its piles on it, and what is missing.
import { cutAgain } from '../cut/cutAgain'
import type { Strip } from '../cut/cutPiece'
import type { Leftover } from '../cut/leftovers'
import { clothNeed, toCutPiece } from '../cut/need'
import type { Piece } from '../cut/piece'
import { doneCounts } from '../cut/progress'
import type { Cloth, Quilt } from '../file/quilt'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf } from '../measure/sum'
import { plannedStrip } from './plannedStrip'

/** What is cut since something went wrong. */
export interface PlannedAgain {
  strips: Strip[]
  laid: number
  /** Pieces of cloth that are cut from. */
  need: number
  /** Their sizes, in their order. */
  opened: { width: Inches; height: Inches }[]
  left: Leftover[]
  /** Of each pile that was in hand by then. */
  cut: Record<string, number>
  /** So many of a pile find no room on what is left. */
  missing: { piece: string; count: number }[]
  /** Cloth to buy for what is missing: a length, or pieces of cloth that comes in pieces. */
  buy: Inches
}

/** Null where the cloth is cut as it was planned. */
export function plannedAgain(
  quilt: Quilt,
  cloth: Cloth,
  pieces: readonly Piece[],
  numbers: ReadonlyMap<string, string>,
): Explainable<PlannedAgain> | null {
  const remains = quilt.remains[cloth.id]
  if (!remains || cloth.tray !== undefined) return null
  const own = pieces.filter(piece => piece.cloth === cloth.id)
  // a tick taken back since then: the piece is not in its pile
  const ticked = doneCounts(quilt.done, 'cut')
  const cut = new Map(
    own.map(({ id }) => [id, Math.min(remains.cut[id] ?? 0, ticked.get(id) ?? 0)] as const).filter(([, n]) => n > 0),
  )
  const kinds = remains.pieces.map(({ width, length, count }) => ({ width, height: length, count }))
  const again = cutAgain(own.map(toCutPiece), cut, kinds)
  const counts = new Map(again.missing.map(({ piece, count }) => [piece, count]))
  const missing = own.flatMap(piece => (counts.has(piece.id) ? [{ ...piece, count: counts.get(piece.id)! }] : []))
  const { buy } = clothNeed(quilt, cloth, missing)
  return {
    ...again,
    laid: explained(sumOf([{ what: 'strips-laid', value: again.strips.length }])),
    need: explained(sumOf([{ what: 'pieces-of-cloth', value: again.opened.length }])),
    strips: again.strips.map(strip => plannedStrip(strip, numbers)),
    cut: Object.fromEntries(cut),
    buy: explained(buy),
  }
}
