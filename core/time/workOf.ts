// In: a plan with its batches, and what is done. Out: all work of the quilt in its order, each with how much is left.
import { batchProgress } from '../batches/batchProgress'
import type { PlannedBatch } from '../batches/plannedBatches'
import { doneCounts } from '../cut/progress'
import { makingRules } from '../file/makings'
import type { FinishStep } from '../file/makings/makingRules'
import type { Quilt } from '../file/quilt'
import type { Plan } from '../plan/plan'
import { isSewnOn } from '../file/bindings'
import type { PaceName } from './paceKinds'

/** One thing to do. */
export interface WorkItem {
  /** `cutting.` and a cloth, a batch, or `step.` and a step of finishing. */
  id: string
  pace: PaceName
  /** In what its pace is counted in. */
  all: number
  done: number
}

/** What work is read from. */
export type PlannedWork = Pick<Plan, 'pieces' | 'rows' | 'borders' | 'trim' | 'quilting' | 'binding'>

/** Pieces cloth by cloth, then the batches, then what is done to the whole. */
export function workOf(quilt: Quilt, plan: PlannedWork, batches: readonly PlannedBatch[]): WorkItem[] {
  const done = batchProgress(batches, quilt.done)
  return [
    ...cutting(quilt, plan),
    ...batches.map((batch, i): WorkItem => {
      const { pace, each } = paceOf(batch, plan)
      return { id: batch.id, pace, all: batch.count * each, done: done[i]! * each }
    }),
    ...finishing(quilt, plan),
  ]
}

function cutting({ cloths, done }: Quilt, { pieces }: PlannedWork): WorkItem[] {
  const ticked = doneCounts(done, 'cut')
  return cloths.flatMap(({ id }): WorkItem[] => {
    const own = pieces.filter(({ cloth }) => cloth === id)
    const all = own.reduce((sum, { count }) => sum + count, 0)
    const cut = own.reduce((sum, piece) => sum + Math.min(piece.count, ticked.get(piece.id) ?? 0), 0)
    return all === 0 ? [] : [{ id: `cutting.${id}`, pace: 'cut', all, done: cut }]
  })
}

/** At which pace a batch goes, and how much of it each of its count is. */
function paceOf({ at, what, task, count, uses }: PlannedBatch, plan: PlannedWork): { pace: PaceName; each: number } {
  if (at === 'iron') return { pace: 'press', each: 1 }
  if (at === 'mat') return { pace: what === 'trim' ? 'trim' : 'ready', each: 1 }
  const length = longSeam(task, plan)
  if (length !== null) return { pace: 'join', each: length }
  // many parts in one go, as a row of a picture, have a seam between each two
  const parts = uses.reduce((sum, use) => sum + use.count, 0) / count
  return { pace: 'sew', each: Math.max(1, Math.round(parts) - 1) }
}

/** The length of a seam of the top, in inches; null: it is within a block, or short. */
function longSeam(task: PlannedBatch['task'], { rows, borders }: PlannedWork): number | null {
  if ('row' in task) {
    const row = rows.find(({ id }) => id === task.row)
    return row ? Math.min(row.width, row.height) : null
  }
  if ('rows' in task) {
    const row = rows[task.rows[1] - 1]
    return row ? Math.max(row.width, row.height) : null
  }
  if (!('border' in task) || task.border === 0 || task.side === 'corners') return null
  const sides = task.side === 'sides' ? ['left', 'right'] : ['top', 'bottom']
  return borders.find(({ border, side }) => border === task.border && sides.includes(side))?.length ?? null
}

function finishing(quilt: Quilt, { trim, quilting, binding }: PlannedWork): WorkItem[] {
  const steps = doneCounts(quilt.done, 'step')
  const { steps: own } = makingRules(quilt.making)
  const has = (step: FinishStep) => own.some(known => known.step === step)
  const item = (step: FinishStep, pace: PaceName, all: number): WorkItem[] =>
    has(step) && all > 0 ? [{ id: `step.${step}`, pace, all, done: steps.has(step) ? all : 0 }] : []
  const byMachine = quilt.stitching.by === 'machine'
  const edge = 2 * (trim.width + trim.height)
  return [
    ...item('layered', 'layer', (trim.width * trim.height) / 144),
    ...item('quilted', byMachine ? 'quilt' : 'hand-quilt', quilting?.length ?? 0),
    ...item('quilted', 'tie', quilting?.ties?.count ?? 0).map(tied => ({ ...tied, id: `${tied.id}.ties` })),
    ...item('bound', 'bind', binding && isSewnOn(binding) ? binding.length : edge),
  ]
}
