import type { Direction } from '../../core/make/steps/press'
import type { Step } from '../../core/make/steps/step'
import type { StepCode } from '../../core/make/steps/stepCode'
import type { StepCount, StepLength } from '../../core/make/steps/stepData'
import { joinedParts, type ClothNames } from '../joinedPart'
import { formatExactLength, formatFigure, formatLength } from '../length'
import type { Put } from '../sentence'

/** Which way the allowance is pressed. */
export const PRESS: Readonly<Record<Direction, string>> = {
  open: 'open',
  up: 'upwards',
  down: 'downwards',
  left: 'to the left',
  right: 'to the right',
}

/** What the sentence of a step is made of. */
export type StepWords = ReturnType<typeof stepWords>
/** Sentences by the code of their step. */
export type StepTable = Readonly<Partial<Record<StepCode, (words: StepWords) => string>>>

/** The words of one step; its lengths go where `put` puts them. */
export function stepWords({ data = {}, joins }: Pick<Step, 'data' | 'joins'>, cloths: ClothNames, put: Put) {
  return {
    data,
    length: (key: StepLength) => put(key, formatLength),
    // as the quilter gave it: three quarters of a centimetre are no whole millimetres
    seam: () => put('seam', formatExactLength),
    size: () => `${put('width', formatFigure)}\u00a0× ${put('height', formatLength)}`,
    count: (key: StepCount) => data[key] ?? 0,
    cloth: (key: 'over' | 'under') => cloths.get(data[key] ?? '') ?? data[key] ?? '',
    parts: () => (joins ? joinedParts(joins, cloths) : 'the parts'),
    toDots: () => (data.stops ? `, but at ${data.stops === 1 ? 'one end' : 'both ends'} only to the dot` : ''),
    closing: () => (data.closes ? ' Then finish the seam that was left open.' : ''),
    // in batches it is pressed later
    thenPress: () => (data.press ? ` Press ${PRESS[data.press]}.` : ''),
  }
}
