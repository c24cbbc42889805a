// A border in words: how its corners are called, and how it is sewn on.
import type { CornerKind } from '../core/file/corners'
import type { Border, Quilt } from '../core/file/quilt'
import type { Plan } from '../core/plan/plan'
import { inEnglish, type Speech } from './speech'
import { given, inSpeech, lengthPart, say, type TextPart } from './textPart'

interface CornerWords {
  name: string
  /** What is different about its second pair. */
  second?: string
  /** Pinned and sewn from where to where. */
  sewn: (quilt: Quilt, speech: Speech) => TextPart[]
  /** When all four strips are on. */
  closed?: { does: string; how: string }
}

const EASED = 'Mark halves and quarters on strip and top, pin those, then between; ease, never stretch.'
const CORNER_FIRST = 'Sew a corner to both ends of each strip first; its seams meet those of the first pair.'

const CORNERS: Readonly<Record<CornerKind, CornerWords>> = {
  butted: { name: 'butted, one pair over the other', sewn: () => [EASED] },
  mitred: {
    name: 'mitered, seams on the slant',
    sewn: ({ seam }, speech) =>
      say`Middle to middle, the same over at both ends; pin, ease, and sew from seam to seam: begin and end ${given(
        seam,
        speech,
      )} from the corners of the top.`,
    closed: {
      does: 'Miter the four corners, one after the other.',
      how:
        'Fold the top so that two strips lie edge on edge, right sides together. Mark from where their seams end to '
        + 'the corner of the border, sew from the inside out, open it: flat and square? Then trim to a seam and press '
        + 'open.',
    },
  },
  squares: { name: 'corner squares of one cloth', second: CORNER_FIRST, sewn: () => [EASED] },
  pieced: { name: 'pieced corners', second: CORNER_FIRST, sewn: () => [EASED] },
}

/** A way of making corners, as it is chosen. */
export function cornersName(kind: CornerKind, speech: Speech): string {
  return inEnglish(CORNERS[kind].name, speech)
}

export interface BorderStep {
  does: TextPart[]
  how: TextPart[]
}

const PAIRS = {
  sides: { name: 'the sides', side: 'left' },
  ends: { name: 'top and bottom', side: 'top' },
} as const

/** How a border, counted from 1, is sewn on: a pair, the other, and its corners where they are closed last. */
export function borderSteps(quilt: Quilt, plan: Pick<Plan, 'borders'>, border: number, speech: Speech): BorderStep[] {
  const found = quilt.borders[border - 1]!
  const words = CORNERS[found.corners]
  const pairs = pairsOf(found).map(({ name, side }, p): BorderStep => {
    const at = plan.borders.findIndex(strip => strip.border === border && strip.side === side)
    const strip = plan.borders[at]!
    const figure = (key: 'length' | 'width' | 'rough', title: string) => ({
      ...lengthPart(strip[key], speech, `borders.${at}.${key}`),
      title,
    })
    const length = { ...figure('length', `Length of ${name}`), isStrong: true as const }
    const width = figure('width', 'Width of the strip')
    const what = found.pieced ? 'join the units of two strips: each measures' : 'trim two strips to'
    return {
      does: say`${p === 0 ? 'First' : 'Then'} ${name}: ${what} ${length}, ${width} wide.`,
      how: [
        ...(words.second && p === 1 ? [`${words.second} `] : []),
        ...(found.pieced ? [] : say`Cut rough at ${figure('rough', 'Rough length')}. `),
        ...words.sewn(quilt, speech),
      ],
    }
  })
  const closed = words.closed ? [{ does: [words.closed.does], how: [words.closed.how] }] : []
  return [...pairs, ...closed].map(({ does, how }) => ({ does: inSpeech(does, speech), how: inSpeech(how, speech) }))
}

function pairsOf({ first }: Border) {
  return first === 'sides' ? [PAIRS.sides, PAIRS.ends] : [PAIRS.ends, PAIRS.sides]
}
