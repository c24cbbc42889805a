export const CHART_WAYS = ['rows', 'strip-sets', 'panels'] as const
/** How a picture is sewn: row by row, from strips sewn together first, or in panels on a fusible grid. */
export type ChartWay = (typeof CHART_WAYS)[number]

/** How a picture in squares is read and sewn. */
export interface Chart {
  /** By letter the scraps that its squares are cut from, used by turns in the order of reading. */
  cloths: Readonly<Record<string, readonly string[]>>
  /** By letter its colour on the chart, where the quilter chose one. */
  colour: Readonly<Record<string, string>>
  /** Squares of each letter cut beyond those needed. */
  spare: number
  /** Where reading starts: at the top or the bottom row, and from which end each row is read. */
  from: 'top' | 'bottom'
  side: 'left' | 'right'
  /** The most squares of one panel. */
  panel: { across: number; down: number }
  way: ChartWay
}

export const PLAIN_CHART: Chart = {
  cloths: {},
  colour: {},
  spare: 0,
  from: 'top',
  side: 'left',
  panel: { across: 10, down: 10 },
  way: 'rows',
}

/** A picture: one letter for each square, row by row from the top, and how it is read. */
export interface SquarePicture {
  rows: readonly string[]
  chart: Chart
}
