// In: the quilt, with what was measured of its blocks. Out: its rows or columns, each shifted by its own length.
import { halfCell } from '../../file/halfBlocks'
import type { Cell, HalfSide, Quilt } from '../../file/quilt'
import type { Inches } from '../../measure/ruler'
import type { SettingStyle } from './setting'
import { standingSizes } from '../regions/standingSize'
import { lineSetting, type Filler, type Line } from './lines'

/**
 * Rows (columns) that stand further in or out by turns. Ends of cloth: as wide as the shift on one side and as what is
 * left to the largest shift on the other. Half blocks: a shifted row has a half at each end and one whole block fewer.
 * Source: handbook §4.
 */
export const offsetRows: SettingStyle = quilt => offset(quilt, 'row')
export const offsetColumns: SettingStyle = quilt => offset(quilt, 'column')

function offset(quilt: Quilt, kind: 'row' | 'column') {
  const { sashing, ends, shifts } = quilt.setting
  const sizeOf = standingSizes(quilt)
  const [along, across] = kind === 'row' ? (['width', 'height'] as const) : (['height', 'width'] as const)
  const placed = kind === 'row' ? rowsOf(quilt) : columnsOf(quilt)
  const lines =
    ends === 'half-blocks'
      ? withHalfBlocks(quilt, placed, kind)
      : placed.map((blocks): Line => {
          const cells = blocks.map(({ cell }) => cell)
          const length = (cell: Cell) => sizeOf([cell], along)
          return {
            depth: sizeOf(cells, across),
            blocks: blocks.map(block => ({ ...block, length: length(block.cell) })),
          }
        })
  const filled = typeof ends === 'object' ? withEnds(lines, shifts, ends.cloth) : lines
  return lineSetting(filled, sashing ? { ...sashing, within: true, between: true } : null, kind)
}

/** Cloth before and after each line; where measured blocks leave one line shorter, its end is longer by that. */
function withEnds(lines: readonly Line[], shifts: readonly Inches[], cloth: string): Line[] {
  const shiftOf = (i: number) => shifts[i % shifts.length]!
  const largest = Math.max(...lines.map((_, i) => shiftOf(i)))
  const lengthOf = ({ blocks }: Line) => blocks.reduce((sum, { length }) => sum + length, 0)
  const longest = Math.max(...lines.map(lengthOf))
  const end = (length: Inches): Filler => ({ length, part: { kind: 'end' }, fabric: { cloth } })
  return lines.map((line, i) => ({
    ...line,
    before: end(shiftOf(i)),
    after: end(largest - shiftOf(i) + longest - lengthOf(line)),
  }))
}

/** A shifted line has half of its first block at each end: the end of one half, and the beginning of another. */
function withHalfBlocks(quilt: Quilt, placed: readonly PlacedLine[][], kind: 'row' | 'column'): Line[] {
  const sizeOf = standingSizes(quilt)
  const [along, across] = kind === 'row' ? (['width', 'height'] as const) : (['height', 'width'] as const)
  const length = sizeOf(quilt.setting.cells.flat(), along)
  const [first, last] = kind === 'row' ? (['left', 'right'] as const) : (['top', 'bottom'] as const)
  return placed.map((blocks): Line => {
    const cells = blocks.map(({ cell }) => cell)
    const line = { depth: sizeOf(cells, across), blocks: blocks.map(block => ({ ...block, length })) }
    const half = (side: HalfSide): Filler => ({
      length: length / 2,
      part: { kind: 'half-block', half: side },
      fabric: { cell: halfCell(cells[0]!, side) },
    })
    return blocks.length < placed[0]!.length ? { ...line, before: half(first), after: half(last) } : line
  })
}

interface PlacedLine {
  cell: Cell
  row: number
  column: number
}

function rowsOf({ setting: { cells } }: Quilt): PlacedLine[][] {
  return cells.map((line, row) => line.map((cell, column) => ({ cell, row, column })))
}

/** With half blocks the last row has only the columns that are not shifted. */
function columnsOf({ setting: { cells } }: Quilt): PlacedLine[][] {
  const across = cells[0]!.length
  const isShort = (line: readonly Cell[]) => line.length < across
  return cells[0]!.map((_, c) =>
    cells.flatMap((line, row) => {
      const column = isShort(line) ? c / 2 : c
      const cell = isShort(line) && c % 2 === 1 ? undefined : line[column]
      return cell ? [{ cell, row, column }] : []
    }),
  )
}
