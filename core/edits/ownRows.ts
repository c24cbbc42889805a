// In: rows of their own blocks. Out: the file with rows added, moved, taken out; how much each lacks in width.
import { blockOf, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import type { Inches } from '../measure/ruler'
import { replaced, written, type Edit } from './edit'
import { asCells, withCells } from './setting'
import { withoutStaleMeasures } from './staleMeasures'

type RowEntry = NonNullable<QuiltFile['setting']['rows']>[number]

/** More or fewer blocks in one row of its own; its last block is repeated. */
export function setRowCount(row: number, count: number): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'setting')
    const cells = asCells(file)
    const line = cells[row]!
    const next = Array.from({ length: count }, (_, c) => line[c] ?? line.at(-1)!)
    return withCells(file, replaced(cells, row, next))
  }
}

/** How far one row of its own stands from the edge. */
export function setRowShift(row: number, shift: Inches): Edit {
  return file =>
    changed(file, rows => rows.map((entry, r) => (r === row ? { ...entry, shift: written(file, shift) } : entry)))
}

/** The same row once more, below it. */
export function repeatRow(row: number): Edit {
  return file => changed(file, rows => rows.flatMap((entry, r) => (r === row ? [entry, { ...entry }] : [entry])))
}

/** Takes a row out; the last one stays. */
export function removeRow(row: number): Edit {
  return file => (asCells(file).length > 1 ? changed(file, rows => rows.filter((_, r) => r !== row)) : file)
}

/** Puts a row into another place; those between move along. */
export function moveRow(row: number, to: number): Edit {
  return file =>
    changed(file, rows => {
      const others = rows.filter((_, r) => r !== row)
      return [...others.slice(0, to), rows[row]!, ...others.slice(to)]
    })
}

function changed(old: QuiltFile, change: (rows: RowEntry[]) => RowEntry[]): QuiltFile {
  const { setting, ...file } = withoutStaleMeasures(old, 'setting')
  const rows = change(setting.rows ?? asCells(old).map(cells => ({ cells })))
  return { ...file, setting: { ...setting, rows } }
}

/** How wide each row is with its place from the edge, and how much cloth fills it at its right end. */
export function rowWidths(quilt: Quilt): { width: Inches; missing: Inches }[] {
  const { cells, rows } = quilt.setting
  const widths = cells.map((line, r) =>
    line.reduce((sum, { block, turn }) => {
      const { outer } = blockOf(quilt, block)
      return sum + (turn % 180 === 0 ? outer.width : outer.height)
    }, rows?.[r]?.shift ?? 0),
  )
  const widest = Math.max(...widths)
  return widths.map(width => ({ width, missing: widest - width }))
}
