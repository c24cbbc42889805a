// Pictures in squares in words: what is wrong with a file, what a row says, what a way of sewing takes.
import type { ChartRow } from '../core/charts/rows'
import type { ChartReading, ChartTrouble, ReadChart } from '../core/charts/readChart'
import type { ChartWay } from '../core/designs/chart'
import type { PlannedChart, PlannedChartPanel } from '../core/plan/plannedCharts'
import type { ImageHeader, ImageNote } from '../core/pictures/imageHeader'
import { MAX_PIXELS } from '../core/pictures/imageHeader'
import { formatSize } from './length'
import { plural, type Speech } from './speech'

export const CHART_WAY_OPTIONS: readonly { value: ChartWay; label: string }[] = [
  { value: 'rows', label: 'row by row' },
  { value: 'strip-sets', label: 'from strip sets' },
  { value: 'panels', label: 'in panels on a fusible grid' },
]

const MEGAPIXELS = MAX_PIXELS / 1_000_000

/** Why a picture file is not taken. */
export function imageTroubleText(
  header: Extract<ImageHeader, { ok: false }> | { code: 'unreadable' | 'no-worker' },
): string {
  switch (header.code) {
    case 'not-a-picture':
      return 'This file is no picture. Choose a PNG or a JPEG.'
    case 'other-kind':
      return 'This picture is of another kind. Save it as PNG or JPEG and choose that.'
    case 'broken':
      return 'The beginning of this picture is damaged: its size cannot be read.'
    case 'too-small':
      return 'One point of color is no picture.'
    case 'too-large':
      return (
        `This picture has ${Math.round((header.width * header.height) / 1_000_000)} megapixels; `
        + `up to ${MEGAPIXELS} can be read. Make a smaller copy of it first.`
      )
    case 'unreadable':
      return 'This picture could not be read: it is damaged, or only half of it is there.'
    case 'no-worker':
      return 'This browser reads no pictures in the background.'
  }
}

/** What is said of a picture that is taken all the same. */
export function imageNoteText(note: ImageNote): string {
  return {
    'sixteen-bits': 'It has finer steps of color than a screen shows; they are rounded.',
    'four-colours': 'It is made for printing in four inks: its colors may look a little different here.',
    'several-frames': 'It moves: the first picture of it is taken.',
  }[note]
}

/** Why a chart is not taken. */
export function chartTroubleText(trouble: ChartTrouble): string {
  switch (trouble.code) {
    case 'empty':
      return 'There are no squares in it.'
    case 'too-wide':
      return `Its rows have more than ${trouble.most} squares.`
    case 'too-long':
      return `It has more than ${trouble.most} rows.`
    case 'too-many-kinds':
      return `It has ${trouble.got} kinds of squares; up to ${trouble.most} can be told apart.`
    case 'formula':
      return `Row ${trouble.row}, cell ${trouble.column} is a formula. Save its values instead.`
  }
}

/** What was read of a chart. */
export function chartReadText(reading: ChartReading): string {
  if (!reading.ok) return chartTroubleText(reading.trouble)
  const { rows, marks, ragged, numbered } = reading.chart
  const kinds = plural(Object.keys(marks).length, 'kind')
  const size = `${plural(rows.length, 'row')} of ${plural(rows[0]!.length, 'square')}, ${kinds}.`
  const left = [...(numbered.row ? ['the first row'] : []), ...(numbered.column ? ['the first column'] : [])]
  return [
    size,
    ...(left.length > 0 ? [`Only numbers, left out: ${left.join(' and ')}.`] : []),
    ...(ragged > 0 ? [`${plural(ragged, 'row')} shorter than the others, filled up at the end.`] : []),
  ].join(' ')
}

/** Letters and what stood for them, where that differs. */
export function marksText({ marks }: ReadChart): string {
  return Object.entries(marks)
    .filter(([letter, mark]) => letter !== mark)
    .map(([letter, mark]) => `${letter} is ${mark === '' ? 'an empty cell' : mark === ' ' ? 'a blank' : mark}`)
    .join(', ')
}

/** A row as it is laid out: `3 A, 2 C, 11 A`. */
export function runsText({ runs }: Pick<ChartRow, 'runs'>): string {
  return runs.map(({ letter, count }) => `${count}\u00a0${letter}`).join(', ')
}

