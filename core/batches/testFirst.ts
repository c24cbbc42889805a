// In: operations of the whole quilt. Out: those for one block of each design, and what is left of each.
import type { Operation, Use } from './operation'

/**
 * One block of each design is sewn and measured before the rest: what it takes of every operation, whole pairs and
 * whole sets, as `test`; the rest of it as it was. `blocks`: the operation that ends each block.
 */
export function testFirst(
  operations: readonly Operation[],
  blocks: ReadonlySet<string>,
): { test: Operation[]; rest: Operation[] } {
  const byId = new Map(operations.map(operation => [operation.id, operation]))
  const wanted = new Map<string, number>([...blocks].map(id => [id, 1]))
  const counts = new Map<string, number>()
  // each comes before those that take from it: from the last to the first
  for (const operation of sorted(operations).reverse()) {
    const parts = wanted.get(operation.id)
    if (!parts) continue
    const count = Math.min(operation.count, Math.ceil((parts * operation.count) / operation.gives - 1e-9))
    counts.set(operation.id, count)
    for (const use of sharesOf(operation, count))
      if (byId.has(use.id)) wanted.set(use.id, (wanted.get(use.id) ?? 0) + use.count)
  }
  const test: Operation[] = []
  const rest: Operation[] = []
  for (const operation of operations) {
    const count = counts.get(operation.id) ?? 0
    if (count > 0) test.push(shareOf(operation, count, sharesOf(operation, count)))
    if (count < operation.count) rest.push(restOf(operation, count))
  }
  return { test, rest }
}

function sharesOf({ uses, count: all }: Operation, count: number): Use[] {
  return uses.map(use => ({ id: use.id, count: Math.ceil((use.count * count) / all - 1e-9) }))
}

function shareOf(operation: Operation, count: number, uses: Use[]): Operation {
  return { ...operation, count, uses, gives: Math.floor((operation.gives * count) / operation.count + 1e-9) }
}

function restOf(operation: Operation, taken: number): Operation {
  const [shares, test] = [sharesOf(operation, taken), shareOf(operation, taken, [])]
  const uses = operation.uses.map((use, i) => ({ id: use.id, count: use.count - shares[i]!.count }))
  return { ...operation, count: operation.count - taken, uses, gives: operation.gives - test.gives }
}

/** Each after those it takes from. */
function sorted(operations: readonly Operation[]): Operation[] {
  const byId = new Map(operations.map(operation => [operation.id, operation]))
  const order = new Set<Operation>()
  for (const start of operations) {
    // without recursion: rows of long quilts are chains of hundreds
    const stack: { operation: Operation; next: number }[] = [{ operation: start, next: 0 }]
    while (stack.length > 0) {
      const top = stack.at(-1)!
      const use = order.has(top.operation) ? undefined : top.operation.uses[top.next]
      if (!use) {
        order.add(top.operation)
        stack.pop()
        continue
      }
      top.next += 1
      const before = byId.get(use.id)
      if (before && !order.has(before)) stack.push({ operation: before, next: 0 })
    }
  }
  return [...order]
}
