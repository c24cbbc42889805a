import type { Inches } from '../measure/ruler'
import type { Design } from './design'

/** Less than this part cannot be seen, and sizes rounded to a ruler differ by as much. */
export const STRETCH = 0.02

/** Whether a design has seams that lie neither level nor upright. */
export function isSlanted({ patches }: Pick<Design, 'patches'>): boolean {
  return patches.some(({ points }) =>
    points.some(([x, y], k) => {
      const [nx, ny] = points[(k + 1) % points.length]!
      return Math.abs(nx - x) > 1e-6 && Math.abs(ny - y) > 1e-6
    }),
  )
}

/**
 * Whether a block that is not square stands in the proportions it was drawn in, with slanted seams: its angles depend
 * on them.
 */
export function holdsItsShape(
  design: Pick<Design, 'width' | 'height' | 'patches'>,
  width: Inches,
  height: Inches,
): boolean {
  const own = design.height / design.width
  return Math.abs(own - 1) > STRETCH && isSlanted(design) && Math.abs(height / width / own - 1) < STRETCH
}
