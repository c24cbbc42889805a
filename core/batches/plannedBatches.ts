// In: the plan's work. Out: its batches as others read them.
import type { QuiltRow } from '../top/rows'
import type { PlanWork } from '../plan/planWork'
import type { Operation, Use } from './operation'
import { quiltBatches } from './quiltBatches'

/** One thing done to so many parts in one go; those that follow each other at one station are one visit. */
export interface PlannedBatch extends Pick<Operation, 'id' | 'at' | 'what' | 'count' | 'gives' | 'task' | 'ready'> {
  /** A pile, or an earlier batch: what is joined, or what is worked on. */
  first: string
  second?: string
  /** Which of the two lies on top, where that matters. */
  top?: 'first' | 'second'
  /** All that it takes, of each pile or batch so many. */
  uses: Use[]
  /** For one block of each design, which is sewn and measured before the rest; it goes on later under the same id. */
  test?: true
}

/** `rows`: those of the plan. Not part of the plan itself: it takes longer than all of the rest, and few ask for it. */
export function plannedBatches(work: PlanWork, rows: readonly Pick<QuiltRow, 'id'>[]): PlannedBatch[] {
  const { batches } = quiltBatches(
    work,
    rows.map(({ id }) => id),
  )
  return batches.map(({ id, at, what, count, gives, task, ready, parts: [first, second], top, uses, isTest }) => ({
    id,
    at,
    what,
    count,
    first,
    ...(second === undefined ? {} : { second }),
    ...(top ? { top } : {}),
    gives,
    uses,
    task,
    ...(ready ? { ready } : {}),
    ...(isTest ? { test: true as const } : {}),
  }))
}
