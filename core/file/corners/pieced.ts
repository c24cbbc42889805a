import type { CornerRules } from './cornerRules'

/** A small block in each corner. */
export const pieced = {
  entry: 'design',
  isOwnPiece: true,
  isOnSlant: false,
  canBePieced: true,
  spansFirstPair: false,
  begun: ({ border, other }) => ({ design: 'half-square', cloths: { dark: border, light: other } }),
} satisfies CornerRules
