// In: a picture. Out: its rows as they are read from the chart.
import type { SquarePicture } from '../designs/chart'

/** Squares of one letter that follow each other. */
export interface Run {
  letter: string
  count: number
}

/** A row in the order of reading: 1 is where reading starts. */
export interface ChartRow {
  row: number
  /** Where it lies in the picture, from the top. */
  at: number
  runs: Run[]
  /** To which end of the row its seams are pressed, seen from the front: by turns, so that they nest with the next. */
  press: 'left' | 'right'
}

/** The rows of a picture by its chart. Odd rows are pressed to the right and even rows to the left. */
export function chartRows({ rows, chart }: SquarePicture): ChartRow[] {
  return rows.map((_, i) => {
    const at = chart.from === 'top' ? i : rows.length - 1 - i
    return { row: i + 1, at, runs: runsOf(readRow(rows[at]!, chart.side)), press: pressOfRow(i + 1) }
  })
}

/** To which end the seams of a row are pressed, by its number. */
export function pressOfRow(row: number): 'left' | 'right' {
  return row % 2 === 1 ? 'right' : 'left'
}

/** The number of a row in the order of reading by its place from the top. */
export function rowNumber({ rows, chart }: SquarePicture, at: number): number {
  return chart.from === 'top' ? at + 1 : rows.length - at
}

/** A row letter by letter as it is read. */
export function readRow(row: string, side: 'left' | 'right'): string[] {
  return side === 'left' ? [...row] : [...row].reverse()
}

/** Letters as runs of like ones. */
export function runsOf(letters: readonly string[]): Run[] {
  const runs: Run[] = []
  for (const letter of letters) {
    const last = runs.at(-1)
    if (last?.letter === letter) last.count += 1
    else runs.push({ letter, count: 1 })
  }
  return runs
}

/** How many squares each letter has, in the order of the alphabet. */
export function squareCounts({ rows }: Pick<SquarePicture, 'rows'>): Map<string, number> {
  const counts = new Map<string, number>()
  for (const row of rows) for (const letter of row) counts.set(letter, (counts.get(letter) ?? 0) + 1)
  return new Map([...counts].sort(([a], [b]) => (a < b ? -1 : 1)))
}
