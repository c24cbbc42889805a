import { turnOfMirrorImage } from '../designs/mirrorImage'
import type { Placement } from '../geometry/placement'
import { designsById } from './ownDesigns'
import type { Cell } from './quilt'
import type { ParsedQuilt } from './schema'

/**
 * How a cell lies for the hand: where the mirror shows the block turned, it is that block, turned. Stripes that a
 * block has along its own patches slant the other way in the mirror; those blocks stay mirrored.
 */
export function asTheHandLays(file: ParsedQuilt, { block: id, turn, mirror }: Omit<Cell, 'cloths'>): Placement {
  const block = mirror ? file.blocks.find(candidate => candidate.id === id) : undefined
  const design = block && designsById(file).get(block.design)
  if (!block || !design || Object.keys(block.stripes).length > 0) return { turn, mirror }
  const more = turnOfMirrorImage(design, {
    width: block.width ?? block.size ?? 1,
    height: block.height ?? block.size ?? 1,
  })
  return more === null ? { turn, mirror } : { turn: ((turn + more) % 360) as Placement['turn'], mirror: false }
}
