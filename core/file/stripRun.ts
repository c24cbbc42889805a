import { clothOf, type Quilt } from './quilt'
import type { StripStripes } from './stripStripes'

/** What was asked for, where the cloth has stripes and no up that decides for itself; else null. */
export function stripStripes(quilt: Quilt, cloth: string, asked: StripStripes | undefined): StripStripes | null {
  const { pattern, directional } = clothOf(quilt, cloth)
  return asked !== undefined && pattern === 'stripe' && !directional ? asked : null
}
