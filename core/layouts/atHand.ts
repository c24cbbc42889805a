// In: what a cloth has to give, and how much of it is at hand. Out: what of that can be cut from it, and what is short.
import { clothToBuy } from '../cut/clothToBuy'
import type { ClothNeed } from '../cut/need'
import { SQUARE_UP } from '../cut/squareUp'
import type { Cloth, Quilt } from '../file/quilt'
import { sumOf, type Sum, type Term } from '../measure/sum'
import { fittingRows, type Rows } from './fittingRows'

/** Of a cloth by length. Lengths in inches. */
export interface AtHand {
  /** What can be cut from: shrunk, an end squared up. */
  length: Sum
  /** What of it stays whole. */
  left: Sum
  /** Rows (strips, the band of long strips, panels of the back) that find no room on it, one below the other. */
  short: Sum
  /** What is to be bought beside it. */
  buy: Sum
}

/**
 * Whole strips are cut from what is at hand, as many as fill it best; the others from what is bought. Null of cloth in
 * pieces, and where it is not said how much there is. `panels`: those of the back that are cut from it too.
 */
export function atHand(
  quilt: Quilt,
  cloth: Cloth,
  { need, unit }: Pick<ClothNeed, 'need' | 'unit'>,
  panels: Rows | null,
): AtHand | null {
  if (cloth.have === undefined || unit === 'piece') return null
  const shrunk = cloth.have * (1 - cloth.shrink)
  const length = sumOf([
    { what: 'at-hand', value: cloth.have },
    { what: 'shrinkage', value: shrunk - cloth.have },
    { what: 'square-up', value: -Math.min(SQUARE_UP, shrunk) },
  ])
  const rows: Term[] = [...need.terms, ...(panels ? [{ what: 'panels', ...panels } as const] : [])]
  const counted = rows.map(rowsOf)
  const fits = fittingRows(counted, length.total)
  const taken = counted.reduce((sum, { each }, i) => sum + fits[i]! * each, 0)
  const short = rows.flatMap((row, i): Term[] => {
    const { count, each } = counted[i]!
    if (fits[i] === count) return []
    return 'value' in row ? [row] : [{ ...row, count: count - fits[i]!, each }]
  })
  return {
    length,
    left: sumOf([...length.terms, { what: 'taken-from-it', value: -taken }]),
    short: sumOf(short),
    buy: clothToBuy(quilt, cloth.shrink, short),
  }
}

function rowsOf(term: Term): Rows {
  return 'value' in term ? { count: 1, each: term.value } : { count: term.count, each: term.each }
}
