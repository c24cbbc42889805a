import type { Press } from '../make/steps/press'
import type { BlockSignature } from './signatures'
import type { OuterCrossing } from './placedEnds'

export interface VersionProblem {
  /** How many versions a signature may have: two or four. */
  versions: 2 | 4
  /** A signature may stand twice, for places that need not be pressed alike. */
  signatures: readonly BlockSignature[]
  /** For each region, by its place in the list. */
  signatureOf: readonly number[]
  outer: readonly OuterCrossing[]
}

/** The versions of each signature, and which of them stands where. */
export interface Pressed {
  /** For each region. */
  versionOf: readonly number[]
  /** For each signature and each of its versions; one that stands nowhere is as the first. */
  press: readonly (readonly (readonly Press[])[])[]
  isProven: boolean
  /** What it took to find it. */
  work: number
}
