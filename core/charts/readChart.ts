// In: a chart as text, one line a row. Out: its rows in letters, what each letter stood for, or why not.
import { MAX_SQUARES } from '../designs/squares'
import { CHART_LETTERS, MAX_CHART_CLOTHS } from './codingColours'

export type ChartTrouble =
  | { code: 'empty' }
  | { code: 'too-wide' | 'too-long'; most: number }
  | { code: 'too-many-kinds'; got: number; most: number }
  | { code: 'formula'; row: number; column: number }

export interface ReadChart {
  rows: string[]
  /** By letter the mark that stood in its cells. */
  marks: Record<string, string>
  /** Rows shorter than the longest, filled up with the commonest mark of the last column. */
  ragged: number
  /** Whether a first row or column of numbers was left out. */
  numbered: { row: boolean; column: boolean }
}

export type ChartReading = { ok: true; chart: ReadChart } | { ok: false; trouble: ChartTrouble }

const SEPARATORS = ['\t', ';', ',', '|', ' '] as const
/** A cell that a table would work out is no mark. */
const IS_FORMULA = /^[=+@]./

/**
 * Reads a chart of letters or numbers as they stand: tab, semicolon, comma, bar or space between cells, the first that
 * stands in half of the lines; without any, a mark a square. Letters stay as they are where all cells are letters.
 */
export function readChart(text: string): ChartReading {
  const lines = linesOf(text)
  if (lines.length === 0) return { ok: false, trouble: { code: 'empty' } }
  if (lines.length > MAX_SQUARES + 1) return { ok: false, trouble: { code: 'too-long', most: MAX_SQUARES } }
  const separator = SEPARATORS.find(mark => lines.filter(line => line.trim().includes(mark)).length * 2 >= lines.length)
  const cells = lines.map(line => cellsOf(line, separator))
  for (const [row, line] of cells.entries()) {
    const column = line.findIndex(cell => IS_FORMULA.test(cell))
    if (column >= 0) return { ok: false, trouble: { code: 'formula', row: row + 1, column: column + 1 } }
  }
  const { grid, numbered } = withoutNumbers(cells)
  const columns = Math.max(0, ...grid.map(line => line.length))
  if (columns > MAX_SQUARES) return { ok: false, trouble: { code: 'too-wide', most: MAX_SQUARES } }
  if (grid.length > MAX_SQUARES) return { ok: false, trouble: { code: 'too-long', most: MAX_SQUARES } }
  if (columns === 0) return { ok: false, trouble: { code: 'empty' } }
  const ragged = grid.filter(line => line.length < columns).length
  const fill = commonest(grid.flatMap(line => (line.length === columns ? [line.at(-1)!] : [])))
  return lettered(
    grid.map(line => [...line, ...Array<string>(columns - line.length).fill(fill)]),
    { ragged, numbered },
  )
}

/** Lines with something in them, a mark of byte order and a line that names the separator left out. */
function linesOf(text: string): string[] {
  const plain = text.replace(/^\uFEFF/, '').replace(/^sep=.[\r\n]+/i, '')
  // one more than is allowed says that there are too many
  const lines = plain.split(/\r\n|\r|\n/, MAX_SQUARES * 2 + 4)
  while (lines.length > 0 && lines.at(-1)!.trim() === '') lines.pop()
  while (lines.length > 0 && lines[0]!.trim() === '') lines.shift()
  return lines
}

function cellsOf(line: string, separator: string | undefined): string[] {
  // no more is read than says that it is too much
  const most = MAX_SQUARES + 2
  const cells =
    separator === undefined
      ? [...line.trim().slice(0, 2 * most)]
      : separator === ' '
        ? line.trim().split(/ +/, most)
        : line.split(separator, most)
  const trimmed = cells.map(cell => cell.trim().replace(/^"(.*)"$/, '$1'))
  while (trimmed.length > 0 && trimmed.at(-1) === '') trimmed.pop()
  return trimmed
}

/** Numbers that count 1, 2, 3 … along the first row or down the first column are no squares. */
function withoutNumbers(cells: string[][]): { grid: string[][]; numbered: ReadChart['numbered'] } {
  const counts = (list: readonly string[]) => list.length > 2 && list.every((cell, i) => cell === String(i + 1))
  const isRow = counts((cells[0] ?? []).filter(cell => cell !== ''))
  const below = isRow ? cells.slice(1) : cells
  const first = below.map(line => line[0] ?? '')
  const isColumn = counts(first) || counts([...first].reverse())
  return {
    grid: isColumn ? below.map(line => line.slice(1)) : below,
    numbered: { row: isRow, column: isColumn },
  }
}

function lettered(grid: string[][], rest: Pick<ReadChart, 'ragged' | 'numbered'>): ChartReading {
  const marks = [...new Set(grid.flat())]
  if (marks.length > MAX_CHART_CLOTHS)
    return { ok: false, trouble: { code: 'too-many-kinds', got: marks.length, most: MAX_CHART_CLOTHS } }
  const areLetters = marks.every(mark => /^\p{L}$/u.test(mark))
  const letterOf = new Map(marks.map((mark, i) => [mark, areLetters ? mark : CHART_LETTERS[i]!]))
  return {
    ok: true,
    chart: {
      rows: grid.map(line => line.map(cell => letterOf.get(cell)!).join('')),
      marks: Object.fromEntries([...letterOf].map(([mark, letter]) => [letter, mark])),
      ...rest,
    },
  }
}

function commonest(list: readonly string[]): string {
  const counts = new Map<string, number>()
  for (const mark of list) counts.set(mark, (counts.get(mark) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? ''
}

/** How the bytes of a text file are to be read: by its mark of byte order, else by which half of its bytes is empty. */
export function textEncoding(bytes: Uint8Array): 'utf-8' | 'utf-16le' | 'utf-16be' {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be'
  const head = bytes.subarray(0, 200)
  const empty = [0, 0]
  head.forEach((byte, i) => {
    if (byte === 0) empty[i % 2]! += 1
  })
  if (empty[1]! * 4 > head.length) return 'utf-16le'
  return empty[0]! * 4 > head.length ? 'utf-16be' : 'utf-8'
}
