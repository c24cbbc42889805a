import { cornersOf, type Box, type Polygon } from '../geometry/polygon'
import type { Dimensions } from './dimensions'
import type { Inches } from '../measure/ruler'
import type { Quilt } from '../file/quilt'
import { liesIn, outlineOf, samePart, type Part, type Region } from './region'

/** Outlines of all that a part stands for, from the top left of the top. A sash stands for all sashes. */
export function outlinesOf(part: Part, dimensions: Dimensions): Polygon[] {
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
export function partAt(x: Inches, y: Inches, dimensions: Dimensions, quilt: Quilt, reach: Inches): Part | null {
  const region = dimensions.top.regions.find(candidate => liesIn(candidate, [x, y]))
  if (region) return region.part
  const whole = drawnTop(dimensions)
  const near = x > -reach && y > -reach && x < whole.width + reach && y < whole.height + reach
  return quilt.binding && near ? { kind: 'binding' } : null
}

/** One stretch of the measuring tape: a real part of the quilt with its finished size. */
export interface TapeSegment {
  part: Part
  start: Inches
  size: Inches
}

/** The tape along the top edge (`width`) or the left edge (`height`): all that lies level with the first block. */
export function tapeSegments({ top }: Dimensions, side: 'width' | 'height'): TapeSegment[] {
  const [along, across, span] = side === 'width' ? (['x', 'y', 'height'] as const) : (['y', 'x', 'width'] as const)
  const first = top.regions.find(({ part }) => part.kind === 'block')!
  const middle = first[across] + first[span] / 2
  return top.regions
    .filter(region => region[across] < middle && middle < region[across] + region[span])
    .sort((a: Region, b: Region) => a[along] - b[along])
    .map(region => ({ part: region.part, start: region[along], size: region[side] }))
}
