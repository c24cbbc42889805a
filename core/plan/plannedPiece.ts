import type { Piece } from '../cut/piece'
import { explained, type Explainable } from '../measure/explained'

/** In: a pile. Out: the same, its count, its sides and its step along a strip with their reasons. */
export function plannedPiece(piece: Piece): Explainable<Piece> {
  const { why, angled } = piece
  return {
    ...piece,
    count: explained(why.count),
    width: explained(why.width),
    height: explained(why.height),
    ...(angled && why.pitch ? { angled: { ...angled, pitch: explained(why.pitch) } } : {}),
  }
}
