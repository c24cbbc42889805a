// In: the quilt, with what was measured of its blocks. Out: rows of their own blocks and heights.
import type { Cell } from '../../file/quilt'
import type { Inches } from '../../measure/ruler'
import type { SettingStyle } from './setting'
import { standingSizes } from '../regions/standingSize'
import { lineSetting, type Filler, type Line } from './lines'

/**
 * Each row has its own blocks and height and stands as far from the edge as its shift; what it lacks in width to the
 * widest is made up by end pieces. Long sashes may run between the rows. Source: the agreement on settings.
 */
export const rowsSetting: SettingStyle = quilt => {
  const { cells, rows = [], ends, sashing } = quilt.setting
  const sizeOf = standingSizes(quilt)
  const length = (cell: Cell) => sizeOf([cell], 'width')
  const shiftOf = (r: number) => rows[r]?.shift ?? 0
  const lengthOf = (line: readonly Cell[], r: number) => line.reduce((sum, cell) => sum + length(cell), shiftOf(r))
  const widest = Math.max(...cells.map(lengthOf))
  const end = (wide: Inches): Filler => ({
    length: wide,
    part: { kind: 'end' },
    fabric: { cloth: typeof ends === 'object' ? ends.cloth : '' },
  })
  const lines = cells.map((line, row): Line => ({
    depth: sizeOf(line, 'height'),
    blocks: line.map((cell, column) => ({ cell, row, column, length: length(cell) })),
    before: end(shiftOf(row)),
    after: end(widest - lengthOf(line, row)),
  }))
  return lineSetting(lines, sashing ? { ...sashing, within: false, between: true } : null, 'row')
}
