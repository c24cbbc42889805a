// In: piles of one cloth, and pieces of cloth of several sizes. Out: strips on as few of them as are found.
import type { Inches } from '../measure/ruler'
import { largestFirst, liesOf, type CutPiece, type Strip } from './cutPiece'
import { byDepth, place } from './layout'
import { looseStrips } from './looseStrips'

/** So many pieces of cloth of one size. */
export interface SheetKind {
  width: Inches
  height: Inches
  count: number
}

export interface MixedLayout {
  /** For each piece of cloth that is opened, its place among the kinds. */
  opened: number[]
  /** Fewer have not the area: the largest there are. */
  bound: number
  strips: Strip[]
  /** What finds no room. */
  unplaced: CutPiece[]
}

/** Large pieces worth a little more than their area, by so much more each try. */
const POWERS = [0, 0.1, 0.2, 0.35, 0.5]

/**
 * The fewest pieces of cloth; of as few, those of the least cloth. Tried: the kinds in any order, one piece of cloth
 * after the other filled with what fills it best. Of more than five kinds only the two orders by size are tried.
 */
export function layOutOnMixed(pieces: readonly CutPiece[], kinds: readonly SheetKind[]): MixedLayout {
  const wanted = largestFirst(pieces).filter(({ count }) => count > 0)
  const bound = fewestByArea(wanted, kinds)
  const tries = POWERS.flatMap(power => ordersOf(kinds).map(order => ({ power, order })))
  const affordable = Math.max(1, Math.floor(WORK / (wanted.length * Math.max(1, bound))))
  const best = tries
    .slice(0, affordable)
    .map(({ order, power }) => filled(wanted, kinds, order, power))
    .reduce((one, other) => (isBetter(other, one, kinds) ? other : one))
  return { ...best, bound }
}

/** A try takes as long as it has sizes and pieces of cloth: of many of both fewer are made. */
const WORK = 8000

type Filled = Omit<MixedLayout, 'bound'>

function isBetter(one: Filled, other: Filled, kinds: readonly SheetKind[]): boolean {
  const missing = ({ unplaced }: Filled) => unplaced.reduce((sum, { count }) => sum + count, 0)
  const area = ({ opened }: Filled) => opened.reduce((sum, k) => sum + kinds[k]!.width * kinds[k]!.height, 0)
  const by = [missing(one) - missing(other), one.opened.length - other.opened.length, area(one) - area(other)]
  return (by.find(difference => Math.abs(difference) > 1e-9) ?? 0) < 0
}

function fewestByArea(pieces: readonly CutPiece[], kinds: readonly SheetKind[]): number {
  let left = pieces.reduce((sum, { width, height, count }) => sum + width * height * count, 0)
  let fewest = 0
  for (const { area, count } of kinds
    .map(({ width, height, count: there }) => ({ area: width * height, count: there }))
    .sort((a, b) => b.area - a.area)) {
    const opened = Math.max(0, Math.min(count, Math.ceil(left / area - 1e-9)))
    fewest += opened
    left -= opened * area
  }
  return fewest
}

/** Orders to open kinds in: by size both ways first; of a few kinds all others too. */
function ordersOf(kinds: readonly SheetKind[]): number[][] {
  const bySize = [...kinds.keys()].sort(
    (a, b) => kinds[a]!.width * kinds[a]!.height - kinds[b]!.width * kinds[b]!.height,
  )
  const two = kinds.length > 1 ? [bySize, bySize.toReversed()] : [bySize]
  if (kinds.length > 5) return two
  const permuted = (list: readonly number[]): number[][] =>
    list.length <= 1
      ? [[...list]]
      : list.flatMap(one => permuted(list.filter(k => k !== one)).map(rest => [one, ...rest]))
  const isNew = (order: readonly number[]) => two.every(known => known.join() !== order.join())
  return [...two, ...permuted(bySize).filter(isNew)]
}

function filled(
  pieces: readonly CutPiece[],
  kinds: readonly SheetKind[],
  order: readonly number[],
  power: number,
): Filled {
  const worth = ({ width, height }: CutPiece) => (width * height) ** power
  const opened: number[] = []
  const strips: Strip[] = []
  let rest = [...pieces]
  for (const k of order) {
    const { width, height, count } = kinds[k]!
    for (let n = 0; n < count && rest.length > 0; n++) {
      const fits = rest.filter(piece => liesOf(piece, width, height).length > 0)
      const { strips: own, left } = looseStrips(fits, width, worth, height)
      if (own.length === 0) break
      strips.push(...place(byDepth(own), 0, 0, width, opened.length))
      opened.push(k)
      rest = rest
        .map(piece => ({ ...piece, count: left.get(piece.id) ?? piece.count }))
        .filter(piece => piece.count > 0)
    }
  }
  return { opened, strips, unplaced: rest }
}
