import { SQUARE_UP } from '~~/core/cut/squareUp'
import type { Quilt } from '~~/core/file/quilt'
import type { CutCloth } from '~/composables/useCutSteps'

/** The pieces of cloth that a cloth is cut from: one length, or several, in their order; shrunk, an end squared up. */
export function sheetsOf({ cloth, need, again }: CutCloth, quilt: Quilt): { width: number; height: number }[] {
  if (again) {
    const kinds = (quilt.remains[cloth.id]?.pieces ?? []).flatMap(({ width, length, count }) =>
      Array.from({ length: count }, () => ({ width, height: length })),
    )
    // those that are cut from come first, as the strips count them
    const unopened = again.opened.reduce((rest, sheet) => withoutOne(rest, sheet), kinds)
    return [...again.opened, ...unopened]
  }
  if (need.unit === 'piece') {
    const count = Math.max(cloth.count ?? 1, need.need)
    return Array.from({ length: count }, () => ({ width: cloth.usable, height: cloth.usableLength }))
  }
  const length = (cloth.have ?? need.buy) * (1 - cloth.shrink)
  return [{ width: cloth.usable, height: Math.max(0, length - SQUARE_UP) }]
}

function withoutOne<T extends { width: number; height: number }>(list: readonly T[], { width, height }: T): T[] {
  const at = list.findIndex(one => one.width === width && one.height === height)
  return at < 0 ? [...list] : list.toSpliced(at, 1)
}
