// In: a cloth as it is cut. Out: the pieces of cloth it is cut from, in the order in which its strips count them.
import { SQUARE_UP } from '../cut/squareUp'
import type { Cloth, Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'
import type { PlannedCloth } from './plannedCloth'

interface SheetOfCloth {
  width: Inches
  height: Inches
}

/**
 * One length (what is at hand, else what is bought; shrunk, an end squared up), the pieces it comes in, or those that
 * were left after a mistake: those that are cut from first, then the others.
 */
export function sheetsOfCloth(quilt: Quilt, cloth: Cloth, need: PlannedCloth): SheetOfCloth[] {
  if (need.again) {
    const all = (quilt.remains[cloth.id]?.pieces ?? []).flatMap(({ width, length, count }) =>
      times(count, { width, height: length }),
    )
    return [...need.again.opened, ...need.again.opened.reduce(withoutOne, all)]
  }
  if (need.unit === 'piece')
    return times(Math.max(cloth.count ?? 1, need.need), { width: cloth.usable, height: cloth.usableLength })
  const length = (cloth.have ?? need.buy) * (1 - cloth.shrink)
  return [{ width: cloth.usable, height: Math.max(0, length - SQUARE_UP) }]
}

const times = (count: number, sheet: SheetOfCloth) => Array.from({ length: count }, () => sheet)

function withoutOne(list: readonly SheetOfCloth[], { width, height }: SheetOfCloth): SheetOfCloth[] {
  const at = list.findIndex(one => one.width === width && one.height === height)
  return list.toSpliced(at, at < 0 ? 0 : 1)
}
