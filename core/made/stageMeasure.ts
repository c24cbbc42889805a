import { sumOf, type Sum } from '../measure/sum'
import type { StageKey } from '../file/measuredThing'
import type { Quilt } from '../file/quilt'
import { measuredStage } from './measures'

/**
 * One side of the top at one stage of the work, raw edge to raw edge: what the tape should show, and what it showed.
 */
export interface StageMeasure {
  expected: Sum
  mean?: Sum
  /** Largest less smallest. */
  spread?: Sum
  /** Mean less expected: below nothing when it came out small. */
  off?: Sum
}

/** What was entered for a stage, beside what was expected of it. */
export function stageMeasure(quilt: Quilt, what: StageKey, side: 'width' | 'height', expected: Sum): StageMeasure {
  const found = measuredStage(quilt, what, side)
  if (!found) return { expected }
  return {
    expected,
    mean: sumOf(
      [{ what: 'measured-mean', value: found.mean, of: what }],
      found.raw.map(value => ({ what: 'measure', value })),
    ),
    spread: sumOf([
      { what: 'largest', value: Math.max(...found.raw) },
      { what: 'smallest', value: -Math.min(...found.raw) },
    ]),
    off: sumOf([
      { what: 'mean', value: found.mean },
      { what: 'expected', value: -expected.total },
    ]),
  }
}
