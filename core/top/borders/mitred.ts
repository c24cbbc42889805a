import type { Box, Polygon } from '../../geometry/polygon'
import type { Border } from '../../file/quilt'
import { plus, type Term } from '../../measure/sum'
import { raw, type BorderStyle, type Side } from './border'
import type { Region } from '../regions/region'

/**
 * Mitred border: every strip is as long as the raw side it is sewn to and the widths of both borders it meets, so that
 * the strips cross beyond the corners; each pair is sewn together from the corner of the top outwards. Source:
 * handbook §8.
 */
export const mitred: BorderStyle = {
  around({ width, height, seam }, border) {
    const term = (each: number): Term => ({ what: 'border', count: 2, each, of: String(border.at) })
    const [wider, higher] = [plus(width, term(border.sides)), plus(height, term(border.ends))]
    const pair = (...both: Side[]) =>
      both.map(side => {
        const isSide = side === 'left' || side === 'right'
        return {
          side,
          length: raw(isSide ? higher : wider, seam, border.beyond),
          finishedWidth: isSide ? border.sides : border.ends,
        }
      })
    const [sides, ends] = [pair('left', 'right'), pair('top', 'bottom')]
    return {
      strips: border.first === 'sides' ? [...sides, ...ends] : [...ends, ...sides],
      width: wider,
      height: higher,
    }
  },
  groups(inside, { at, sides, ends, first, cloth }) {
    const [left, top, right, bottom] = [inside.x, inside.y, inside.x + inside.width, inside.y + inside.height]
    const [l, t, r, b] = [left - sides, top - ends, right + sides, bottom + ends]
    const strip = (box: Box, ...outline: Polygon): Region => ({
      ...box,
      part: { kind: 'border', border: at },
      fabric: { cloth },
      outline,
    })
    const upright = { y: t, width: sides, height: b - t }
    const level = { x: l, width: r - l, height: ends }
    const pairs = {
      sides: [
        strip({ x: l, ...upright }, [l, t], [left, top], [left, bottom], [l, b]),
        strip({ x: right, ...upright }, [r, t], [r, b], [right, bottom], [right, top]),
      ],
      ends: [
        strip({ y: t, ...level }, [l, t], [r, t], [right, top], [left, top]),
        strip({ y: bottom, ...level }, [l, b], [left, bottom], [right, bottom], [r, b]),
      ],
    }
    const strips = first === 'sides' ? [...pairs.sides, ...pairs.ends] : [...pairs.ends, ...pairs.sides]
    return strips.map(one => [one])
  },
}

/**
 * Degrees between a strip's long edge and its mitre: 45 only where both borders are equally wide. atan(own width ÷
 * width met), and the two make 90 together.
 */
export function mitreAngles({ sides, ends }: Pick<Border, 'sides' | 'ends'>): { sides: number; ends: number } {
  const degrees = (Math.atan2(sides, ends) * 180) / Math.PI
  return { sides: degrees, ends: 90 - degrees }
}
