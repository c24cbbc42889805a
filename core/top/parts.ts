import { holds, type Box } from '../geometry/polygon'
import type { Dimensions } from './dimensions'
import type { Inches } from '../measure/ruler'
import type { Quilt } from '../file/quilt'

/** What can be pressed in the drawing. A border is counted from 1, as in the plan. */
export type Part =
  | { kind: 'block'; row: number; column: number }
  | { kind: 'sash' }
  | { kind: 'cornerstone' }
  | { kind: 'border'; border: number }
  | { kind: 'binding' }

export function samePart(a: Part | null, b: Part | null): boolean {
  if (a === null || b === null || a.kind !== b.kind) return a === b
  if (a.kind === 'block' && b.kind === 'block') return a.row === b.row && a.column === b.column
  return a.kind !== 'border' || b.kind !== 'border' || a.border === b.border
}

/** Boxes of all that a part stands for, from the top left of the top. A sash stands for all sashes. */
export function boxesOf(part: Part, { setting, top }: Dimensions): Box[] {
  const within = (box: Box): Box => ({
    x: box.x + top.origin.x,
    y: box.y + top.origin.y,
    width: box.width,
    height: box.height,
  })
  switch (part.kind) {
    case 'block':
      return setting.places.filter(place => place.row === part.row && place.column === part.column).map(within)
    case 'sash':
      return setting.sashes.map(within)
    case 'cornerstone':
      return setting.cornerstones.map(within)
    case 'border':
      return top.boxes.filter(({ border }) => border === part.border).map(({ box }) => box)
    case 'binding':
      return [drawnTop({ setting, top })]
  }
}

/** Size of the top as drawn: planned sizes, since measures of the whole say nothing of its parts. */
export function drawnTop({ setting, top }: Dimensions): Box {
  return { x: 0, y: 0, width: setting.width + 2 * top.origin.x, height: setting.height + 2 * top.origin.y }
}

/** The part at a point of the drawing; outside the top, within `reach`, it is the binding. */
export function partAt(x: Inches, y: Inches, dimensions: Dimensions, quilt: Quilt, reach: Inches): Part | null {
  const { setting, top } = dimensions
  const border = top.boxes.find(({ box }) => holds(box, [x, y]))
  if (border) return { kind: 'border', border: border.border }
  const within = [x - top.origin.x, y - top.origin.y] as const
  const place = setting.places.find(box => holds(box, within))
  if (place) return { kind: 'block', row: place.row, column: place.column }
  if (setting.cornerstones.some(box => holds(box, within))) return { kind: 'cornerstone' }
  if (setting.sashes.some(box => holds(box, within))) return { kind: 'sash' }
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

/** The tape along the top edge (`width`) or the left edge (`height`), from end to end. */
export function tapeSegments({ setting }: Dimensions, quilt: Quilt, side: 'width' | 'height'): TapeSegment[] {
  const segments: TapeSegment[] = []
  let at = 0
  const push = (part: Part, size: Inches) => {
    segments.push({ part, start: at, size })
    at += size
  }
  const widthOf = (border: Quilt['borders'][number]) => (side === 'width' ? border.sides : border.ends)
  for (const [i, border] of [...quilt.borders.entries()].reverse())
    push({ kind: 'border', border: i + 1 }, widthOf(border))
  const places = setting.places.filter(place => (side === 'width' ? place.row === 0 : place.column === 0))
  const sash = quilt.setting.sashing
  if (sash?.outer) push({ kind: 'sash' }, sash.width)
  places.forEach((place, i) => {
    if (sash && i > 0) push({ kind: 'sash' }, sash.width)
    push({ kind: 'block', row: place.row, column: place.column }, side === 'width' ? place.width : place.height)
  })
  if (sash?.outer) push({ kind: 'sash' }, sash.width)
  for (const [i, border] of quilt.borders.entries()) push({ kind: 'border', border: i + 1 }, widthOf(border))
  return segments
}
