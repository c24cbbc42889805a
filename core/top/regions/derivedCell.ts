import { blockOf, type Cell, type Quilt } from '../../file/quilt'

/** A place for a block that the setting asks for; places alike are one and the same cell. */
export function derivedCell(quilt: Quilt, block: string, turn: Cell['turn'] = 0, mirror = false): Cell {
  const cells = known.get(quilt) ?? new Map<string, Cell>()
  known.set(quilt, cells)
  const key = `${block} ${turn} ${mirror}`
  const cell = cells.get(key) ?? { block: blockOf(quilt, block).id, turn, mirror, cloths: {} }
  cells.set(key, cell)
  return cell
}

const known = new WeakMap<Quilt, Map<string, Cell>>()
