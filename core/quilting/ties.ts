// In: how far apart. Out: points at which the layers are tied or buttoned together.
import { contains } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import { isInScope, type QuiltedTop, type QuiltingLine, type Where } from './quiltingLine'

/** A grid of points about the middle of the quilt, those that lie where they are meant. */
export function ties(top: QuiltedTop, { spacing, where }: { spacing: Inches; where: Where }): QuiltingLine[] {
  const meant = top.parts.filter(part => isInScope(part, where))
  const along = (side: Inches) => {
    const count = Math.floor((side - 2 * top.beyond) / spacing)
    const first = (side - count * spacing) / 2
    return Array.from({ length: count + 1 }, (_, i) => first + i * spacing)
  }
  return along(top.height).flatMap(y =>
    along(top.width).flatMap((x): QuiltingLine[] => {
      const isIn = where === 'all' || meant.some(({ outline }) => contains(outline, [x, y]))
      return isIn ? [{ kind: 'ties', points: [[x, y]] }] : []
    }),
  )
}
