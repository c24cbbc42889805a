// One batch of the sewing in words.
import type { PlannedBatch } from '../core/batches/plannedBatches'
import type { RecipeJoin } from '../core/make/joins/joins'
import { clipsOf } from '../core/top/clips'
import type { QuiltRow } from '../core/top/rows'
import { capital, partName, unitName } from './names'
import { joinTitle } from './joining'
import { clipsText, partOfRow, rowTitle } from './rows'
import { inEnglish, plural } from './speech'
import type { BatchBook } from './batchBook'
import { joinedPart, joinedParts } from './joinedPart'
import { legParts } from './leg'
import { stepParts } from './step'
import { PRESS } from './steps/stepWords'
import { textOf, type TextPart } from './textPart'

export const AT_STATION: Readonly<Record<PlannedBatch['at'], string>> = {
  mat: 'At the mat',
  machine: 'At the machine',
  iron: 'At the iron',
}
/** How to work there, whatever it is. */
export const HOW_AT: Readonly<Record<PlannedBatch['at'], string>> = {
  mat: 'Stack what comes off by what it is, with its label.',
  machine:
    'Lay the first parts to your left, the second to your right. Begin the chain on a scrap, feed pair after pair '
    + 'without cutting the thread, and end on a scrap.',
  iron: 'Cut the chain apart here. Set every seam shut as it was sewn, then press it over.',
}

/** What it is about: a unit, a block, a row. */
export function batchTitle({ task }: PlannedBatch, { units, pieces, rows, blocks, cloths }: BatchBook): string {
  if ('unit' in task) {
    const unit = units.get(task.unit)
    if (!unit) return 'Units'
    const worn = [...new Set(unit.pieces.map(({ cloth }) => cloths.get(cloth) ?? cloth))]
    return `${capital(unitName(unit, 2))}: ${worn.join(', ')}`
  }
  if ('block' in task) return blocks.get(task.block) ?? task.block
  if ('pile' in task) {
    const piece = pieces.get(task.pile)
    return piece ? `${cloths.get(piece.cloth) ?? piece.cloth}, ${partName(piece)}` : 'Pieces'
  }
  if ('chart' in task) return `${blocks.get(task.chart) ?? task.chart}: ${chartPartName(task)}`
  if ('frame' in task) return `${blocks.get(task.frame) ?? task.frame}: frame`
  if ('row' in task) return rowsNamed(rows.get(task.row) ?? [])
  if ('rows' in task) return 'The top'
  if ('strips' in task) return task.strips === 'sashing' ? 'Long sashes' : `Border ${task.strips}`
  return task.border === 0 ? 'The corners' : `Border ${task.border}`
}

const DONE_TO: Readonly<Record<PlannedBatch['what'], string>> = {
  'join': 'sew',
  'press': 'press',
  'trim': 'trim',
  'cut-apart': 'cut apart',
  'layer': 'lay',
  'mark': 'mark',
}
/** Batches of a visit that are named before the rest is counted. */
const MAX_NAMED = 2

/** What is done at one visit, in a line: `sew 72 × flying geese …; press …, and 3 more`. */
export function visitText(batches: readonly PlannedBatch[], book: BatchBook): string {
  const said = [
    ...new Set(batches.map(batch => `${DONE_TO[batch.what]} ${batch.count} × ${lowered(batchTitle(batch, book))}`)),
  ]
  const more = said.length - MAX_NAMED
  return `${said.slice(0, MAX_NAMED).join('; ')}${more > 0 ? `, and ${more} more` : ''}`
}

/** Units begin small within a line; names of blocks and cloths keep their letter. */
function lowered(title: string): string {
  return title.includes(':') ? title.charAt(0).toLowerCase() + title.slice(1) : title
}

/** Batches that are done alike, told once. */
export interface BatchGroup {
  parts: TextPart[]
  /** What all are of, where it is one kind of unit: `Flying geese`. */
  kind: string | null
  /** In which cloths, or of which blocks, and how many of each. */
  of: { name: string; count: number }[]
  /** Place of the first in the list given. */
  first: number
}

/** Batches of one visit, those with the same words together: the same step in other cloths, or for other blocks. */
export function batchGroups(batches: readonly PlannedBatch[], book: BatchBook): BatchGroup[] {
  const groups = new Map<string, BatchGroup>()
  batches.forEach((batch, first) => {
    const parts = batchParts(batch, book)
    const [kind, cloths] = twoOf(batchTitle(batch, book))
    const key = `${cloths === undefined ? '' : kind} ${textOf(parts)}`
    const group = groups.get(key) ?? { parts, kind: cloths === undefined ? null : kind, of: [], first }
    const name = cloths ?? kind
    const same = group.of.find(other => other.name === name)
    if (same) same.count += batch.count
    else group.of.push({ name, count: batch.count })
    groups.set(key, group)
  })
  return [...groups.values()]
}

/** What is done at a visit for the test blocks: each kind of work once, with all it is done to. */
export function testParts(batches: readonly PlannedBatch[], book: BatchBook): { work: string; to: string }[] {
  const counts = new Map<string, Map<string, number>>()
  for (const batch of batches) {
    const ofWork = counts.get(DONE_TO[batch.what]) ?? new Map<string, number>()
    counts.set(DONE_TO[batch.what], ofWork)
    const title = lowered(batchTitle(batch, book))
    ofWork.set(title, (ofWork.get(title) ?? 0) + batch.count)
  }
  return [...counts].map(([work, to]) => ({
    work,
    to: [...to].map(([title, count]) => `${count}\u00a0× ${title}`).join('; '),
  }))
}

