// In: the pictures of a quilt. Out: how each is read from its chart, row by row, and what its way of sewing takes.
import { panelsOf } from '../charts/panels'
import { chartRows, squareCounts, type ChartRow } from '../charts/rows'
import { backwards, isTurnedRow, type Segment } from '../charts/words'
import type { ChartWay, SquarePicture } from '../designs/chart'
import { ownBlocks, type Quilt } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import { variants } from '../make/units/demands'
import { explained, opaque, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { shortHash } from '../measure/shortHash'
import { sumOf } from '../measure/sum'
import { unfinishedSide } from '../measure/unfinishedSide'
import { spareOf, squaresOfStrip, wordsOf, workByRows, workChosen, type ChartWord, type ChartWork } from './chartWork'

export interface PlannedChart {
  block: string
  /** As it stands mirrored in the quilt: made in the mirror, it is read so too. */
  mirror?: true
  way: ChartWay
  /** In the order of reading; `segments` that come from strip sets, by their first square in that order, from 0. */
  rows: PlannedChartRow[]
  /** By letter: squares of the picture, and how many are cut. */
  counts: Record<string, { squares: number; cut: number }>
  /** Strip sets by the letters of their strips; `spare`: what full sets would give beyond the segments wanted. */
  words: ChartWord[]
  panels: PlannedChartPanel[]
  /** Cuts and seams row by row, and by the way chosen. */
  work: Record<'rows' | 'chosen', ChartWork>
}

export interface PlannedChartRow extends Omit<ChartRow, 'at'> {
  /** For ticks: what the row is, square by square. */
  id: string
  segments?: ChartSegment[]
}

export interface ChartSegment {
  at: number
  word: string
  /** Laid turned half round, so that its seams are pressed the other way. */
  turned: boolean
}

/** In squares from the top left, and before and after its folded seams are sewn, raw edge to raw edge. */
export interface PlannedChartPanel {
  x: number
  y: number
  across: number
  down: number
  before: Inches
  after: Inches
  beforeDown: Inches
  afterDown: Inches
}

/** A chart for each picture of the quilt, and for its mirror image where that stands there. */
export function plannedCharts(quilt: Quilt, makes: ReadonlyMap<string, BlockMake>): Explainable<PlannedChart>[] {
  return ownBlocks(quilt).flatMap(({ id, design: name }) => {
    const make = makes.get(id)
    const picture = quilt.designs.get(name)?.picture
    if (!make || !picture) return []
    const cells = variants(quilt).flatMap(variant => (variant.cell.block === id ? variant.cells : []))
    const isDrawn = cells.length === 0 || cells.some(cell => !cell.mirror)
    const isMirrored = cells.some(cell => cell.mirror)
    return [
      ...(isDrawn ? [plannedChart(quilt, make, picture, false)] : []),
      ...(isMirrored ? [plannedChart(quilt, make, picture, true)] : []),
    ]
  })
}

function plannedChart(
  quilt: Quilt,
  make: BlockMake,
  drawn: SquarePicture,
  isMirrored: boolean,
): Explainable<PlannedChart> {
  const picture = isMirrored ? { ...drawn, rows: drawn.rows.map(backwards) } : drawn
  const { block, segments } = make
  const perStrip = squaresOfStrip(quilt, block, drawn)
  const words = wordsOf(drawn, segments!, perStrip)
  return {
    block: block.id,
    ...(isMirrored ? { mirror: true as const } : {}),
    way: drawn.chart.way,
    rows: rowsOnce(block.id, picture, segments!, isMirrored),
    counts: countsOf(drawn, segments!),
    words,
    panels: drawn.chart.way === 'panels' ? panelSizes(quilt, make, picture) : [],
    work: { rows: workByRows(squareCounts(drawn), perStrip), chosen: workChosen(drawn, segments!, words, perStrip) },
  }
}

const known = new WeakMap<readonly (readonly Segment[])[], Map<string, PlannedChart['rows']>>()

/** Worked out once for a picture as it is sewn: what else changes in the quilt changes no row. */
function rowsOnce(
  block: string,
  picture: SquarePicture,
  segments: readonly (readonly Segment[])[],
  isMirrored: boolean,
): PlannedChart['rows'] {
  const ofPicture = known.get(segments) ?? new Map<string, PlannedChart['rows']>()
  known.set(segments, ofPicture)
  const key = `${block} ${isMirrored}`
  const rows = ofPicture.get(key) ?? opaque(rowsWithSegments(block, picture, segments, isMirrored))
  ofPicture.set(key, rows)
  return rows
}

/** In the mirror words stay as they are sewn and lie the other way. */
function rowsWithSegments(
  block: string,
  picture: SquarePicture,
  segments: readonly (readonly Segment[])[],
  isMirrored: boolean,
): PlannedChart['rows'] {
  const columns = [...picture.rows[0]!].length
  const isFromRight = picture.chart.side === 'right'
  return chartRows(picture).map(({ at, ...drawn }) => {
    // by its place in the picture and its squares: ticks stay when it is read from another corner
    const id = `chart.${block}.${isMirrored ? 'mirrored.' : ''}${at + 1}.${shortHash(picture.rows[at]!)}`
    const press = isMirrored ? (drawn.press === 'left' ? 'right' : 'left') : drawn.press
    const row = { ...drawn, id, press } satisfies PlannedChartRow
    if (picture.chart.way !== 'strip-sets') return row
    const turned = isTurnedRow(picture, at) !== isMirrored
    const ofRow = segments[at]!.flatMap(({ x, length, word }): ChartSegment[] =>
      word ? [{ at: isFromRight === isMirrored ? x : columns - x - length, word, turned }] : [],
    )
    return { ...row, segments: ofRow.sort((a, b) => a.at - b.at) }
  })
}

/** Letters that come from strip sets alone have no spare squares. */
function countsOf(
  picture: SquarePicture,
  segments: readonly (readonly Segment[])[],
): Explainable<PlannedChart['counts']> {
  const spareFor = spareOf(picture, segments)
  return Object.fromEntries(
    [...squareCounts(picture)].map(([letter, squares]) => {
      const cut = sumOf([
        { what: 'squares', value: squares },
        { what: 'spare', value: spareFor(letter) },
      ])
      return [letter, { squares, cut: explained(cut) }]
    }),
  )
}

/** Before its seams every square still has its allowance; after them only the edge has. */
function panelSizes(quilt: Quilt, { block }: BlockMake, picture: SquarePicture): Explainable<PlannedChartPanel>[] {
  const width = block.width / [...picture.rows[0]!].length
  const height = block.height / picture.rows.length
  const before = (count: number, side: Inches) =>
    explained(sumOf([{ what: 'squares', count, each: side + 2 * quilt.seam }]))
  const after = (count: number, side: Inches) => explained(unfinishedSide(count * side, quilt.seam))
  return panelsOf(picture).map(panel => ({
    ...panel,
    before: before(panel.across, width),
    after: after(panel.across, width),
    beforeDown: before(panel.down, height),
    afterDown: after(panel.down, height),
  }))
}
