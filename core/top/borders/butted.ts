import type { Box } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'
import { plus } from '../../measure/sum'
import { raw, type BorderStyle, type Ring, type Side } from './border'
import type { StageKey } from '../../file/measuredThing'
import type { Region } from '../regions/region'

/**
 * Butted border: the first pair is as long as the side it is sewn to, raw edge to raw edge; the second also spans the
 * first pair. Source: handbook §8.
 */
export const butted: BorderStyle = {
  around(inside, border) {
    const { seam, sizeOf } = inside
    const { beyond } = border
    const what: StageKey = `border-${border.at}-first`
    const sides: Term = { what: 'border', count: 2, each: border.sides, of: String(border.at) }
    const ends: Term = { what: 'border', count: 2, each: border.ends, of: String(border.at) }
    const pair = (beyond: Inches, ...both: Side[]) =>
      both.map(side => ({
        side,
        finishedWidth: side === 'left' || side === 'right' ? border.sides : border.ends,
        length: raw(side === 'left' || side === 'right' ? height : width, seam, beyond),
      }))
    let { width, height } = inside
    const strips: Ring['strips'] = []
    // what is measured after the first pair replaces both dimensions, where both were measured
    if (border.first === 'sides') {
      strips.push(...pair(0, 'left', 'right'))
      const wider = plus(width, sides)
      width = sizeOf(what, 'width', wider, beyond)
      height = sizeOf(what, 'height', height)
      strips.push(...pair(beyond, 'top', 'bottom'))
      const first = { what, side: 'width' as const, expected: raw(wider, seam, beyond) }
      return { strips, width, height: plus(height, ends), first }
    }
    strips.push(...pair(0, 'top', 'bottom'))
    const higher = plus(height, ends)
    height = sizeOf(what, 'height', higher, beyond)
    width = sizeOf(what, 'width', width)
    strips.push(...pair(beyond, 'left', 'right'))
    const first = { what, side: 'height' as const, expected: raw(higher, seam, beyond) }
    return { strips, width: plus(width, sides), height, first }
  },
  groups({ x, y, width, height }, { at, sides, ends, first, cloth }) {
    const strip = (box: Box): Region => ({ ...box, part: { kind: 'border', border: at }, fabric: { cloth } })
    // the pair sewn on second spans the first
    const over = first === 'ends' ? ends : 0
    const beyond = first === 'sides' ? sides : 0
    const upright = { y: y - over, width: sides, height: height + 2 * over }
    const level = { x: x - beyond, width: width + 2 * beyond, height: ends }
    const pairs = {
      sides: [strip({ x: x - sides, ...upright }), strip({ x: x + width, ...upright })],
      ends: [strip({ y: y - ends, ...level }), strip({ y: y + height, ...level })],
    }
    const strips = first === 'sides' ? [...pairs.sides, ...pairs.ends] : [...pairs.ends, ...pairs.sides]
    return strips.map(one => [one])
  },
}
