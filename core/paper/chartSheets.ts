// In: a picture with its letters. Out: its chart on pages: a legend with room for snips of cloth, then the squares.
import { codingColour } from '../charts/codingColours'
import { readRow, rowNumber, runsOf } from '../charts/rows'
import type { SquarePicture } from '../designs/chart'
import type { Inches } from '../measure/ruler'
import { line, PAGE_MARGIN, PAGES, text, type Mark, type PageKind, type Sheet } from './sheet'

/** The smallest square in which a letter can be read: 4 mm. */
export const MIN_CHART_SQUARE: Inches = 4 / 25.4
/** Larger than this only wall paper is. */
export const MAX_CHART_SQUARE: Inches = 1
/** Squares that a page has in common with the next. */
const OVERLAP = 2
/** Room for the title, and for numbers round the squares. */
const TOP: Inches = 1.15
const SIDE: Inches = 0.75
/** Every tenth line is strong, and every fifth column has its number. */
const STRONG = 10
const NUMBERED = 5

export interface ChartLegend {
  letter: string
  cloths: readonly string[]
  squares: number
  cut: number
}

export interface ChartPageWords {
  title: string
  legend: (entry: ChartLegend) => string
  snip: string
  /** How rows are read and pressed. */
  reading: string
  page: (number: number, of: number, columns: readonly [number, number], rows: readonly [number, number]) => string
}

/** The chart with squares of this side, at least 4 mm. */
export function chartSheets(
  picture: SquarePicture,
  legend: readonly ChartLegend[],
  asked: { page: PageKind; square: Inches },
  words: ChartPageWords,
): Sheet[] {
  const { width, height } = PAGES[asked.page]
  const square = Math.min(MAX_CHART_SQUARE, Math.max(MIN_CHART_SQUARE, asked.square))
  const across = spans([...picture.rows[0]!].length, Math.floor((width - 2 * SIDE) / square))
  const down = spans(picture.rows.length, Math.floor((height - TOP - PAGE_MARGIN - 0.2) / square))
  const windows = down.flatMap(rows => across.map(columns => ({ columns, rows })))
  const pages = windows.map((window, i) => ({
    width,
    height,
    marks: windowMarks(picture, window, square, words, { number: i + 2, of: windows.length + 1 }),
  }))
  return [{ width, height, marks: legendMarks(picture, legend, words, width) }, ...pages]
}

interface PageSpan {
  from: number
  to: number
}

/** So many squares on the fewest pages of `room` squares, each with two of the page before. */
function spans(squares: number, room: number): PageSpan[] {
  if (squares <= room) return [{ from: 0, to: squares }]
  const step = Math.max(1, room - OVERLAP)
  const count = Math.ceil((squares - OVERLAP) / step)
  return Array.from({ length: count }, (_, i) => ({ from: i * step, to: Math.min(squares, i * step + room) }))
}

function legendMarks(
  picture: SquarePicture,
  legend: readonly ChartLegend[],
  words: ChartPageWords,
  width: Inches,
): Mark[] {
  const columns = 3
  const [wide, high] = [(width - 2 * PAGE_MARGIN) / columns, 0.9]
  return [
    text([PAGE_MARGIN, PAGE_MARGIN + 0.25], words.title, 0.19, 'left', true),
    text([PAGE_MARGIN, PAGE_MARGIN + 0.52], words.reading, 0.125),
    ...legend.flatMap((entry, i): Mark[] => {
      const x = PAGE_MARGIN + (i % columns) * wide
      const y = 1.3 + Math.floor(i / columns) * (high + 0.15)
      const colour = printedColour(entry.letter, picture.chart.colour)
      return [
        { kind: 'fill', x, y, width: 0.42, height: 0.42, colour },
        ...box(x, y, 0.42, 0.42),
        text([x + 0.21, y + 0.31], entry.letter, 0.27, 'middle', true),
        ...box(x + 0.5, y, 0.72, 0.72),
        text([x + 0.86, y + 0.4], words.snip, 0.08, 'middle'),
        ...entry.cloths.slice(0, 2).map((cloth, k) => text([x + 1.3, y + 0.15 + 0.15 * k], cloth, 0.1)),
        text([x + 1.3, y + 0.5], words.legend(entry), 0.1),
      ]
    }),
  ]
}

/**
 * Half of its coding colour on white: a printer without colours makes of the full ones a grey on which no letter can be
 * read. Black on the darkest half stands out five to one.
 */
