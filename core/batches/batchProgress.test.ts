import { tick, tickBatch } from '../edits/record'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { batchProgress, batchTick } from './batchProgress'
import { plannedBatches, type PlannedBatch } from './plannedBatches'

const AT = '2026-03-01T10:00:00Z'

function progressOf(file: QuiltFile) {
  const { quilt, plan, work } = planOf(file)
  const batches = plannedBatches(work, plan.rows)
  const done = batchProgress(batches, quilt.done)
  return { batches, done, left: batches.filter((batch, i) => done[i]! < batch.count) }
}

/** So many of a batch ticked. */
function ticked(file: QuiltFile, batch: PlannedBatch, count: number): QuiltFile {
  return tickBatch({ ready: batch.ready, tick: batchTick(batch) }, count, AT)(file)
}

test('nothing is done until something is; a batch done in part is resumed at the same pair', () => {
  expect(progressOf(SAMPLE).done.every(count => count === 0)).toBe(true)
  const { batches } = progressOf(SAMPLE)
  const at = batches.findIndex(({ count, test }) => count >= 6 && !test)
  const file = ticked(SAMPLE, batches[at]!, 4)
  const { done } = progressOf(file)
  // what the test block took of it comes first
  const share = batches.findIndex(({ id }) => id === batches[at]!.id)
  const first = share < at ? batches[share]!.count : 0
  expect(done[at]).toBe(4 - first)
})

test('a change of the borders leaves every tick of what is inside them', () => {
  const { batches } = progressOf(SAMPLE)
  const inside = batches.filter(({ task }) => 'unit' in task || 'block' in task)
  const file = inside.reduce((before, batch) => ticked(before, batch, batch.count), SAMPLE)
  const wider = { ...file, borders: [{ width: 5, cloth: SAMPLE.cloths[0]!.id }] } as QuiltFile
  const { batches: after, done } = progressOf(wider)
  after.forEach((batch, i) => {
    const isInside = 'unit' in batch.task || 'block' in batch.task
    if (isInside) expect(done[i]).toBe(batch.count)
  })
})

test('rows that are ticked are sewn, and so is all that is in them', () => {
  const { plan } = planOf(SAMPLE)
  const done = plan.rows.map(({ id }) => ({ what: 'row' as const, id, count: 1, at: AT }))
  const { left } = progressOf({ ...SAMPLE, done })
  expect(left.length).toBeGreaterThan(0)
  expect(left.every(({ task }) => 'rows' in task || 'border' in task || 'strips' in task)).toBe(true)
})

test('the batch that ends a block counts the block, and taking it back takes both back', () => {
  const { batches } = progressOf(SAMPLE)
  const batch = batches.find(({ ready }) => ready?.what === 'block')!
  const file = ticked(SAMPLE, batch, 1)
  expect(file.done!.filter(({ what }) => what === 'block')).toEqual([
    { what: 'block', id: batch.ready!.id, count: 1, at: AT },
  ])
  expect(ticked(file, batch, -1).done).toEqual([])
})

test('a block that is taken back as a block is not pressed any more, and what it was joined from still is', () => {
  const { batches } = progressOf(SAMPLE)
  const inside = batches.filter(({ task }) => 'unit' in task || 'block' in task)
  const file = inside.reduce((before, batch) => ticked(before, batch, batch.count), SAMPLE)
  const { ready } = inside.findLast(batch => batch.ready?.what === 'block')!
  const { left } = progressOf(tick('block', ready!.id, -2, AT)(file))
  const open = left.filter(({ task }) => 'unit' in task || 'block' in task)
  expect(open.every(batch => batch.ready?.id === ready!.id)).toBe(true)
  expect(open).not.toEqual([])
})
