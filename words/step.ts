import type { Step } from '../core/make/steps/step'
import type { StepCode } from '../core/make/steps/stepCode'
import type { ClothNames } from './joinedPart'
import { sentenceParts } from './sentence'
import type { Speech } from './speech'
import { CUTTING_STEPS } from './steps/cuttingSteps'
import { JOINING_STEPS } from './steps/joiningSteps'
import { LAYING_STEPS } from './steps/layingSteps'
import { PRESSING_STEPS } from './steps/pressingSteps'
import { SEWING_STEPS } from './steps/sewingSteps'
import { stepWords, type StepWords } from './steps/stepWords'
import { textOf, type TextPart } from './textPart'

/** Codes come from the methods and from the joining of blocks, rows and borders. */
const SENTENCES: Readonly<Record<StepCode, (words: StepWords) => string>> = {
  ...CUTTING_STEPS,
  ...LAYING_STEPS,
  ...SEWING_STEPS,
  ...PRESSING_STEPS,
  ...JOINING_STEPS,
}

/** One step as a sentence or two. */
export function stepText(step: Pick<Step, 'code' | 'data' | 'joins'>, speech: Speech, cloths?: ClothNames): string {
  return textOf(stepParts(step, speech, cloths))
}

/** One step as words and lengths. */
export function stepParts(
  step: Pick<Step, 'code' | 'data' | 'joins'>,
  speech: Speech,
  cloths: ClothNames = new Map(),
): TextPart[] {
  return sentenceParts(step.data ?? {}, speech, put => SENTENCES[step.code](stepWords(step, cloths, put)))
}
