import type { StepData, StepLength } from '../core/make/steps/stepData'
import type { formatLength } from './length'
import { inEnglish, type Speech } from './speech'
import type { LengthPart, TextPart } from './textPart'

/** Puts the length of that name into the sentence, written so. */
export type Put = (key: StepLength, write: typeof formatLength) => string

/** Stands in the sentence where a length will be put; no writing system uses it. */
const GAP = '\uE000'

/** A sentence in its English, its lengths apart so that a screen can say where each comes from. */
export function sentenceParts(data: Readonly<StepData>, speech: Speech, write: (put: Put) => string): TextPart[] {
  const lengths: LengthPart[] = []
  const sentence = write((key, format) => {
    const given = data[key]
    const sum = typeof given === 'object' ? given : undefined
    const inches = sum ? sum.total : Number(given)
    lengths.push({ text: format(inches, speech), inches, ...(sum ? { sum } : {}) })
    return GAP
  })
  const words = inEnglish(sentence, speech).split(GAP)
  return words.flatMap((part, i): TextPart[] => (i < lengths.length ? [part, lengths[i]!] : [part]))
}
