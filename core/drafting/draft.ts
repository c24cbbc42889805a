import type { Design, Patch } from '../designs/design'
import type { Point, Polygon } from '../geometry/polygon'

/** A block while it is being drawn. Grid units; patches tile `width` × `height`. */
export interface Draft {
  width: number
  height: number
  patches: readonly Patch[]
}

/** The role that a fresh block wears, before anything is painted. */
export const FIRST_ROLE = 'ground'

/** A block of one patch, so many units wide and high. */
export function blankDraft(width: number, height: number): Draft {
  return { width, height, patches: [{ role: FIRST_ROLE, points: boxPolygon(0, 0, width, height) }] }
}

/** A design as it is drawn on. */
export function draftOf({ width, height, patches }: Pick<Design, 'width' | 'height' | 'patches'>): Draft {
  return { width, height, patches }
}

/** The corners of a box, clockwise from the top left. */
export function boxPolygon(x: number, y: number, width: number, height: number): Polygon {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
}

/** Paints some patches; all others stay as they are. */
export function paint(draft: Draft, which: readonly number[], role: string): Draft {
  return { ...draft, patches: draft.patches.map((patch, i) => (which.includes(i) ? { ...patch, role } : patch)) }
}

/** The whole block as a mirror sees it, left for right. */
export function mirrored(draft: Draft): Draft {
  return moved(draft, ([x, y]) => [draft.width - x, y])
}

/** The whole block a quarter turn clockwise. */
export function turned(draft: Draft): Draft {
  return { ...moved(draft, ([x, y]) => [draft.height - y, x]), width: draft.height, height: draft.width }
}

function moved(draft: Draft, move: (point: Point) => Point): Draft {
  return { ...draft, patches: draft.patches.map(patch => ({ ...patch, points: patch.points.map(move) })) }
}
