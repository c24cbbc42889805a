// In: a block with frames. Out: the strips round it, pair after pair; the block drawn with them.
import type { Block } from '../../file/quilt'
import { cornersOf, movePolygon, type Polygon } from '../../geometry/polygon'
import { TOLERANCE, type Inches } from '../../measure/ruler'

/** Two like strips of a frame, and how large the block is with them; finished. */
export interface FramePair {
  cloth: string
  pair: 'sides' | 'ends'
  /** Of one strip, as it lies on the block. */
  across: Inches
  down: Inches
  width: Inches
  height: Inches
}

/** The strips round a block in the order of sewing; a side that is long enough by itself has none. */
export function framePairs(block: Pick<Block, 'width' | 'height' | 'frame'>): FramePair[] {
  let { width, height } = block
  return block.frame.flatMap(({ cloth, sides, ends }) => {
    const before = height
    width += 2 * sides
    height += 2 * ends
    return [
      { cloth, pair: 'sides' as const, across: sides, down: before, width, height: before },
      { cloth, pair: 'ends' as const, across: width, down: ends, width, height },
    ].filter(({ across, down }) => Math.min(across, down) > TOLERANCE)
  })
}

/** A finished patch, and the cloth it is of. */
export interface DrawnPatch {
  polygon: Polygon
  cloth: string
}

/** What is there, and the pair of strips round it, drawn from the new corner. */
export function withFramePair(inside: readonly DrawnPatch[], pair: FramePair): DrawnPatch[] {
  const { cloth, across, down, width, height } = pair
  const [right, under] = pair.pair === 'sides' ? [across, 0] : [0, down]
  const [x, y] = pair.pair === 'sides' ? [width - across, 0] : [0, height - down]
  return [
    ...inside.map(patch => ({ ...patch, polygon: movePolygon(patch.polygon, right, under) })),
    ...[
      { x: 0, y: 0, width: across, height: down },
      { x, y, width: across, height: down },
    ].map(strip => ({ cloth, polygon: cornersOf(strip) })),
  ]
}