function printedColour(letter: string, chosen: Readonly<Record<string, string>>): string {
  const full = codingColour(letter, chosen)
  const half = [1, 3, 5].map(at => Math.round((255 + Number.parseInt(full.slice(at, at + 2), 16)) / 2))
  return `#${half.map(part => part.toString(16).padStart(2, '0')).join('')}`
}

function box(x: Inches, y: Inches, width: Inches, height: Inches): Mark[] {
  return [line('fine', [x, y], [x + width, y], [x + width, y + height], [x, y + height], [x, y])]
}

function windowMarks(
  picture: SquarePicture,
  { columns, rows }: { columns: PageSpan; rows: PageSpan },
  square: Inches,
  words: ChartPageWords,
  { number, of }: { number: number; of: number },
): Mark[] {
  const [left, top] = [SIDE, TOP]
  const all = [...picture.rows[0]!].length
  const columnNumber = (x: number) => (picture.chart.side === 'left' ? x + 1 : all - x)
  const numbers = [columnNumber(columns.from), columnNumber(columns.to - 1)].sort((a, b) => a - b) as [number, number]
  const rowNumbers = [rowNumber(picture, rows.from), rowNumber(picture, rows.to - 1)].sort((a, b) => a - b) as [
    number,
    number,
  ]
  const marks: Mark[] = [
    text([PAGE_MARGIN, PAGE_MARGIN + 0.2], words.title, 0.16, 'left', true),
    text([PAGE_MARGIN, PAGE_MARGIN + 0.42], words.page(number, of, numbers, rowNumbers), 0.12),
  ]
  for (let y = rows.from; y < rows.to; y++) {
    const line = [...picture.rows[y]!].slice(columns.from, columns.to)
    marks.push(...rowMarks(line, left, top + (y - rows.from) * square, square, picture.chart.colour))
  }
  const [right, bottom] = [left + (columns.to - columns.from) * square, top + (rows.to - rows.from) * square]
  for (let x = columns.from; x <= columns.to; x++) {
    const at = left + (x - columns.from) * square
    const isStrong = (picture.chart.side === 'left' ? x : all - x) % STRONG === 0
    marks.push(line(isStrong ? 'cut' : 'hair', [at, top], [at, bottom]))
    if (x < columns.to && columnNumber(x) % NUMBERED === 0)
      marks.push(text([at + square / 2, top - 0.06], String(columnNumber(x)), 0.1, 'middle'))
  }
  for (let y = rows.from; y <= rows.to; y++) {
    const at = top + (y - rows.from) * square
    const before = picture.chart.from === 'top' ? y : picture.rows.length - y
    marks.push(line(before % STRONG === 0 ? 'cut' : 'hair', [left, at], [right, at]))
    if (y === rows.to) break
    const size = Math.min(0.12, square * 0.6)
    for (const x of [left - 0.18, right + 0.18])
      marks.push(text([x, at + square / 2 + size * 0.35], String(rowNumber(picture, y)), size, 'middle'))
  }
  return [...marks, ...overlapMarks(picture, { columns, rows }, { left, top, right, bottom }, square)]
}

function rowMarks(
  letters: readonly string[],
  left: Inches,
  y: Inches,
  square: Inches,
  chosen: Readonly<Record<string, string>>,
): Mark[] {
  let at = 0
  const fills = runsOf(readRow(letters.join(''), 'left')).map(({ letter, count }): Mark => {
    const x = left + at * square
    at += count
    return { kind: 'fill', x, y, width: count * square, height: square, colour: printedColour(letter, chosen) }
  })
  const size = square * 0.62
  const words = letters.map((letter, i) =>
    text([left + (i + 0.5) * square, y + square / 2 + size * 0.36], letter, size, 'middle'),
  )
  return [...fills, ...words]
}

/** A dashed line where the page before ends and the next begins. */
function overlapMarks(
  picture: SquarePicture,
  { columns, rows }: { columns: PageSpan; rows: PageSpan },
  { left, top, right, bottom }: { left: Inches; top: Inches; right: Inches; bottom: Inches },
  square: Inches,
): Mark[] {
  const inside = OVERLAP * square
  const all = [...picture.rows[0]!].length
  return [
    ...(columns.from > 0 ? [line('seam', [left + inside, top], [left + inside, bottom])] : []),
    ...(columns.to < all ? [line('seam', [right - inside, top], [right - inside, bottom])] : []),
    ...(rows.from > 0 ? [line('seam', [left, top + inside], [right, top + inside])] : []),
    ...(rows.to < picture.rows.length ? [line('seam', [left, bottom - inside], [right, bottom - inside])] : []),
  ]
}
