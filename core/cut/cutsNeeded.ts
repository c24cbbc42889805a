// In: strips of a layout. Out: the cuts that a hand makes for them.
import { TOLERANCE } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { columnsOf } from './columns'
import type { Cut, Strip } from './cutPiece'

export interface CutsNeeded {
  /** Each strip is parted from the cloth. */
  strips: number
  /** Each column of pieces from its strip. */
  columns: number
  /** Pieces on top of each other from each other. */
  between: number
  /** Off a column that is less deep than its strip, and off the side of a piece narrower than its column. */
  trims: number
}

/** Strips across the cloth that are cut alike lie on each other, up to so many, and are cut up as one. */
export const LAYERS = 4

/** What three stages of straight cuts take; the first cut that squares up the cloth is none of them. */
export function cutsNeeded(strips: readonly Strip[]): CutsNeeded {
  const needed = { strips: strips.length, columns: 0, between: 0, trims: 0 }
  const alike = new Map<string, number>()
  for (const strip of strips) {
    const columns = columnsOf(strip)
    const key = alikeKey(strip, columns)
    const before = strip.run === 'across' ? (alike.get(key) ?? 0) : 0
    alike.set(key, before + 1)
    if (before % LAYERS !== 0) continue
    for (const column of columns) {
      needed.columns += 1
      needed.between += column.length - 1
      needed.trims += trimsOf(strip, column)
    }
  }
  return needed
}

/** The same as one number with its reasons. */
export function cutsSum(strips: readonly Strip[]): Sum {
  const { columns, between, trims } = cutsNeeded(strips)
  return sumOf([
    { what: 'cuts-for-strips', value: strips.length },
    { what: 'cuts-for-columns', value: columns },
    { what: 'cuts-between-pieces', value: between },
    { what: 'cuts-to-trim', value: trims },
  ])
}

/** Strips with the same columns in any order, whichever piles their pieces are for, have the same text. */
export function alikeKey({ run, width, height }: Strip, columns: readonly (readonly Cut[])[]): string {
  const sizes = columns.map(column =>
    column
      .map(cut => `${cut.width.toFixed(4)} ${cut.height.toFixed(4)}`)
      .sort()
      .join(),
  )
  return [run, (run === 'across' ? height : width).toFixed(4), ...sizes.sort()].join('|')
}

function trimsOf({ run, width, height }: Strip, column: readonly Cut[]): number {
  const [across, down] = run === 'across' ? (['width', 'height'] as const) : (['height', 'width'] as const)
  const depth = run === 'across' ? height : width
  const deep = column.reduce((sum, cut) => sum + cut[down], 0)
  const wide = Math.max(...column.map(cut => cut[across]))
  const narrower = column.filter(cut => cut[across] < wide - TOLERANCE).length
  return narrower + (deep < depth - TOLERANCE ? 1 : 0)
}
