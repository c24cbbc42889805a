import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'

type SeamTestEntry = Quilt['made'][number]

/** One test that was measured. */
export interface SeamTestDone {
  /** Allowance really sewn. */
  sewn: Inches
  at?: string
  cloth?: SeamTestEntry['cloth']
  machine?: string
  thread?: string
  /** Where the needle stood, in the machine's own steps. */
  needle?: number
  /** It does not agree with the others where the needle stood so: no step is learnt from it. */
  isApart?: true
}
