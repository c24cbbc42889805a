// What comes last, in words: hanging, label, care, safety.
import type { Quilt } from '../core/file/quilt'
import type { PlannedHanging } from '../core/plan/plannedLayers'
import { inEnglish, type Speech } from './speech'
import { given, inSpeech, lengthPart, type TextPart } from './textPart'

/** How it is made and sewn on, in order. */
export function hangingSteps(hanging: PlannedHanging, speech: Speech): TextPart[][] {
  if (hanging.way === 'corners')
    return [
      [
        'Fold each of the two squares of ',
        lengthPart(hanging.square, speech, 'hanging.square'),
        ' on its diagonal, wrong sides together, and press.',
      ],
      [
        'Pin one on each upper corner of the back, its two raw edges on the raw edges of the quilt, before the binding '
          + 'is sewn on: the binding holds them. Catch nothing else.',
      ],
      [
        'Cut a stick ',
        lengthPart(hanging.stick, speech, 'hanging.stick'),
        ' long, its ends rounded; put it in both folds and hang it by its middle.',
      ],
    ]
  const each = hanging.sections > 1 ? 'each of the two strips' : 'the strip'
  return [
    [
      `Turn both short ends of ${each} under by `,
      given(hanging.turn, speech),
      ', and again, and sew them down: ',
      lengthPart(hanging.finished, speech, 'hanging.finished'),
      ' long.',
    ],
    [
      'Fold it along its length, wrong sides together, and sew the long edges with ',
      given(hanging.seam, speech),
      ': a tube, its seam outside. Press it flat, the seam in the middle of the side that will lie on the quilt: ',
      lengthPart(hanging.depth, speech, 'hanging.depth'),
      ' deep.',
    ],
    [
      'Pin its upper fold just under the binding, as far in from either side',
      ...(hanging.sections > 1
        ? [', ', given(hanging.gap, speech), ' free between the two for a nail in the middle']
        : []),
      '; sew that fold on by hand, through the back and the batting only, never to the front.',
    ],
    [
      'Push the front of the tube up a little, so that it stands away from the quilt, then sew the lower fold and the '
        + 'back of both ends on.',
    ],
    [
      'Cut the rod ',
      lengthPart(hanging.stick, speech, 'hanging.stick'),
      ' long: its ends stay behind the quilt and still reach the hooks. Seal bare wood, it stains cloth.',
    ],
  ].map(step => inSpeech(step, speech))
}

/** What is written on the label: the quilter's own words, or what the record says. */
export function labelText(quilt: Quilt): string {
  if (quilt.label?.text !== undefined) return quilt.label.text
  const year = quilt.diary
    .map(({ at }) => at.slice(0, 4))
    .sort()
    .at(-1)
  return [quilt.name, ...(quilt.for?.who ? [`for ${quilt.for.who}`] : []), ...(year ? [year] : [])].join('\n')
}

/** How it is washed, by what is known of it. */
export function careLines(quilt: Quilt, speech: Speech): string[] {
  const { batting } = quilt
  const fibre = batting?.fibre?.trim()
  return [
    'Before its first wash try every strong color: press a wet white cloth on it for a minute. Where color comes off, '
      + 'wash it apart, cold, with sheets that catch dye, and not before the marks of the quilting are out, as their '
      + 'maker says.',
    fibre && /wool/i.test(fibre)
      ? `Its batting is ${fibre}: cold, by hand or on a wool cycle, never wrung.`
      : `Cold or cool, gentle, a mild soap, no bleach${fibre ? `; its batting is ${fibre}` : ''}.`,
    ...(batting && batting.shrink > 0
      ? [`It draws together about ${Math.round(batting.shrink * 100)} % in the first wash: that is as it should be.`]
      : []),
    'Lift it wet with both arms; dry it flat, out of the sun.',
    'Keep it rolled or loosely folded in cotton, its folds moved now and then, never in plastic. Light fades it.',
  ].map(line => inEnglish(line, speech))
}

/** What is looked over before it is given to somebody small. */
export const BABY_LIST: readonly string[] = [
  'No buttons, beads, ties, bows or appliqué that can be pulled off and swallowed.',
  'Every thread end sewn into the layers; no loop that a finger fits in.',
  'No pin left in it: count them.',
  'Marks and glue washed out, and the whole washed, before it is given.',
  "Your country's guidance for safe sleep comes first: no loose bedding with a baby in the cot.",
]
