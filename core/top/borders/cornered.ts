import type { Inches } from '../../measure/ruler'
import { plus, type Term } from '../../measure/sum'
import { raw, type BorderStyle, type PlacedBorder, type Side } from './border'
import type { Corner, Region } from '../regions/region'

/**
 * Border with corners of its own: every strip is as long as the raw side it is sewn to; the second pair has a corner
 * sewn to each end first. A pieced border is its design repeated along each side. Source: handbook §8.
 */
export const cornered: BorderStyle = {
  around({ width, height, seam }, border) {
    const term = (each: number): Term => ({ what: 'border', count: 2, each, of: String(border.at) })
    const strip = (side: Side) => {
      const isSide = side === 'left' || side === 'right'
      return { side, length: raw(isSide ? height : width, seam), finishedWidth: isSide ? border.sides : border.ends }
    }
    const [sides, ends] = [
      [strip('left'), strip('right')],
      [strip('top'), strip('bottom')],
    ]
    return {
      strips: border.first === 'sides' ? [...sides, ...ends] : [...ends, ...sides],
      width: plus(width, term(border.sides)),
      height: plus(height, term(border.ends)),
    }
  },
  groups({ x, y, width, height }, border) {
    const { sides, ends, first } = border
    const [l, t, r, b] = [x - sides, y - ends, x + width, y + height]
    const strip = {
      left: along(border, 'left', [l, y], height),
      right: along(border, 'right', [r, y], height),
      top: along(border, 'top', [x, t], width),
      bottom: along(border, 'bottom', [x, b], width),
    }
    const corner = (name: Corner): Region => ({
      x: name === 'nw' || name === 'sw' ? l : r,
      y: name === 'nw' || name === 'ne' ? t : b,
      width: sides,
      height: ends,
      part: { kind: 'border', border: border.at },
      fabric: border.corner(name),
    })
    if (first === 'sides') {
      return [
        strip.left,
        strip.right,
        [corner('nw'), ...strip.top, corner('ne')],
        [corner('sw'), ...strip.bottom, corner('se')],
      ]
    }
    return [
      strip.top,
      strip.bottom,
      [corner('nw'), ...strip.left, corner('sw')],
      [corner('ne'), ...strip.right, corner('se')],
    ]
  },
}

/** One strip; of a pieced border its units one after the other, as many as fit best. */
function along(border: PlacedBorder, side: Side, [x, y]: readonly [Inches, Inches], length: Inches): Region[] {
  const isUpright = side === 'left' || side === 'right'
  const depth = isUpright ? border.sides : border.ends
  const unit = border.unit(side)
  const count = unit ? Math.max(1, Math.round(length / unit.length)) : 1
  const each = length / count
  return Array.from({ length: count }, (_, i): Region => ({
    x: isUpright ? x : x + i * each,
    y: isUpright ? y + i * each : y,
    width: isUpright ? depth : each,
    height: isUpright ? each : depth,
    part: { kind: 'border', border: border.at },
    fabric: unit ? { cell: unit.cellAt(i, count) } : { cloth: border.cloth },
  }))
}
