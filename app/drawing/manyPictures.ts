import type { Quilt } from '~~/core/file/quilt'

/** More places than this take too long to paint many times side by side. */
const MAX_PAINTED = 500

/** Whether the quilt can be painted in many small pictures at once. */
export function canPaintMany({ setting }: Quilt): boolean {
  return setting.cells.flat().length <= MAX_PAINTED
}
