import type { Cell } from './quilt'
import type { ParsedQuilt } from './schema'

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
  const { across, down, cells, fill = [[file.blocks[0]!.id]] } = file.setting
  const known = new Map<string, Cell>()
  const cellFor = ({ block, turn, mirror, cloths }: Cell): Cell => {
    const key = `${block}\n${turn} ${mirror}${clothsKey(cloths)}`
    const cell = known.get(key) ?? { block, turn, mirror, cloths }
    known.set(key, cell)
    return cell
  }
  if (cells) return cells.map(line => line.map(cellFor))
  const filled = fill.map(line => line.map(block => cellFor({ block, turn: 0, mirror: false, cloths: {} })))
  return Array.from({ length: down }, (_, r) => {
    const line = filled[r % filled.length]!
    return Array.from({ length: across }, (_, c) => line[c % line.length]!)
  })
}

function clothsKey(cloths: Cell['cloths']): string {
  const roles = Object.keys(cloths)
  if (roles.length > 1) roles.sort()
  let key = ''
  for (const role of roles) key += `\n${role}\n${cloths[role]}`
  return key
}
