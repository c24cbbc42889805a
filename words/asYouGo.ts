// A quilt made block by block, in words: layers, joins, edges.
import type { PlannedAsYouGo } from '../core/plan/plannedLayers'
import type { QuiltRow } from '../core/top/rows'
import { plural, type Speech } from './speech'
import { given, inSpeech, lengthPart, sizeParts, type TextPart } from './textPart'

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

const JOINED_LIKE_THE_FIRST = 'Join its blocks as those of the first row.'

/** In order: every block, the rows, the long joins, the edges. */
export function goSteps(
  made: PlannedAsYouGo,
  { rows, blocks, sewn }: { rows: readonly QuiltRow[]; blocks: number; sewn: Sewn },
  speech: Speech,
): GoStep[] {
  const allowance = given(made.allowance, speech)
  const fold: TextPart[] = [
    'Fold the edges of both allowances in to the seam, then lay each fold over its block and sew close to it through '
      + 'all layers: a sash of ',
    lengthPart(made.sash, speech, 'asYouGo.sash'),
    ' lies over the join.',
  ]
  const joined: TextPart[] = [
    'Lay two neighbors back to back, right sides of the backs together, and sew along the batting, ',
    allowance,
    ' from the edge, from end to end. Open them: both allowances stand up in front. ',
    ...fold,
  ]
  const rowSteps = rows.flatMap(({ parts }, r): GoStep[] => {
    if (parts.length < 2) return []
    const place = `Row ${r + 1}, ${plural(parts.length - 1, 'join')}`
    // told once
    if (r > 0) return [{ tick: { row: r }, place, parts: [JOINED_LIKE_THE_FIRST], shows: 'folded' }]
    return [{ tick: { row: r }, place, parts: joined, shows: 'joined' }]
  })
  const longJoins: GoStep = {
    tick: { step: 'as-you-go.long' },
    place: plural(rows.length - 1, 'long join'),
    parts: ['Join the rows in the same way, sash on sash: pin each one first. ', ...fold],
    shows: 'opened',
  }
  const edges: GoStep = {
    tick: { step: 'as-you-go.edges' },
    place: 'The edges',
    parts: [
      'Fold the edge of the back in to the batting, then over to the front, both sides first and then both ends, and '
        + 'sew close to the fold: ',
      lengthPart(made.edge, speech, 'asYouGo.edge'),
      ' of binding shows.',
    ],
    shows: 'edge',
  }
  const steps: GoStep[] = [
    {
      tick: { step: 'as-you-go.blocks' },
      place: plural(blocks, 'block'),
      parts: [
        'Lay the back wrong side up, the batting in its middle, ',
        allowance,
        ' of the back showing all round: ',
        ...sizesOf(made, speech),
        `. ${LAID[sewn]} Trim the block level with the batting; never cut the back.`,
      ],
      shows: 'layers',
    },
    ...rowSteps,
    ...(rows.length < 2 ? [] : [longJoins]),
    edges,
  ]
  return steps.map(step => ({ ...step, parts: inSpeech(step.parts, speech) }))
}

/** Each size of block once: its back, and its batting. */
function sizesOf(made: PlannedAsYouGo, speech: Speech): TextPart[] {
  return made.sizes.flatMap(({ back, batting }, i): TextPart[] => [
    ...(i > 0 ? ['; '] : []),
    ...sizeParts(back.width, back.height, speech, `asYouGo.sizes.${i}.back`),
    ' with ',
    ...sizeParts(batting.width, batting.height, speech, `asYouGo.sizes.${i}.batting`),
    ' of batting',
  ])
}
