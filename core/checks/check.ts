import type { Plan } from '../plan/plan'
import type { PlanWork } from '../plan/planWork'

/** Something to look at before cutting on. Sentences are made in `words/check.ts`. */
export interface Check {
  id: CheckId
  severity: 'error' | 'warn' | 'note'
  /** Field of the quilt file, joined with dots. */
  path: string
  data: Readonly<Record<string, number | string | readonly (number | string)[]>>
}

export type CheckId =
  | 'off-ruler'
  | 'long-strip'
  | 'piece-too-large'
  | 'not-enough-cloth'
  | 'turned-print'
  | 'cut-already'
  | 'seam-off'
  | 'border-spread'
  | 'border-too-wide'
  | 'border-too-narrow'
  | 'neighbours-alike'
  | 'bias-edges'
  | 'no-precuts'
  | 'no-foundation'
  | 'stretched-block'
  | 'border-too-short'
  | 'block-too-small'
  | 'scattered-blocks'
  | 'low-contrast'
  | 'set-in-seams'
  | 'mirrored-pieces'
  | 'angled-folded'
  | 'overhang-too-small'
  | 'short-margin'

/** What the checks look at. */
export type Checked = PlanWork & { plan: Plan }
export type Checker = (work: Checked) => Check[]
