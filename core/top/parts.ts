import { cornersOf, type Box, type Polygon } from '../geometry/polygon'
import type { Dimensions } from './dimensions'
import type { Inches } from '../measure/ruler'
import type { Quilt } from '../file/quilt'
import { liesIn, outlineOf, samePart, type TopPart, type Region } from './regions/region'

/** Outlines of all that a part stands for, from the top left of the top. A sash stands for all sashes. */
export function outlinesOf(part: TopPart, dimensions: Dimensions): Polygon[] {
  if (part.kind === 'binding') return [cornersOf(drawnTop(dimensions))]
  return dimensions.top.regions.filter(region => samePart(region.part, part)).map(outlineOf)
}

/** Size of the top as drawn: planned sizes, since measures of the whole say nothing of its parts. */
export function drawnTop({ top }: Dimensions): Box {
  const size = { width: 0, height: 0 }
  for (const { x, y, width, height } of top.regions) {
    size.width = Math.max(size.width, x + width)
    size.height = Math.max(size.height, y + height)
  }
  return { x: 0, y: 0, ...size }
}

/** The part at a point of the drawing; outside the top, within `reach`, it is the binding. */
export function partAt(x: Inches, y: Inches, dimensions: Dimensions, quilt: Quilt, reach: Inches): TopPart | null {
  const region = dimensions.top.regions.find(candidate => liesIn(candidate, [x, y]))
  if (region) return region.part
  const whole = drawnTop(dimensions)
  const near = x > -reach && y > -reach && x < whole.width + reach && y < whole.height + reach
  return quilt.binding && near ? { kind: 'binding' } : null
}

/** One stretch of the measuring tape: a real part of the quilt with its finished size. */
export interface TapeSegment {
  part: TopPart
  start: Inches
  size: Inches
}

/** The tape along the top edge (`width`) or the left (`height`): all that a line through the first block crosses. */
export function tapeSegments({ top }: Dimensions, side: 'width' | 'height'): TapeSegment[] {
  const first = top.regions.find(({ part }) => part.kind === 'block')!
  const middle = side === 'width' ? first.y + first.height / 2 : first.x + first.width / 2
  return top.regions
    .flatMap((region): TapeSegment[] => {
      const span = spanAlong(region, side, middle)
      return span && span[1] - span[0] > 1e-6 ? [{ part: region.part, start: span[0], size: span[1] - span[0] }] : []
    })
    .sort((a, b) => a.start - b.start)
}

/** From where to where a level line (for the width) or an upright one runs through a convex region; null: nowhere. */
function spanAlong(region: Region, side: 'width' | 'height', at: Inches): readonly [Inches, Inches] | null {
  const [along, across] = side === 'width' ? ([0, 1] as const) : ([1, 0] as const)
  const outline = outlineOf(region)
  // where two parts meet on the very line, the one that follows it counts
  if (at >= Math.max(...outline.map(corner => corner[across])) - 1e-9) return null
  const crossings = outline.flatMap((from, i): number[] => {
    const to = outline[(i + 1) % outline.length]!
    const [a, b] = [from[across] - at, to[across] - at]
    if (Math.abs(a) < 1e-9) return [from[along]]
    return a * b < 0 ? [from[along] + ((to[along] - from[along]) * a) / (a - b)] : []
  })
  return crossings.length < 2 ? null : [Math.min(...crossings), Math.max(...crossings)]
}
