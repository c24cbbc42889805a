// In: blocks in their places. Out: the strips of their frames.
import { blockOf, type Cell, type Quilt } from '../file/quilt'
import { plainSide } from '../make/methods/cutSize'
import type { MethodContext } from '../make/methods/method'
import { pieceOf } from '../make/methods/pieces'
import type { Inches } from '../measure/ruler'
import { framePairs } from '../top/regions/framePairs'
import type { PieceOrder } from './piece'

/**
 * Strips round blocks, sewn as cut: two sides as long as the block, then two ends as long as the block and both sides,
 * round after round. Source: handbook §4.
 */
export function frameOrders(quilt: Quilt, cells: Iterable<readonly [Cell, number]>, room: MethodContext): PieceOrder[] {
  return [...cells].flatMap(([cell, places]) => frameStrips(quilt, cell, places, room).map(({ order }) => order))
}

/** The strips of one cell in the order of sewing, pair after pair; a side that is long enough by itself has none. */
export function frameStrips(
  quilt: Quilt,
  cell: Cell,
  places: number,
  room: MethodContext,
): { order: PieceOrder; pair: 'sides' | 'ends' }[] {
  return framePairs(blockOf(quilt, cell.block)).map(({ cloth, pair, across, down }) => ({
    order: stripOrder({ cloth, cell, across, down, count: 2 * places }, room),
    pair,
  }))
}

interface FrameStrip {
  cloth: string
  cell: Cell
  across: Inches
  down: Inches
  count: number
}

/** One pile however they lie; a print with an up is cut as it stands in the quilt. */
function stripOrder({ cloth, cell, across, down, count }: FrameStrip, room: MethodContext): PieceOrder {
  const isUpright = room.isDirectional(cloth)
  const isTurned = cell.turn % 180 !== 0
  const [width, height] = isUpright
    ? isTurned
      ? [down, across]
      : [across, down]
    : [Math.max(across, down), Math.min(across, down)]
  const draft = pieceOf(plainSide(width, room), plainSide(height, room), {
    cloth,
    part: 'frame-strips',
    shape: 'rectangle',
    cuts: 'none',
    turn: !isUpright,
    count,
    counted: [{ what: 'frames', count, each: 1 }],
    slots: [],
  })
  return { draft, method: 'rectangle', places: [{ part: 'frame' }], feeds: [], times: 0 }
}
