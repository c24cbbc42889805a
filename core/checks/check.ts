import type { Plan, PlanWork } from '../quilt/plan'

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

/** The plan as far as it is made when the checks look at it. */
export type Checked = PlanWork & { plan: Omit<Plan, 'sums' | 'checks'> }
export type Checker = (work: Checked) => Check[]
