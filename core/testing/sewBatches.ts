// Sews a quilt batch by batch, as a test.
import { blockOf, designOf } from '../file/quilt'
import { quiltBatches, type Batch } from '../batches/quiltBatches'
import { planOf } from './quiltOf'

/** Sewn on when the quilt is quilted. */
const EDGE: ReadonlySet<string> = new Set(['binding', 'flange', 'bias-square'])

/** The batches of a quilt, and its plan. */
export function batchesOf(file: unknown) {
  const { quilt, plan, work } = planOf(file)
  const rowIds = plan.rows.map(row => row.id)
  return { quilt, plan, work, ...quiltBatches(work, rowIds) }
}

/** Sews batch by batch: what is taken must lie on the table, whole parts only. Out: what is wrong, what is left. */
function sew(batches: readonly Batch[], table: Map<string, number>): string[] {
  const faults: string[] = []
  for (const { id, count, uses, gives } of batches) {
    const numbers = [count, gives, ...uses.map(use => use.count)]
    if (!numbers.every(Number.isInteger) || count < 1 || gives < 1) faults.push(`${id}: ${JSON.stringify(numbers)}`)
    for (const use of uses) {
      const left = (table.get(use.id) ?? 0) - use.count
      if (left < 0) faults.push(`${id}: of ${use.id} ${-left} too few`)
      table.set(use.id, left)
    }
    table.set(id, (table.get(id) ?? 0) + gives)
  }
  return faults
}

/** What is wrong with the batches of a quilt, when they are sewn one after the other from its piles. */
export function batchFaults(file: unknown): string[] {
  const { quilt, plan, work, batches } = batchesOf(file)
  const table = new Map(plan.pieces.map(piece => [piece.id, piece.count]))
  const faults = sew(batches, table)
  // one patch alone needs no sewing
  if (batches.length === 0) return work.dimensions.top.regions.length === 1 ? [] : ['nothing is sewn']
  const isLeft = (id: string, most: number) => {
    const left = table.get(id) ?? 0
    if (left > most) faults.push(`${left} of ${id} are left, not ${most}`)
  }
  // every piece is in the top, but for spare ones and the binding
  for (const { id, part, spare, count } of plan.pieces) isLeft(id, EDGE.has(part) ? count : spare)
  // beyond those wanted; and of the other hand, where that is made whether wanted or not
  const overOf = new Map(
    work.choices.map(({ demand: { key, count }, way: { made } }) => [
      key,
      made.made - count + (made.mirrored ?? 0) + (made.isBothHands ? count : 0),
    ]),
  )
  const patchesOf = new Map(work.choices.map(({ demand }) => [demand.key, demand.unit.patches.length]))
  const top = batches.at(-1)!.id
  // how many patches each part is made of
  const patches = new Map<string, number>()
  for (const { id, task, uses, gives, count } of batches) {
    if ('unit' in task) {
      patches.set(id, patchesOf.get(task.unit)!)
      isLeft(id, 2 * overOf.get(task.unit)! + 2)
      continue
    }
    if ('pile' in task || 'strips' in task) {
      patches.set(id, 1)
      continue
    }
    if (id !== top) isLeft(id, 0)
    const inAll = uses.reduce((sum, use) => sum + use.count * (patches.get(use.id) ?? 1), 0)
    if (gives !== count && !('border' in task) && !('strips' in task))
      faults.push(`${id}: ${count} times, gives ${gives}`)
    patches.set(id, inAll / gives)
  }
  const wanted = work.dimensions.top.regions.reduce(
    (sum, { fabric }) =>
      sum + ('cell' in fabric ? designOf(quilt, blockOf(quilt, fabric.cell.block)).patches.length : 1),
    0,
  )
  if (table.get(top) !== 1) faults.push(`${table.get(top)} tops`)
  if (Math.abs(patches.get(top)! - wanted) > 1e-6) faults.push(`${patches.get(top)} patches in the top, not ${wanted}`)
  return faults
}
