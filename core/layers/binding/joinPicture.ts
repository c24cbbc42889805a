// In: two strips of a binding. Out: how they lie when they are joined.
import type { Inches } from '../../measure/ruler'
import { box, cloth, line, picture, type Picture } from '../../make/steps/picture'

/** How much longer than wide a strip is drawn. */
const LONGER = 3.2

/**
 * Right sides together, the second on the first: at right angles and sewn from corner to corner, or end on end and
 * sewn straight across. On the diagonal what lies beyond is cut off a seam's width from the stitches.
 */
export function joinPicture(
  [first, second]: readonly [string, string],
  strip: Inches,
  join: 'diagonal' | 'straight',
  seam: Inches,
): Picture {
  const long = LONGER * strip
  const under = cloth(first, box(0, 0, long, strip))
  if (join === 'straight')
    return picture(
      [under, cloth(second, box(long * 0.4, 0, long * 0.6, strip), 'wrong')],
      [line('sew', [long - seam, 0], [long - seam, strip])],
    )
  const at = long - strip
  const off = seam * Math.SQRT2
  return picture(
    [under, cloth(second, box(at, 0, strip, long * 0.75), 'wrong')],
    [line('sew', [at, 0], [long, strip]), line('cut', [at + off, 0], [long, strip - off])],
  )
}
