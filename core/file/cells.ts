import type { Cell } from './quilt'
import type { ParsedQuilt } from './schema'

/** Every place of the setting, whether the file names them or has a fill to repeat. */
export function cellsOf(file: ParsedQuilt): Cell[][] {
  const { across, down, cells, fill = [[file.blocks[0]!.id]] } = file.setting
  if (cells) return cells.map(line => line.map(({ block, turn, mirror, cloths }) => ({ block, turn, mirror, cloths })))
  return Array.from({ length: down }, (_, r) =>
    Array.from({ length: across }, (_, c): Cell => {
      const line = fill[r % fill.length]!
      return { block: line[c % line.length]!, turn: 0, mirror: false, cloths: {} }
    }),
  )
}
