import type { Piece } from '../cut/piece'
import { because, type Reckonable } from '../measure/reckoned'

/** In: a pile. Out: the same, its count, its sides and its step along a strip with their reasons. */
export function plannedPiece(piece: Piece): Reckonable<Piece> {
  const { why, angled } = piece
  return {
    ...piece,
    count: because(why.count),
    width: because(why.width),
    height: because(why.height),
    ...(angled && why.pitch ? { angled: { ...angled, pitch: because(why.pitch) } } : {}),
  }
}
