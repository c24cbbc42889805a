// In: the quilt, with what was measured of its blocks. Out: how large its blocks stand in their places.
import { measuredBlock } from '../../made/measures'
import type { Inches } from '../../measure/ruler'
import type { Cell, Quilt } from '../../file/quilt'

type StandingSide = 'width' | 'height'

/**
 * The width or the height of blocks that stand together, finished: as planned for the first of them, or the smallest
 * measured, for all are trimmed to that.
 */
export type StandingSize = (cells: readonly Cell[], side: StandingSide) => Inches

/** How large a line of places stands: as measured where that is known, else as planned. */
export function standingSizes(quilt: Quilt): StandingSize {
  const sizes = new Map(
    quilt.blocks.map(block => [block.id, { planned: block.outer, measured: measuredBlock(quilt, block) }] as const),
  )
  return (cells, side) => {
    const other = side === 'width' ? 'height' : 'width'
    const measured: Inches[] = []
    for (const cell of cells) {
      const size = sizes.get(cell.block)!.measured
      if (size) measured.push(size[cell.turn % 180 === 0 ? side : other])
    }
    if (measured.length > 0) return Math.min(...measured)
    const first = cells[0]!
    return sizes.get(first.block)!.planned[first.turn % 180 === 0 ? side : other]
  }
}
