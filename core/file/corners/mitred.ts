import type { CornerRules } from './cornerRules'

/** Strips that cross, joined on the slant. */
export const mitred = {
  entry: 'name',
  isOwnPiece: false,
  isOnSlant: true,
  canBePieced: false,
  spansFirstPair: false,
} satisfies CornerRules
