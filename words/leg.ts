// One leg of a step that leads from station to station: only what is done there.
import { isLegged, type LeggedCode } from '../core/batches/legs'
import type { StepLength } from '../core/make/steps/stepData'
import type { Step } from '../core/make/steps/step'
import type { ClothNames } from './joinedPart'
import { formatExactLength, formatLength } from './length'
import { sentenceParts } from './sentence'
import type { Speech } from './speech'
import { stepParts } from './step'
import type { TextPart } from './textPart'

interface Given {
  seam: () => string
  length: (key: StepLength) => string
  count: (key: 'gives') => number
  over: string
}
type Sentence = (given: Given) => string

const FOLD_OVER: Sentence = () =>
  'Fold the square over along the seam and press. Check that it covers the corner before anything is cut.'
const SEW_BOTH_SIDES: Sentence = ({ seam }) => `Sew ${seam()} away from the mark, on both sides of it.`

const LEG_SENTENCES: Readonly<Record<LeggedCode, readonly Sentence[]>> = {
  'cut-on-line-and-press': [() => 'Cut on the line.', () => 'Set the seams shut, then press both halves to the dark.'],
  'cut-and-press-hearts': [() => 'Cut on the line.', () => 'Press the small triangles out: two hearts.'],
  'cut-pairs-alike': [
    ({ count }) => `Cut on both lines: ${count('gives')} pairs of quarters, all of one hand.`,
    () => 'Press each pair to its darker side.',
  ],
  'fold-check-then-trim': [FOLD_OVER, ({ seam }) => `Cut the two layers behind the corner, ${seam()} from the seam.`],
  'same-on-other-corner': [
    () => 'Lay a square right sides together in the next corner and sew on the line, or a thread outside it.',
    FOLD_OVER,
    () => 'Cut the two layers behind this corner, as far from the seam as behind the first.',
  ],
  'lock-and-mark-across': [
    () => 'Lay two of them right sides together, unlike cloths facing, seams locked. Mark the other diagonal.',
    SEW_BOTH_SIDES,
  ],
  'square-on-each-heart': [
    ({ length }) =>
      `Lay a ${length('small')} square on the corner of each heart, right sides together. Mark from the corner to `
      + `between the ears.`,
    SEW_BOTH_SIDES,
  ],
  'square-on-half-square': [
    ({ length, over }) =>
      `Lay a ${length('side')} square of ${over} right sides together on each half-square. Mark the diagonal that `
      + `crosses the seam.`,
    SEW_BOTH_SIDES,
  ],
  'sew-pairs-then-halves': [
    () => 'Sew the triangles in pairs along a short side.',
    () => 'Set the seams shut, then press the pairs, as the picture shows.',
    () => 'Join the two halves, centers matched.',
  ],
  'sew-skies': [
    () => 'Sew a small triangle to the left slanted side of each goose.',
    () => 'Press it away from the goose.',
    () => 'Sew the other small triangle to the right slanted side.',
  ],
  'sew-opposite-corners': [
    () => 'Sew corner triangles to two opposite sides of the center, middles matched.',
    () => 'Press them outwards.',
  ],
}

/** What is done of a step at one station; the whole step where it is done at one. */
export function legParts(step: Step, leg: number, speech: Speech, cloths: ClothNames): TextPart[] {
  const { code, data = {} } = step
  if (!isLegged(code)) return stepParts(step, speech, cloths)
  return sentenceParts(data, speech, put =>
    LEG_SENTENCES[code][leg]!({
      seam: () => put('seam', formatExactLength),
      length: key => put(key, formatLength),
      count: key => data[key] ?? 0,
      over: cloths.get(data.over ?? '') ?? data.over ?? '',
    }),
  )
}
