import { framed, framesOf } from './frames'
import type { Inches } from '../measure/ruler'
import type { Cell } from './quilt'
import type { ParsedQuilt } from './schema'
import type { PlacedSide } from './settings/settingRules'

/** How wide and high a block stands in its place, finished and with its frames: a quarter turn changes its sides. */
export function placedSizes(file: ParsedQuilt): (cell: Cell) => Record<PlacedSide, Inches> {
  const sizes = new Map(
    file.blocks.map(block => [
      block.id,
      framed({ width: block.width ?? block.size!, height: block.height ?? block.size! }, framesOf(block)),
    ]),
  )
  return ({ block, turn }) => {
    const { width, height } = sizes.get(block)!
    return turn % 180 === 0 ? { width, height } : { width: height, height: width }
  }
}
