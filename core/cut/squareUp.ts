import type { Inches } from '../measure/ruler'

/** Lost to squaring one end before the first cut. Source: handbook §5. */
export const SQUARE_UP: Inches = 1
