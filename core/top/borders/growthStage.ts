import type { StageKey } from '../../file/measuredThing'
import type { Sum } from '../../measure/sum'

/** The top after one step of the work: finished size, and why. */
export interface GrowthStage {
  what: StageKey
  width: Sum
  height: Sum
  /** What the tape should show, raw edge to raw edge, by what was really sewn inside it. */
  expected: Record<'width' | 'height', Sum>
  /** The same between the two pairs of a border, on the side that the first pair has changed. */
  first?: { what: StageKey; side: 'width' | 'height'; expected: Sum } | undefined
}
