import { clothsOfPlace } from './heaps'
import type { Cell } from './quilt'
import type { ParsedQuilt, QuiltFile } from './schema'
import { rulesOf } from './settings'
import type { SettingCounts } from './settings/settingRules'
import { asTheHandLays } from './turnedImage'

/**
 * Every place of the setting, whether the file names them or has a fill to repeat. Places alike are one and the same
 * cell: what is worked out for one need not be worked out again.
 */
export function cellsOf(file: ParsedQuilt): Cell[][] {
  const found = placed.get(file)
  if (found) return found
  const cells = placedCells(file)
  placed.set(file, cells)
  return cells
}

/** A file is asked more than once while it is read. */
const placed = new WeakMap<ParsedQuilt, Cell[][]>()

function placedCells(file: ParsedQuilt): Cell[][] {
  const { cells, fill = [[file.blocks[0]!.id]] } = file.setting
  const known = new Map<string, Cell>()
  const lying = new Map<string, Cell>()
  // as it lies it may be one that stands unmirrored elsewhere
  const laid = (cell: Cell): Cell => {
    const key = keyOfCell(cell)
    const found = lying.get(key) ?? cell
    lying.set(key, found)
    return found
  }
  const hasHeaps = new Set(file.blocks.flatMap(({ id, heaps }) => (Object.keys(heaps).length > 0 ? [id] : [])))
  const cellFor = ({ block, turn, mirror, cloths: own }: Cell, row: number, column: number): Cell => {
    const cloths = hasHeaps.has(block) ? clothsOfPlace(file, { block, cloths: own }, [row, column]) : own
    const key = keyOfCell({ block, turn, mirror, cloths })
    const cell = known.get(key) ?? laid({ block, cloths, ...asTheHandLays(file, { block, turn, mirror }) })
    known.set(key, cell)
    return cell
  }
  const { rows } = file.setting
  if (rulesOf(file.setting).hasOwnRows && rows)
    return rows.map((row, r) => row.cells.map((cell, c) => cellFor(cell, r, c)))
  if (cells) return cells.map((line, r) => line.map((cell, c) => cellFor(cell, r, c)))
  return repeatedFill(file.setting, fill).map((line, r) =>
    line.map((block, c) => cellFor({ block, turn: 0, mirror: false, cloths: {} }, r, c)),
  )
}

type LayoutFields = SettingCounts & Pick<QuiltFile['setting'], 'kind'>

/** The blocks of all places, a fill repeated by row and column number. */
export function repeatedFill(setting: LayoutFields, fill: readonly (readonly string[])[]): string[][] {
  return rowLengths(setting).map((length, r) => {
    const line = fill[r % fill.length]!
    return Array.from({ length }, (_, c) => line[columnOf(setting, length, c) % line.length]!)
  })
}

/** The column in which a place of a row of this length stands. */
export function columnOf(setting: LayoutFields, length: number, c: number): number {
  return rulesOf(setting).columnOf(setting, length, c)
}

/** How many places each row of a setting has. */
export function rowLengths(setting: LayoutFields): number[] {
  return rulesOf(setting).lengths(setting)
}

function keyOfCell({ block, turn, mirror, cloths }: Cell): string {
  return `${block}\n${turn} ${mirror}${clothsKey(cloths)}`
}

function clothsKey(cloths: Cell['cloths']): string {
  const roles = Object.keys(cloths)
  if (roles.length > 1) roles.sort()
  let key = ''
  for (const role of roles) key += `\n${role}\n${cloths[role]}`
  return key
}
