import type { Quilt } from '../core/file/quilt'
import { rulesOf } from '../core/file/settings'
import { MIN_SEAM, type EasedMeeting } from '../core/made/easing'
import type { PlannedEasing, PlannedJoin } from '../core/plan/plannedJoining'
import type { StripWords } from '../core/paper/markStrips'
import type { QuiltRow } from '../core/top/rows'
import { formatLength } from './length'
import { rowTitle } from './rows'
import { inEnglish, plural, type Speech } from './speech'

type NamedRow = Pick<QuiltRow, 'kind' | 'row'>

/** `rows` in the order of joining: `Row 1`, or `Row 1 to Row 3` where they are joined already. */
function section(rows: readonly NamedRow[], from: number, to: number): string {
  const [first, last] = [rows[from - 1]!, rows[to - 1]!]
  return from === to ? rowTitle(first) : `${rowTitle(first)} to ${rowTitle(last).toLowerCase()}`
}

/** Which sections of rows a join brings together. */
export function joinTitle(
  { from, middle, to }: Pick<PlannedJoin, 'from' | 'middle' | 'to'>,
  rows: readonly NamedRow[],
): string {
  return `${section(rows, from, middle)}, with ${section(rows, middle + 1, to).toLowerCase()}`
}

const PRESSED = { up: 'upwards', down: 'downwards', left: 'to the left', right: 'to the right' } as const

/** How a joined seam is pressed. */
export function pressText(press: keyof typeof PRESSED): string {
  return `Press ${PRESSED[press]}.`
}

/** Where the feed helps and where it does not. */
export function crossingsText({ middle, crossings, locking }: PlannedJoin, rows: readonly NamedRow[]): string {
  if ([rows[middle - 1]!, rows[middle]!].some(({ kind }) => kind === 'sash') && crossings === 0)
    return 'Pin the marks of the sash to the joints of the row, then between.'
  if (crossings === 0) return 'No seams cross it.'
  const all = `${plural(crossings, 'crossing')}`
  if (locking === crossings) return `${all}: each locks as you sew; feel for it.`
  if (locking === 0) return `${all}: pin each of them.`
  return `${all}: ${locking} lock as you sew, pin the other ${crossings - locking}.`
}

/** What it is that is eased. */
export function easedName({ what, block, row }: PlannedEasing, blockNames: ReadonlyMap<string, string>): string {
  if (what === 'block') return blockNames.get(block!) ?? block!
  return rowTitle({ kind: what, row: row! })
}

/** What to do with a part that does not measure what its place does. */
export function meetingText(meeting: EasedMeeting, speech: Speech): string {
  const least = meeting === 'narrow-seam' ? ` At least ${formatLength(MIN_SEAM, speech)} of it must stay.` : ''
  return MEETINGS[meeting] + least
}

const MEETINGS: Readonly<Record<EasedMeeting, string>> = {
  'as-it-is': 'Sew it as it is.',
  'ease': 'Pin both ends and the middle; ease the rest in, the longer side underneath.',
  'narrow-seam': 'Match the middles, and take less of this one into the seam.',
  'trim': 'Trim it to its place, the same from each side.',
  'remake': 'Too far off to be eased. Look for the seam that is wrong, and sew it again.',
}

/** What stands on the paper strip of sashes that are marked alike. `strip`: counted from 1. */
export function stripWords(strip: number, sashes: readonly number[], speech: Speech): StripWords {
  return {
    title: sashesText(sashes).toLowerCase(),
    above: 'above',
    below: 'below',
    part: (number, of) => (of === 1 ? `Strip ${strip}` : `Strip ${strip}, ${number} of ${of}`),
    mark: at => formatLength(at, speech),
    glue: number => `glue ${number} here`,
  }
}

/** Runs of neighbours by their ends: `Sashes 1, 3–6`. */
export function sashesText(sashes: readonly number[]): string {
  const runs: [number, number][] = []
  for (const sash of sashes) {
    const last = runs.at(-1)
    if (last && last[1] === sash - 1) last[1] = sash
    else runs.push([sash, sash])
  }
  const named = runs.map(([from, to]) => (from === to ? String(from) : `${from}–${to}`))
  return `${sashes.length === 1 ? 'Sash' : 'Sashes'} ${named.join(', ')}`
}

/** Before anything is sewn: how the blocks are laid out, and in which order they are joined. */
export function layoutText(quilt: Quilt, rows: readonly Pick<QuiltRow, 'kind'>[], speech: Speech): string {
  const { kind } = quilt.setting
  // columns where sashes, or shifts, run between them
  const joined = rows.some(row => row.kind === 'column') ? 'column' : rulesOf({ kind }).joined
  const order = joined === 'diagonal' ? `${ORDERS.diagonal} ${trimText(quilt, speech)}` : ORDERS[joined]
  return inEnglish(
    `Lay all blocks out first, and step back. ${order} Chain the same seam of every ${joined}; two clips of one color `
      + 'for each row keep the order.',
    speech,
  )
}

const ORDERS = {
  diagonal:
    'Join each diagonal from its lower left, with the triangles at its ends; then the diagonals, from the upper left; '
    + 'the corners last.',
  column: 'Join each column from the top down, then the columns two and two.',
  row: 'Join each row from left to right, then the rows two and two.',
} as const

/** Triangles are cut a little large: the whole top is trimmed before anything is sewn to it. */
function trimText({ seam, setting }: Quilt, speech: Speech): string {
  return setting.sashing
    ? `Trim the whole top ${formatLength(seam, speech)} outside the points where sashes meet the edge.`
    : `Trim the whole top ${formatLength(setting.float + seam, speech)} outside the corners of the blocks.`
}
