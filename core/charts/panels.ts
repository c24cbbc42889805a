import type { SquarePicture } from '../designs/chart'

/** A part of a picture that is laid on one piece of fusible grid: its first column and row, and its squares. */
export interface ChartPanel {
  x: number
  y: number
  across: number
  down: number
}

/** A picture in panels of so many squares at most, as even as may be, row by row from the top left. */
export function panelsOf({ rows, chart }: SquarePicture): ChartPanel[] {
  const columns = parts([...rows[0]!].length, chart.panel.across)
  return parts(rows.length, chart.panel.down).flatMap(down =>
    columns.map(across => ({ x: across.from, y: down.from, across: across.count, down: down.count })),
  )
}

/** In which panel a square lies: counted from 1, row by row from the top left. */
export function panelNumbers({ rows, chart }: SquarePicture): (x: number, y: number) => number {
  const across = parts([...rows[0]!].length, chart.panel.across)
  const down = parts(rows.length, chart.panel.down)
  const [columns, bands] = [across, down].map(list => list.flatMap(({ count }, i) => Array<number>(count).fill(i)))
  return (x, y) => bands![y]! * across.length + columns![x]! + 1
}

/** So many squares in the fewest parts of `most` at most; none has two more than another. */
export function parts(squares: number, most: number): { from: number; count: number }[] {
  const count = Math.ceil(squares / most)
  return Array.from({ length: count }, (_, i) => {
    const from = Math.floor((i * squares) / count)
    return { from, count: Math.floor(((i + 1) * squares) / count) - from }
  })
}
