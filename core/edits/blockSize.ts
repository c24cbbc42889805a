// In: a block as the file writes it. Out: how large it is in inches; the block written in another size.
import { parseLength } from '../measure/length'
import { sameLength, type Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { written } from './edit'

/** A block as the file writes it. */
export type BlockEntry = QuiltFile['blocks'][number]
/** Of a block, finished. */
export interface FinishedSize {
  width: Inches
  height: Inches
}
type WrittenSize = Pick<BlockEntry, 'size' | 'width' | 'height'>

/** A length of the file in inches; 0 where there is none. */
export function lengthIn(file: QuiltFile, value: number | string | undefined): Inches {
  return parseLength(value ?? 0, file.units ?? 'in') ?? 0
}

/** A block without its frames. */
export function innerSize(file: QuiltFile, { size, width = size, height = size }: WrittenSize): FinishedSize {
  return { width: lengthIn(file, width), height: lengthIn(file, height) }
}

/** A block with its frames. */
export function framedSize(file: QuiltFile, block: BlockEntry): FinishedSize {
  const { width, height } = innerSize(file, block)
  return { width: width + frameOf(file, block, 'width'), height: height + frameOf(file, block, 'height') }
}

/** What the frames of a block add to one of its sides. */
export function frameOf(file: QuiltFile, { frame = [] }: Pick<BlockEntry, 'frame'>, side: 'width' | 'height'): Inches {
  const strip = ({ width, sides, ends }: (typeof frame)[number]) => (side === 'width' ? sides : ends) ?? width
  return frame.reduce((sum, entry) => sum + 2 * lengthIn(file, strip(entry)), 0)
}

/** A size as the file writes it: one number for a square. */
export function sizeEntry(file: QuiltFile, { width, height }: FinishedSize): WrittenSize {
  return sameLength(width, height)
    ? { size: written(file, width) }
    : { width: written(file, width), height: written(file, height) }
}

/** The block without its frames in this size; one that has it already stays as it is written. */
export function withSize(file: QuiltFile, block: BlockEntry, size: FinishedSize): BlockEntry {
  const now = innerSize(file, block)
  if (sameLength(now.width, size.width) && sameLength(now.height, size.height)) return block
  const { size: _s, width: _w, height: _h, ...rest } = block
  return { ...rest, ...sizeEntry(file, size) }
}
