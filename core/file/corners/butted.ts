import type { CornerRules } from './cornerRules'

/** One pair of strips, and the other over its ends. */
export const butted = {
  entry: 'name',
  isOwnPiece: false,
  isOnSlant: false,
  canBePieced: false,
  spansFirstPair: true,
} satisfies CornerRules
