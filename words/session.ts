// A day's work in words.
import type { PlannedBatch } from '../core/batches/plannedBatches'
import type { Session } from '../core/time/sessions'
import { visitText } from './batch'
import type { BatchBook } from './batchBook'

const CUTTING = 'cutting.'
const STEPS: Readonly<Record<string, string>> = {
  'layered': 'layer and baste',
  'quilted': 'quilt',
  'quilted.ties': 'tie',
  'bound': 'bind',
}

/** What is done on a day: cutting by cloth, batches, then the steps of finishing. */
export function sessionText(
  { batches: ids }: Session,
  batches: ReadonlyMap<string, PlannedBatch>,
  book: BatchBook,
): string {
  const cut = ids.flatMap(id => (id.startsWith(CUTTING) ? [book.cloths.get(id.slice(CUTTING.length)) ?? id] : []))
  const sewn = ids.flatMap(id => batches.get(id) ?? [])
  const steps = ids.flatMap(id => (id.startsWith('step.') ? [STEPS[id.slice(5)] ?? id.slice(5)] : []))
  return [
    ...(cut.length > 0 ? [`cut ${cut.join(', ')}`] : []),
    ...(sewn.length > 0 ? [visitText(sewn, book)] : []),
    ...steps,
  ].join('; ')
}