/** A row with its number and how many squares it has. */
export function chartRowText(row: Pick<ChartRow, 'row' | 'runs'>): string {
  const squares = row.runs.reduce((sum, { count }) => sum + count, 0)
  return `Row ${row.row}: ${runsText(row)}, ${plural(squares, 'square')}`
}

/** What the chosen way of sewing saves, or costs, against row by row. */
export function workText({ way, work }: Pick<PlannedChart, 'way' | 'work'>): string {
  const { rows, chosen } = work
  const said = ({ cuts, seams }: typeof rows) => `${plural(cuts, 'cut')} and ${plural(seams, 'seam')}`
  if (way === 'rows') return `Row by row: ${said(rows)}.`
  const parts = [
    { name: 'cut', by: rows.cuts - chosen.cuts },
    { name: 'seam', by: rows.seams - chosen.seams },
  ].filter(({ by }) => by !== 0)
  const saved = parts.map(({ name, by }) => `${plural(Math.abs(by), name)} ${by > 0 ? 'fewer' : 'more'}`)
  const than = saved.length > 0 ? `${saved.join(' and ')} than row by row` : 'as many as row by row'
  return `${said(chosen)}: ${than}.`
}

/** Two letters that touch in cloths too near in value: seen along their common edge. */
export interface NearLetters {
  letters: readonly [string, string]
  edges: number
  /** Of their lightness, 0 to 100. */
  difference: number
  /** From across the room color keeps them apart. */
  isHeld: boolean
}

/** What their common edge looks like from afar. */
export function nearText({ letters: [one, other], edges, difference, isHeld }: NearLetters): string {
  const told = `${one} and ${other}, ${plural(edges, 'edge')}: ${Math.round(difference)} apart in lightness`
  return isHeld ? `${told}; from afar only color holds the line.` : `${told}; from afar the line is lost.`
}

/** How a panel is laid, folded and sewn, in the order of the work; its sizes are raw edge to raw edge. */
export function panelSteps(panel: PlannedChartPanel, speech: Speech): string[] {
  const { across, down, before, after, beforeDown, afterDown } = panel
  const lines = (count: number) => plural(count - 1, 'line')
  return [
    `Cut the grid ${formatSize(before, beforeDown, speech)}. Lay ${across} × ${down} squares on it, edge to edge, `
      + 'row by row as the chart says, and fuse them.',
    ...(down > 1
      ? [
          `Fold along each line between two rows, right sides together, and sew it: ${lines(down)}, from the top down.`,
          'Snip the allowances at every crossing, close to the seam and not into it. '
            + 'Press them by turns, so that the next seams nest.',
        ]
      : []),
    ...(across > 1
      ? [
          `Fold along each line between two columns and sew it: ${lines(across)}, from the left. `
            + 'Press them all one way.',
        ]
      : []),
    `The panel now measures ${formatSize(after, afterDown, speech)}.`,
  ]
}

/** Panels of one size by how many there are. */
export function panelSizes(panels: readonly PlannedChartPanel[]): { panel: PlannedChartPanel; count: number }[] {
  const found = new Map<string, { panel: PlannedChartPanel; count: number }>()
  for (const panel of panels) {
    const key = `${panel.across} ${panel.down}`
    const known = found.get(key) ?? { panel, count: 0 }
    known.count += 1
    found.set(key, known)
  }
  return [...found.values()]
}

/** A strip set of a chart: its strips in order, and what is cut from it. */
export function wordText({ word, sets, segments }: PlannedChart['words'][number]): string {
  const strips = [...word].join(', ')
  return `${plural(sets, 'set')} of ${strips}: ${plural(segments, 'segment')}`
}

/** One run of a row at the machine, and the next. */
export function runText({ row, runs }: Pick<ChartRow, 'row' | 'runs'>, at: number, cloths: readonly string[]): string {
  const { letter, count } = runs[at]!
  const next = runs[at + 1]
  const then = next ? `Then ${next.count} ${next.letter}.` : 'The row ends with them.'
  return `Row ${row}: ${count} ${letter}, ${cloths.join(' and ')} by turns. ${then}`.replace(
    cloths.length > 1 ? '' : ' by turns',
    '',
  )
}
