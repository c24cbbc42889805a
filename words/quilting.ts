// How the quilt is quilted, in words.
import { underArm } from '../core/quilting/underArm'
import type { QuiltingKind } from '../core/file/entries/quiltingEntry'
import type { PlannedQuilting } from '../core/plan/plannedQuilting'
import type { Inches } from '../core/measure/ruler'
import { NEVER_SEWN } from '../core/quilting/thread'
import { cornersOf } from '../core/quilting/trails'
import { formatCount, formatLength, formatRough } from './length'
import { capital } from './names'
import { formatPart } from './sum'
import { inEnglish, plural, type Speech } from './speech'

export const QUILTING_NAMES: Readonly<Record<QuiltingKind, string>> = {
  ditch: 'in the ditch, along the seams',
  echo: 'round the inside of patches',
  diagonal: 'diagonals through the blocks',
  grid: 'a grid',
  lines: 'parallel lines',
  random: 'straight lines at random',
  motif: 'a motif in blocks or borders',
  ties: 'ties or buttons',
}

export const MOTIF_NAMES: Readonly<Record<string, string>> = {
  petals: 'four petals',
  leaf: 'a leaf',
  wave: 'a wave, for borders',
  spiral: 'a spiral',
}

/** How the lines of a kind come onto the cloth. */
export const MARKED: Readonly<Record<QuiltingKind, string>> = {
  ditch: 'Nothing to mark: sew in the seam, on the side without the allowance.',
  echo: 'Nothing to mark where the foot runs along the seam; else tape or chalk.',
  diagonal: 'Tape from corner to corner, or a crease pressed with a blunt point.',
  grid: 'Tape for the first line of each way, the guide bar of the foot for the rest.',
  lines: 'Tape for the first line, the guide bar of the foot for the rest.',
  random: 'Tape, one strip at a time: sew along both of its edges, then move it.',
  motif: 'Trace it from a light box or through a stencil.',
  ties: 'A pin at each place, moved as you tie.',
}

type LineFacts = PlannedQuilting['lines'][number]

/** Where a point of the quilt lies, for somebody who stands before it. */
function placeText([x, y]: readonly [number, number], { width, height }: PlannedQuilting, speech: Speech): string {
  const near = 0.02
  if (y < near) return `the upper edge, ${formatRough(x, speech)} from the left`
  if (height - y < near) return `the lower edge, ${formatRough(x, speech)} from the left`
  if (x < near) return `the left edge, ${formatRough(y, speech)} from the top`
  if (width - x < near) return `the right edge, ${formatRough(y, speech)} from the top`
  return `${formatRough(x, speech)} from the left, ${formatRough(y, speech)} from the top`
}

/** One line at the machine. */
export function lineText(line: LineFacts, plan: PlannedQuilting, speech: Speech): string {
  const [first, last] = [line.points[0]!, line.points.at(-1)!]
  if (line.points.length === 1) return `Tie at ${placeText(first, plan, speech)}: a square knot, or a button sewn fast.`
  const start =
    line.from === 'edge'
      ? `Begin in the trimmings at ${placeText(first, plan, speech)}`
      : `Begin with three tiny stitches at ${placeText(first, plan, speech)}, the bobbin thread drawn up`
  const corners = cornersOf(line.points)
  const way =
    corners > 0
      ? `round ${plural(corners, 'corner')}, needle down at each,`
      : line.points.length > 2
        ? 'along the curve'
        : 'straight'
  const end =
    line.to === 'edge'
      ? `to ${placeText(last, plan, speech)}, out into the trimmings`
      : `to ${placeText(last, plan, speech)}; three tiny stitches, and bury the ends`
  const arm = underArm(line.points, plan)
  const bulk =
    arm && arm.share > 0.02 ? ` ${Math.round(arm.share * 20) * 5} % of the quilt lies rolled under the arm.` : ''
  return `${start}. Sew ${way} ${end}.${bulk}`
}

