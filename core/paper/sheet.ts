import type { Box, Point, Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'

/** Something drawn on paper, in inches from the top left of the page. */
export type Mark =
  | { kind: LineKind; points: Polygon; closed: boolean }
  | { kind: 'dot'; at: Point }
  | { kind: 'fill'; x: Inches; y: Inches; width: Inches; height: Inches; colour: string }
  | { kind: 'text'; at: Point; text: string; size: Inches; align: 'left' | 'middle'; bold?: boolean }

/**
 * Cut line; seam line; line to sew on; lines only for looking; registration and match marks; arrow of the grain.
 */
export type LineKind = 'cut' | 'seam' | 'sew' | 'fine' | 'hair' | 'match' | 'arrow'

export interface Sheet {
  width: Inches
  height: Inches
  marks: Mark[]
}

/** A drawing to be put on a page: its own top left is 0, 0. */
export interface Drawing {
  width: Inches
  height: Inches
  marks: Mark[]
  /** The same lying the other way, its words still level, where it may be laid so. */
  turned?: Drawing
}

export const PAGES = { a4: { width: 210 / 25.4, height: 297 / 25.4 }, letter: { width: 8.5, height: 11 } } as const
export type PageKind = keyof typeof PAGES

/** What no printer reaches. */
export const PAGE_MARGIN: Inches = 0.4
/** Kept free at the top of each page for its title and the test square. */
export const HEAD: Inches = 1.35

/** An open line on a sheet; points in inches. */
export function line(kind: LineKind, ...points: Point[]): Mark {
  return { kind, points, closed: false }
}

/** A closed line on a sheet; points in inches. */
export function outline(kind: LineKind, points: Polygon): Mark {
  return { kind, points, closed: true }
}

/** The outline of a box on a sheet. */
export function boxOutline(kind: LineKind, { x, y, width, height }: Box): Mark {
  return outline(kind, [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ])
}

/** Words on a sheet, their size in inches. */
export function text(at: Point, words: string, size: Inches, align: 'left' | 'middle' = 'left', bold = false): Mark {
  return { kind: 'text', at, text: words, size, align, bold }
}

/** A mark of a sheet moved by so many inches. */
export function movedMark(mark: Mark, dx: Inches, dy: Inches): Mark {
  if (mark.kind === 'fill') return { ...mark, x: mark.x + dx, y: mark.y + dy }
  if (mark.kind === 'text' || mark.kind === 'dot') return { ...mark, at: [mark.at[0] + dx, mark.at[1] + dy] }
  return { ...mark, points: mark.points.map(([x, y]): Point => [x + dx, y + dy]) }
}
