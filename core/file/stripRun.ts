import { clothOf, type Quilt } from './quilt'

/** How the stripes of a cloth run in a long strip cut from it. */
export const STRIP_STRIPES = ['along', 'across'] as const
export type StripStripes = (typeof STRIP_STRIPES)[number]

/** What was asked for, where the cloth has stripes and no up that decides for itself; else null. */
export function stripStripes(quilt: Quilt, cloth: string, asked: StripStripes | undefined): StripStripes | null {
  const { pattern, directional } = clothOf(quilt, cloth)
  return asked !== undefined && pattern === 'stripe' && !directional ? asked : null
}
