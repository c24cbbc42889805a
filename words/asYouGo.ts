// A quilt made block by block, in words: layers, joins, edges.
import type { PlannedAsYouGo } from '../core/plan/plannedLayers'
import type { QuiltRow } from '../core/top/rows'
import { formatExactLength } from './length'
import { inEnglish, plural, type Speech } from './speech'
import { lengthPart, sizeParts, type LengthPart, type TextPart } from './textPart'

export interface GoStep {
  /** What is ticked: a row by its place, all else by name. */
  tick: { row: number } | { step: string }
  place: string
  parts: TextPart[]
  /** Which way of folding its picture shows. */
  shows: 'layers' | 'joined' | 'opened' | 'folded' | 'edge'
}

/** Whether a block is sewn piece by piece onto its batting, or made first and then quilted to it. */
export type Sewn = 'through' | 'first'

const LAID: Readonly<Record<Sewn, string>> = {
  first: 'The block goes on top, right side up, and is quilted to both from the middle outwards.',
  through:
    'Lay its first piece on top, right side up; sew the others to it one by one through all layers, each flipped over '
    + 'and pressed before the next.',
}

/** In order: every block, the rows, the long joins, the edges. */
export function goSteps(
  made: PlannedAsYouGo,
  { rows, blocks, sewn }: { rows: readonly QuiltRow[]; blocks: number; sewn: Sewn },
  speech: Speech,
): GoStep[] {
  const allowance: LengthPart = { text: formatExactLength(made.allowance, speech), inches: made.allowance }
  const sash = lengthPart(made.sash, speech, 'asYouGo.sash')
  const edge = lengthPart(made.edge, speech, 'asYouGo.edge')
  const sizes = made.sizes.flatMap((_, i): TextPart[] => [
    ...(i > 0 ? ['; '] : []),
    ...sizeParts(made.sizes[i]!.back.width, made.sizes[i]!.back.height, speech, `asYouGo.sizes.${i}.back`),
    ' with ',
    ...sizeParts(made.sizes[i]!.batting.width, made.sizes[i]!.batting.height, speech, `asYouGo.sizes.${i}.batting`),
    ' of batting',
  ])
  const fold: TextPart[] = [
    'Fold the edges of both allowances in to the seam, then lay each fold over its block and sew close to it through '
      + 'all layers: a sash of ',
    sash,
    ' lies over the join.',
  ]
  const steps: GoStep[] = [
    {
      tick: { step: 'as-you-go.blocks' },
      place: plural(blocks, 'block'),
      parts: [
        'Lay the back wrong side up, the batting in its middle, ',
        allowance,
        ' of the back showing all round: ',
        ...sizes,
        `. ${LAID[sewn]} Trim the block level with the batting; never cut the back.`,
      ],
      shows: 'layers',
    },
    ...rows.flatMap((row, r): GoStep[] =>
      row.parts.length < 2
        ? []
        : [
            {
              tick: { row: r },
              place: `Row ${r + 1}, ${plural(row.parts.length - 1, 'join')}`,
              // told once
              parts:
                r > 0
                  ? ['Join its blocks as those of the first row.']
                  : [
                      'Lay two neighbors back to back, right sides of the backs together, and sew along the batting, ',
                      allowance,
                      ' from the edge, from end to end. Open them: both allowances stand up in front. ',
                      ...fold,
                    ],
              shows: r === 0 ? 'joined' : 'folded',
            },
          ],
    ),
    ...(rows.length < 2
      ? []
      : [
          {
            tick: { step: 'as-you-go.long' },
            place: `${plural(rows.length - 1, 'long join')}`,
            parts: ['Join the rows in the same way, sash on sash: pin each one first. ', ...fold],
            shows: 'opened' as const,
          },
        ]),
    {
      tick: { step: 'as-you-go.edges' },
      place: 'The edges',
      parts: [
        'Fold the edge of the back in to the batting, then over to the front, both sides first and then both ends, and '
          + 'sew close to the fold: ',
        edge,
        ' of binding shows.',
      ],
      shows: 'edge',
    },
  ]
  return steps.map(step => ({
    ...step,
    parts: step.parts.map(part => (typeof part === 'string' ? inEnglish(part, speech) : part)),
  }))
}
