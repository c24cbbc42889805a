// In: a file. Out: how far its rows or columns stand from the edge.
import { cellsOf } from './cells'
import type { Inches } from '../measure/ruler'
import { placedSizes, type PlacedSide } from './placedSize'
import type { ParsedQuilt } from './schema'

/** The side along which an offset setting shifts its blocks. */
export function shiftedSide({ kind }: Pick<ParsedQuilt['setting'], 'kind'>): PlacedSide | null {
  return kind === 'offset-rows' ? 'width' : kind === 'offset-columns' ? 'height' : null
}

/** Used in turn from the first row (column); half the first block for every second one, where the file says nothing. */
export function shiftsOf(file: ParsedQuilt): Inches[] {
  const side = shiftedSide(file.setting)
  if (side === null) return []
  const { shift } = file.setting
  if (Array.isArray(shift)) return shift
  return [0, shift ?? placedSizes(file)(cellsOf(file)[0]![0]!)[side] / 2]
}
