// In: a file. Out: how far its rows or columns stand from the edge.
import { cellsOf } from './cells'
import type { Inches } from '../measure/ruler'
import { placedSizes } from './placedSize'
import { rulesOf } from './settings'
import type { ParsedQuilt } from './schema'

/** Used in turn from the first row (column); half the first block for every second one, where the file says nothing. */
export function shiftsOf(file: ParsedQuilt): Inches[] {
  const side = rulesOf(file.setting).shifted
  if (side === null) return []
  const { shift } = file.setting
  if (Array.isArray(shift)) return shift
  return [0, shift ?? placedSizes(file)(cellsOf(file)[0]![0]!)[side] / 2]
}
