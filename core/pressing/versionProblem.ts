import type { Press } from '../make/steps/press'
import type { Look } from './looks'
import type { OuterCrossing } from './placedEnds'

export interface VersionProblem {
  /** How many versions a look may have: two or four. */
  versions: 2 | 4
  /** A look may stand twice, for places that need not be pressed alike. */
  looks: readonly Look[]
  /** For each region, by its place in the list. */
  lookOf: readonly number[]
  outer: readonly OuterCrossing[]
}

/** The versions of each look, and which of them stands where. */
export interface Pressed {
  /** For each region. */
  versionOf: readonly number[]
  /** For each look and each of its versions; one that stands nowhere is as the first. */
  press: readonly (readonly (readonly Press[])[])[]
  isProven: boolean
  /** What it took to find it. */
  work: number
}
