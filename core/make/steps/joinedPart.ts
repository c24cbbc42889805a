import type { UnitKind } from '../../file/unitKinds'

/** A unit, of one cloth where it is one patch. */
export interface UnitPart {
  unit: UnitKind
  cloth?: string
}

/** Where a part lies in its block, as a hand would say it. */
export type PartPlace =
  | 'whole'
  | `${'top' | 'bottom' | 'left' | 'right'} half`
  | `${'top' | 'bottom' | 'middle'} row`
  | `${'upper' | 'lower'} rows`
  | `${'left' | 'right' | 'middle'} column`
  | `${'left' | 'right'} columns`
  | `${'top' | 'middle' | 'bottom'} ${'left' | 'middle' | 'right'}`

/** What a part is of: two units, units side by side, two by two or three by three of them, or so many. */
export interface PartSort {
  shape: 'pair' | 'row' | 'four-patch' | 'nine-patch' | 'part'
  units: readonly UnitPart[]
}

/**
 * A part that is joined to another: a unit, or what an earlier join gave. `place`: where it lies; not where a step
 * stands for several that lie in different places.
 */
export type JoinedPart = UnitPart | { join: number; sort: PartSort; place?: PartPlace }