function twoOf(title: string): [first: string, second: string | undefined] {
  const at = title.indexOf(': ')
  return at < 0 ? [title, undefined] : [title.slice(0, at), title.slice(at + 2)]
}

function rowsNamed(rows: readonly QuiltRow[]): string {
  const [first, ...others] = rows
  if (!first) return 'A strip of a border'
  if (others.length === 0) return rowTitle(first)
  return `${rowTitle(first)} and ${others.map(({ row }) => row).join(', ')}`
}

/** What to do, as words and lengths. */
export function batchParts(batch: PlannedBatch, book: BatchBook): TextPart[] {
  const { task, what, top } = batch
  const { speech, cloths } = book
  if ('unit' in task) {
    const step = book.units.get(task.unit)?.steps[task.step]
    return step ? legParts(step, task.leg, speech, cloths) : []
  }
  if ('block' in task) {
    const found = task.joins.flatMap(id => book.joins.get(id) ?? [])
    if (what === 'press') return [pressText(found, book)]
    const [{ join }] = found as [(typeof found)[0]]
    const { press: _, ...data } = join.step.data ?? {}
    const { joins } = join.step
    const why = join.step.code === 'join-set-in' ? '; what is set in lies underneath' : ', to see its points'
    const onTop = top && joins ? ` On top: ${joinedPart(joins[top === 'first' ? 0 : 1], cloths)}${why}.` : ''
    return [...stepParts({ ...join.step, data }, speech, cloths), onTop]
  }
  return [inEnglish(plainText(batch, book), speech)]
}

/** Seams are told by the parts on their two sides: on the table nothing bears the number of a join. */
function pressText(joins: readonly { join: RecipeJoin }[], { cloths, speech }: BatchBook): string {
  const [one, ...others] = joins
  if (!one) return 'Set the seams shut, then press them.'
  const wayOf = ({ step }: RecipeJoin) => PRESS[step.data?.press ?? 'open']
  if (others.length === 0) return `Set the seam shut, then press it ${wayOf(one.join)}.`
  const ways = joins.map(({ join }) => `between ${joinedParts(join.step.joins!, cloths)} ${wayOf(join)}`)
  return inEnglish(`Set the seams shut, then press those ${[...new Set(ways)].join('; ')}.`, speech)
}

function plainText({ task, what, count }: PlannedBatch, book: BatchBook): string {
  const { pieces, rows, blocks, clips } = book
  if ('pile' in task) {
    const cuts = pieces.get(task.pile)?.cuts
    if (cuts === 'one-diagonal') return 'Cut each once, corner to corner: two triangles. Bias edges now: do not pull.'
    if (cuts === 'two-diagonals') return 'Cut each on both diagonals: four triangles.'
    return 'Cut the strips at their angle, as the cutting sheet says.'
  }
  if ('chart' in task) return chartText(task, what, count)
  if ('frame' in task)
    return what === 'press' ? 'Press outwards, away from the block.' : `Sew a strip to both ${task.pair} of each block.`
  if ('row' in task) {
    if (what === 'press') return 'Press its seams, all the way its card says.'
    const before = task.part === 1 ? 'the first part' : `the first ${task.part} parts`
    const alike = rows.get(task.row) ?? []
    const part = alike[0]?.parts[task.part]
    const named = part ? `, ${partOfRow(part, blocks)},` : ''
    return `Sew part ${task.part + 1}${named} to ${before}.${task.part === 1 ? clipsToPut(alike, clips) : ''}`
  }
  if ('rows' in task) {
    if (what === 'press') return 'Press the seams between them.'
    const [from, middle, to] = task.rows
    return `Join ${joinTitle({ from, middle, to }, book.joined).toLowerCase()}: pin every crossing.`
  }
  if ('strips' in task) {
    if (what === 'join') return `Join the strips end to end: ${plural(count, 'seam')}.`
    return what === 'press' ? 'Press the joins open.' : 'Cut the strips to length, as Finish says.'
  }
  if ('border' in task) {
    if (what === 'press') return 'Press outwards.'
    if (task.border === 0) return 'Sew the triangles to the corners, middles matched.'
    if (task.side === 'corners') return 'Sew the mitres, from the corner of the top outwards.'
    return `Measure, cut and sew its strips to both ${task.side}, pinned at middle and ends.`
  }
  return ''
}

type ChartTask = Extract<PlannedBatch['task'], { chart: string }>

function chartPartName(task: ChartTask): string {
  if ('line' in task) return `row ${task.line}`
  return 'panel' in task ? `panel ${task.panel}` : `all ${task.parts}`
}

/** Squares are taken in the order of the row list. */
function chartText(task: ChartTask, what: PlannedBatch['what'], count: number): string {
  const times = count === 1 ? '' : ` ${count} times alike.`
  if ('line' in task)
    return what === 'press'
      ? 'Press all its seams one way, as the row list says.'
      : `Lay row ${task.line} out by the row list and sew it.${times}`
  if ('panel' in task)
    return what === 'press'
      ? 'Snip the allowances where seams cross, and press them by turns.'
      : `Lay panel ${task.panel} on its grid, fuse it, then fold and sew its lines.${times}`
  return what === 'press' ? 'Press the seams between them.' : `Join the ${task.parts}: pin every crossing.`
}

/** At its first seam every row gets its clips, so that tomorrow tells them apart. */
function clipsToPut(rows: readonly QuiltRow[], colours: readonly string[]): string {
  const told = rows.flatMap(row => {
    const clips = clipsOf(colours, row)
    return clips ? [`${rowTitle(row).toLowerCase()} with ${clipsText(clips)}`] : []
  })
  return told.length === 0 ? '' : ` Keep ${told.join('; ')}.`
}
