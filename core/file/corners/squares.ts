import type { CornerRules } from './cornerRules'

/** Corners of one cloth, as wide and as high as the borders that meet in them. */
export const squares = {
  entry: 'cloth',
  isOwnPiece: true,
  isOnSlant: false,
  canBePieced: true,
  spansFirstPair: false,
  begun: ({ other }) => ({ cloth: other }),
} satisfies CornerRules
