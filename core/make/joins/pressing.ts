// In: a unit, a seam, or a row of the setting. Out: the side to which it is pressed, where no search decides that.
import type { Direction, Press } from '../steps/press'
import type { QuiltRow } from '../../top/rows'
import { isLater, isUpright, type BothParts, type Join } from './sewnBlock'

/** Rules for what is not settled by the search for seams that nest: units made in lots, and rows. */
interface PressingRules {
  /** Between the two cloths of a unit; whether the first is darker. */
  unit: (isFirstDarker: boolean) => Press
  /** Counted from 1 among its kind. */
  row: (row: number, isSashed: boolean, kind: QuiltRow['kind']) => QuiltRow['press']
}

export const PRESSING: PressingRules = {
  unit: isFirstDarker => (isFirstDarker ? 'first' : 'second'),
  row: (row, isSashed, kind) => {
    if (isSashed) return 'sashes'
    const isOdd = row % 2 === 1
    return kind === 'column' ? (isOdd ? 'down' : 'up') : isOdd ? 'right' : 'left'
  },
}

/** Which way a seam is pressed as the block is seen. */
export function directionOf(press: Press, { seam: [from, to] }: Join, [first, second]: BothParts): Direction {
  if (press === 'open') return 'open'
  const upright = isUpright(from, to)
  const isToLater = (press === 'second') === isLater(first, second, upright)
  return upright ? (isToLater ? 'right' : 'left') : isToLater ? 'down' : 'up'
}
