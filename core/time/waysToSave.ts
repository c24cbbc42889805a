// In: a quilt. Out: changes that leave less to do, each with what would be left.
import { plannedBatches } from '../batches/plannedBatches'
import { planQuilt } from '../checks/planQuilt'
import type { Edit } from '../edits/edit'
import { removeBorder } from '../edits/edge'
import { editedQuilt } from '../edits/editedQuilt'
import { setQuilting, setStitching } from '../edits/quilting'
import { setCounts } from '../edits/setting'
import { QUILTING_KINDS, type QuiltingKind } from '../file/entries/quiltingEntry'
import type { Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { amountsOf, leftOf } from './plannedTime'
import type { Amounts } from './paceKinds'
import { workOf } from './workOf'

export type WayToSave =
  /** Counted from 1, the inmost first. */
  | { do: 'no-border'; border: number }
  | { do: 'by-machine' }
  /** Its lines so far apart, in inches. */
  | { do: 'wider-lines'; entry: number; spacing: number }
  /** So many are left. */
  | { do: 'fewer-rows'; left: number }

/** Kinds whose lines lie a spacing apart. */
const SPACED: ReadonlySet<QuiltingKind> = new Set(
  QUILTING_KINDS.filter(kind => kind === 'grid' || kind === 'lines' || kind === 'diagonal'),
)

/** The way as an edit of this quilt's file. */
export function saveBy(way: WayToSave, { setting: { across } }: Pick<Quilt, 'setting'>): Edit {
  switch (way.do) {
    case 'no-border':
      return removeBorder(way.border - 1)
    case 'by-machine':
      return setStitching({ by: 'machine' })
    case 'wider-lines':
      return setQuilting(way.entry, { spacing: way.spacing })
    case 'fewer-rows':
      return setCounts(across, way.left)
  }
}

/** Each way with the work that it would leave; those that cannot be are left out. Plans a quilt at each step. */
export function* waysToSave(file: QuiltFile, quilt: Quilt): Generator<{ way: WayToSave; left: Amounts }> {
  for (const way of candidates(quilt)) {
    const edited = editedQuilt(file, saveBy(way, quilt))
    if (edited) yield { way, left: workLeft(edited) }
  }
}

function candidates({ borders, quilting, stitching, setting: { down } }: Quilt): WayToSave[] {
  return [
    ...(borders.length > 0 ? [{ do: 'no-border', border: borders.length } as const] : []),
    ...(stitching.by === 'machine' || quilting.length === 0 ? [] : [{ do: 'by-machine' } as const]),
    ...quilting.flatMap(({ kind, spacing }, entry) =>
      SPACED.has(kind) && 2 * spacing <= 12 ? [{ do: 'wider-lines', entry, spacing: 2 * spacing } as const] : [],
    ),
    ...(down > 2 ? [{ do: 'fewer-rows', left: down - 1 } as const] : []),
  ]
}

/** What is left of a quilt's work, planned anew. */
export function workLeft(quilt: Quilt): Amounts {
  const { plan, work } = planQuilt(quilt)
  return amountsOf(workOf(quilt, plan, plannedBatches(work, plan.rows)), leftOf)
}