/** In which order, and why. */
export function orderText(
  { anchors, lines, stops, ends, turns, corners }: PlannedQuilting,
  school: string,
  speech: Speech,
): string {
  const sewn = lines.filter(({ points }) => points.length > 1).length
  const first =
    anchors === 1
      ? 'First the long straight line, which holds the layers'
      : `First the ${anchors} long straight lines, which hold the layers`
  const held =
    anchors === 0
      ? 'No line runs straight across the quilt: hold the layers with many pins, and begin in the middle.'
      : school === 'from-the-middle'
        ? `${first}: from the middle to the right `
          + 'edge, turn the quilt end for end, again; then those of the next direction.'
        : `${first}: from the right edge to the `
          + 'middle, turn the quilt end for end, from the middle out; then those of the next direction.'
  const rest = sewn > anchors ? ` Then the other ${sewn - anchors}, from the center out.` : ''
  return inEnglish(
    `${held}${rest} ${plural(stops, 'start')} and stops inside, ${plural(ends, 'end')} in the trimmings; about `
      + `${plural(turns - corners, 'quarter turn')} of the quilt from line to line, and ${plural(corners, 'corner')} `
      + 'within lines, at which it is turned with the needle down.',
    speech,
  )
}

export type SewnBy = 'machine' | 'hand' | 'big-stitch'
/** Rough: fine stitches by hand take longest. */
const INCHES_A_MINUTE: Readonly<Record<SewnBy, number>> = { 'machine': 45, 'hand': 1.5, 'big-stitch': 4 }

/** Minutes at the machine, roughly: a hand's pace, and what starts and turns cost. */
export function hoursText({ length, stops, turns, corners, lines, ties }: PlannedQuilting, by: SewnBy): string {
  const pace = INCHES_A_MINUTE[by]
  const sewn = lines.length - (ties?.count ?? 0)
  return timeText(
    by === 'machine'
      ? length / pace + stops * 0.75 + (turns - corners) * 0.4 + corners * 0.15 + sewn * 0.3
      : length / pace,
  )
}

/** Ties are made by hand, whatever the lines are sewn with: how many, and about how long they take. */
export function tiesText({ count }: NonNullable<PlannedQuilting['ties']>): string {
  return `${plural(count, 'tie')} by hand, ${timeText(count * MINUTES_A_TIE)}`
}

const MINUTES_A_TIE = 1.5

function timeText(minutes: number): string {
  const hours = minutes / 60
  return hours < 1
    ? `about ${Math.max(5, Math.round(minutes / 5) * 5)} minutes`
    : `about ${Math.round(hours * 2) / 2} hours`
}

/** Over a motif on paper. */
export function motifTitle(motif: string, size: Inches, count: number, speech: Speech): string {
  const name = capital(MOTIF_NAMES[motif] ?? 'your own motif')
  return `${name}, ${formatLength(size, speech)} across, ${count === 1 ? 'once' : `${count} times`}`
}

/** What stands over a block with its lines. */
export function blockTitle(block: string): string {
  return `${block}: the lines where it first stands`
}

/** How long the marks must stay. */
export const MARK_DAYS = ['a day or two', 'a week', 'longer'] as const
export type MarkDays = (typeof MARK_DAYS)[number]

export interface MarkingTool {
  tool: string
  off: string
}

/** Above this cloth is light enough for dark marks, below it for white ones. Source: CIE L*. */
const LIGHT_CLOTH = 55

/** What to mark with on these cloths for so many days of work, what leaves no dye first. */
export function markingTools(lightnesses: readonly number[], days: MarkDays, hasStraight: boolean): MarkingTool[] {
  const [hasLight, hasDark] = [lightnesses.some(l => l >= LIGHT_CLOTH), lightnesses.some(l => l < LIGHT_CLOTH)]
  return [
    ...(hasStraight ? [{ tool: 'Narrow tape along the lines', off: 'take it off each evening, its glue stays' }] : []),
    { tool: 'A line pressed in with a blunt point', off: 'nothing to take off; a few lines at a time' },
    ...(hasDark && days !== 'longer'
      ? [{ tool: 'White chalk on dark cloth', off: 'brush it off; it rubs off by itself' }]
      : []),
    ...(hasDark ? [{ tool: 'A ceramic pencil on dark cloth', off: 'rub or wash it out, as its maker says' }] : []),
    ...(hasLight && days === 'a day or two'
      ? [{ tool: 'A fading pen on light cloth', off: 'gone in about two days by itself; never iron before' }]
      : []),
    ...(hasLight
      ? [{ tool: 'A water-soluble pen on light cloth', off: 'cold water, much of it; never iron before' }]
      : []),
  ]
}

/** What is said behind the number of bobbins: what is on one, and that it is never emptied to the last. */
export function bobbinsText(count: number, holds: number): string {
  const each = `${formatCount(holds)} m on each, the last ${formatPart(NEVER_SEWN)} of it never sewn`
  return `${count === 1 ? 'bobbin' : 'bobbins'} (${each})`
}
