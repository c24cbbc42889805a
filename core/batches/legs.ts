import type { StepCode } from '../make/steps/stepCode'
import type { Station, Work } from './operation'

/** Where something is done, and what. */
export type Leg = readonly [at: Station, what: Work]

/** Steps that lead from one station to another while they are done; `words/leg.ts` has a sentence for each leg. */
export const LEGS = {
  'cut-on-line-and-press': [
    ['mat', 'cut-apart'],
    ['iron', 'press'],
  ],
  'cut-and-press-hearts': [
    ['mat', 'cut-apart'],
    ['iron', 'press'],
  ],
  'cut-pairs-alike': [
    ['mat', 'cut-apart'],
    ['iron', 'press'],
  ],
  'fold-check-then-trim': [
    ['iron', 'press'],
    ['mat', 'trim'],
  ],
  'same-on-other-corner': [
    ['machine', 'join'],
    ['iron', 'press'],
    ['mat', 'trim'],
  ],
  'lock-and-mark-across': [
    ['mat', 'layer'],
    ['machine', 'join'],
  ],
  'square-on-each-heart': [
    ['mat', 'layer'],
    ['machine', 'join'],
  ],
  'square-on-half-square': [
    ['mat', 'layer'],
    ['machine', 'join'],
  ],
  'sew-pairs-then-halves': [
    ['machine', 'join'],
    ['iron', 'press'],
    ['machine', 'join'],
  ],
  'sew-skies': [
    ['machine', 'join'],
    ['iron', 'press'],
    ['machine', 'join'],
  ],
  'sew-opposite-corners': [
    ['machine', 'join'],
    ['iron', 'press'],
  ],
} as const satisfies Partial<Record<StepCode, readonly Leg[]>>

/** A step that leads to several stations. */
export type LeggedCode = keyof typeof LEGS

/** Whether a step leads to several stations. */
export function isLegged(code: StepCode): code is LeggedCode {
  return code in LEGS
}
