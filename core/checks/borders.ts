import { sameLength, type Inches } from '../measure/ruler'
import { blockOf } from '../file/quilt'
import { divides, spacersFor } from '../top/borders/spacers'
import type { Check, Checker } from './check'
import { inBorder } from './place'

/** A repeat can be eased by this to what was measured; a plan has no such slack. */
const EASED: Inches = 1 / 32

/** A pieced border whose repeat does not divide the sides of the top inside it, with plain borders that mend it. */
export const borderRepeat: Checker = ({ quilt, dimensions, planned }) =>
  quilt.borders.flatMap(({ pieced }, i): Check[] => {
    if (!pieced) return []
    const stage = dimensions.top.stages[i]!
    const [width, height] = [stage.width.total, stage.height.total]
    const repeat = { sides: blockOf(quilt, pieced.sides).width, ends: blockOf(quilt, pieced.ends).width }
    const before = planned.top.stages[i]!
    const ease = (side: 'width' | 'height') => (sameLength(before[side].total, stage[side].total) ? 0 : EASED)
    if (divides(width, repeat.ends, ease('width')) && divides(height, repeat.sides, ease('height'))) return []
    return [
      {
        id: 'border-repeat',
        severity: 'error',
        ...inBorder(i, 'pieced'),
        data: {
          border: i + 1,
          width,
          height,
          repeat: repeat.sides,
          spacer: spacersFor({ width, height }, repeat, 2 * quilt.seam),
        },
      },
    ]
  })
