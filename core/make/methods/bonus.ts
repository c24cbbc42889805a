import type { Inches } from '../../measure/ruler'
import type { Bonus } from './method'

/**
 * What the corners cut off after a sew-and-flip make, if a second seam is sewn two seams outside the first before
 * they are cut off: half-squares whose triangles have a leg of c + 2·seam − √2·seam (the cut runs one seam from the
 * first seam), finished c − 2√2·seam. Below half an inch they are not worth the sewing.
 */
export function bonusFrom(square: Inches, seam: Inches, count: number): Bonus | undefined {
  const side = square - 2 * seam - 2 * Math.SQRT2 * seam
  return side >= 1 / 2 ? { side, square, count } : undefined
}
