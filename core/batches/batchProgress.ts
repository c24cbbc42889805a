// In: the batches of a plan, and what was ticked. Out: how many of each are done.
import { doneCounts } from '../cut/progress'
import type { Quilt } from '../file/quilt'
import type { PlannedBatch } from './plannedBatches'

/** The name of a batch in ticks. */
export function batchTick({ id }: Pick<PlannedBatch, 'id'>): string {
  return `batch.${id}`
}

/**
 * How many of each batch are done: those ticked; and those without which what is done could not be, such as blocks
 * that were ticked as a whole. One that comes twice, for the test block and for the rest, is done the first time
 * first.
 */
export function batchProgress(batches: readonly PlannedBatch[], done: Quilt['done']): number[] {
  const steps = doneCounts(done, 'step')
  const ticked = new Map(batches.map(batch => [batch.id, steps.get(batchTick(batch)) ?? 0]))
  const wholes = wholeOf(batches)
  addReady(wholes, ticked, done)
  // what is used of each, by those that are done: from the last to the first
  const used = new Map<string, number>()
  for (const { id, count, gives, uses } of [...wholes.values()].reverse()) {
    const needed = gives === 0 ? 0 : Math.ceil(((used.get(id) ?? 0) * count) / gives - 1e-9)
    const all = Math.min(count, Math.max(ticked.get(id) ?? 0, needed))
    ticked.set(id, all)
    for (const use of uses) used.set(use.id, (used.get(use.id) ?? 0) + (use.count * all) / count)
  }
  return batches.map(({ id, count }) => {
    const here = Math.min(count, ticked.get(id)!)
    ticked.set(id, ticked.get(id)! - here)
    return here
  })
}

type Whole = Pick<PlannedBatch, 'id' | 'count' | 'gives' | 'uses' | 'ready'>

/** The test block's share and the rest together, each after those it takes from. */
function wholeOf(batches: readonly PlannedBatch[]): Map<string, Whole> {
  const wholes = new Map<string, Whole>()
  for (const batch of batches) {
    const known = wholes.get(batch.id)
    // again at the end: what comes only with the rest may feed it
    wholes.delete(batch.id)
    wholes.set(
      batch.id,
      known
        ? {
            ...batch,
            count: known.count + batch.count,
            gives: known.gives + batch.gives,
            uses: [...known.uses, ...batch.uses],
          }
        : batch,
    )
  }
  return wholes
}

/**
 * Units, blocks and rows that were ticked as such count for the batches that end them, in their order; those that were
 * taken back are taken from the last of them.
 */
function addReady(wholes: ReadonlyMap<string, Whole>, ticked: Map<string, number>, done: Quilt['done']): void {
  const left = new Map<string, number>()
  const key = ({ what, id }: NonNullable<Whole['ready']>) => `${what} ${id}`
  for (const { id, ready } of wholes.values()) {
    if (!ready) continue
    const known = left.get(key(ready)) ?? doneCounts(done, ready.what).get(ready.id) ?? 0
    left.set(key(ready), known - ticked.get(id)!)
  }
  for (const { id, count, ready } of wholes.values()) {
    if (!ready) continue
    const more = Math.max(0, Math.min(count - ticked.get(id)!, left.get(key(ready))!))
    ticked.set(id, ticked.get(id)! + more)
    left.set(key(ready), left.get(key(ready))! - more)
  }
  for (const { id, ready } of [...wholes.values()].reverse()) {
    if (!ready) continue
    const fewer = Math.min(ticked.get(id)!, Math.max(0, -left.get(key(ready))!))
    ticked.set(id, ticked.get(id)! - fewer)
    left.set(key(ready), left.get(key(ready))! + fewer)
  }
}
