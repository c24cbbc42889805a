import type { Point } from '../geometry/polygon'
import {
  boxOutline,
  HEAD,
  line,
  movedMark,
  PAGES,
  PAGE_MARGIN,
  text,
  type Drawing,
  type Mark,
  type PageKind,
  type Sheet,
} from './sheet'

/** Between drawings on a page. */
const GAP = 0.2
/** How far the parts of a drawing that is larger than the page lie over each other, for gluing. */
const OVERLAP = 0.4

export interface PageWords {
  title: string
  page: (number: number, of: number) => string
  testSquare: string
  tile: (column: string, row: number) => string
}

/**
 * Drawings on as many pages as they need, largest first in rows. A drawing larger than a page is cut into tiles that
 * overlap, each with registration crosses and its place. Every page has a title and a square of 1″ to measure before
 * anything is cut.
 */
export function pagesOf(given: readonly Drawing[], page: PageKind, words: PageWords): Sheet[] {
  const { width, height } = PAGES[page]
  const room = { width: width - 2 * PAGE_MARGIN, height: height - HEAD - PAGE_MARGIN }
  const fits = (d: Drawing) => d.width <= room.width && d.height <= room.height
  // what fits a page when it is turned is not cut in two
  const drawings = given.map(d => (!fits(d) && d.turned && fits(d.turned) ? d.turned : d))
  const sheets: Mark[][] = []
  let x = 0
  let y = 0
  let deep = 0
  for (const drawing of drawings.filter(fits).sort((a, b) => b.height - a.height)) {
    if (sheets.length > 0 && x + drawing.width > room.width) [x, y, deep] = [0, y + deep + GAP, 0]
    if (sheets.length === 0 || y + drawing.height > room.height) {
      sheets.push([])
      x = y = deep = 0
    }
    sheets.at(-1)!.push(...drawing.marks.map(mark => movedMark(mark, PAGE_MARGIN + x, HEAD + y)))
    x += drawing.width + GAP
    deep = Math.max(deep, drawing.height)
  }
  for (const drawing of drawings.filter(d => !fits(d))) sheets.push(...tilesOf(drawing, room, words))
  return sheets.map((marks, i) => ({ width, height, marks: [...head(words, i + 1, sheets.length), ...marks] }))
}

function head(words: PageWords, number: number, of: number): Mark[] {
  return [
    text([PAGE_MARGIN, PAGE_MARGIN + 0.25], words.title, 0.19, 'left', true),
    text([PAGE_MARGIN, PAGE_MARGIN + 0.5], words.page(number, of), 0.13),
    text([PAGE_MARGIN, PAGE_MARGIN + 0.72], words.testSquare, 0.13),
    boxOutline('fine', { x: TEST_SQUARE.x, y: TEST_SQUARE.y, width: 1, height: 1 }),
  ]
}

/** Where the square of 1″ stands on every page. */
export const TEST_SQUARE = { x: 6.4, y: 0.25 } as const

function tilesOf(drawing: Drawing, room: { width: number; height: number }, words: PageWords): Mark[][] {
  const stepX = room.width - OVERLAP
  const stepY = room.height - OVERLAP
  const across = Math.max(1, Math.ceil((drawing.width - OVERLAP) / stepX))
  const down = Math.max(1, Math.ceil((drawing.height - OVERLAP) / stepY))
  return Array.from({ length: across * down }, (_, i) => {
    const column = i % across
    const row = Math.floor(i / across)
    const left = column * stepX
    const top = row * stepY
    const inside = drawing.marks.flatMap(mark =>
      clipped(mark, { left, top, right: left + room.width, bottom: top + room.height }),
    )
    const crosses: Mark[] = []
    for (const gx of [OVERLAP / 2, room.width - OVERLAP / 2]) {
      for (const gy of [OVERLAP / 2, room.height - OVERLAP / 2]) {
        // crosses stand at the same place of the drawing on each of the pages that share it
        crosses.push(line('match', [gx - 0.12, gy], [gx + 0.12, gy]), line('match', [gx, gy - 0.12], [gx, gy + 0.12]))
      }
    }
    return [
      ...inside.map(mark => movedMark(mark, -left, -top)),
      ...crosses,
      text([0.3, room.height - 0.1], words.tile(String.fromCharCode(65 + column), row + 1), 0.13),
    ].map(mark => movedMark(mark, PAGE_MARGIN, HEAD))
  })
}

interface Window {
  left: number
  top: number
  right: number
  bottom: number
}

/** What of a mark lies in the window: lines are cut at its edges. */
function clipped(mark: Mark, window: Window): Mark[] {
  // what is cut into parts has lines and words alone
  if (mark.kind === 'fill') return []
  if (mark.kind === 'text' || mark.kind === 'dot') {
    const [x, y] = mark.at
    return x >= window.left && x <= window.right && y >= window.top && y <= window.bottom ? [mark] : []
  }
  const ends = mark.closed ? [...mark.points, mark.points[0]!] : mark.points
  return ends.slice(1).flatMap((to, i): Mark[] => {
    const part = clipLine(ends[i]!, to, window)
    return part ? [{ kind: mark.kind, points: part, closed: false }] : []
  })
}

/** Liang and Barsky's clipping of a line to a box. */
function clipLine(from: Point, to: Point, { left, top, right, bottom }: Window): [Point, Point] | null {
  const dx = to[0] - from[0]
  const dy = to[1] - from[1]
  let start = 0
  let end = 1
  for (const [p, q] of [
    [-dx, from[0] - left],
    [dx, right - from[0]],
    [-dy, from[1] - top],
    [dy, bottom - from[1]],
  ] as const) {
    if (p === 0 && q < 0) return null
    if (p < 0) start = Math.max(start, q / p)
    else if (p > 0) end = Math.min(end, q / p)
  }
  return start >= end
    ? null
    : [
        [from[0] + dx * start, from[1] + dy * start],
        [from[0] + dx * end, from[1] + dy * end],
      ]
}
