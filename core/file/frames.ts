// In: a block as it is read. Out: the strips round it, and its size with them.
import type { Inches } from '../measure/ruler'
import type { Frame } from './quilt'
import type { ParsedQuilt } from './schema'

type ParsedBlock = ParsedQuilt['blocks'][number]

/** Widths of sides and ends, however they are written. */
export function framesOf({ frame }: Pick<ParsedBlock, 'frame'>): Frame[] {
  return frame.map(({ cloth, width, sides, ends }) => ({ cloth, sides: sides ?? width!, ends: ends ?? width! }))
}

/** A finished size with the frames round it. */
export function framed(size: { width: Inches; height: Inches }, frames: readonly Frame[]) {
  return frames.reduce(
    ({ width, height }, { sides, ends }) => ({ width: width + 2 * sides, height: height + 2 * ends }),
    size,
  )
}
