import type { Sum } from './sum'

/** A number of the plan with the reason it was made with. */
export class Explained {
  constructor(readonly sum: Sum) {}
}

/** The number a sum comes to, which keeps its reason until it is read by path. */
export function explained(sum: Sum): Explained {
  return new Explained(sum)
}

const withoutReasons = new WeakSet<object>()

/** Large data that holds no reason anywhere: it need not be looked through for them. */
export function opaque<T extends object>(data: T): T {
  withoutReasons.add(data)
  return data
}

/** Data whose numbers may still carry their reasons. */
export type Explainable<T> = T extends number
  ? T | Explained
  : T extends readonly (infer U)[]
    ? readonly Explainable<U>[]
    : T extends object
      ? { [K in keyof T]: Explainable<T[K]> }
      : T

/**
 * In: data whose numbers carry their reasons. Out: the same data with bare numbers, and each reason under the path of
 * its number, steps joined with dots. What holds no reason is handed on as it is.
 */
export function splitReasons<T>(tree: Explainable<T>): { plain: T; sums: Record<string, Sum> } {
  const sums: Record<string, Sum> = {}
  // what holds no reason and stands in many places need be looked through only once
  const bare = new Set<object>()
  const visit = (node: unknown, path: string): unknown => {
    if (typeof node !== 'object' || node === null || bare.has(node) || withoutReasons.has(node)) return node
    if (node instanceof Explained) {
      sums[path] = node.sum
      return node.sum.total
    }
    const below = path === '' ? '' : `${path}.`
    const copy = Array.isArray(node) ? plainList(node, below) : plainRecord(node as Record<string, unknown>, below)
    if (copy === null) bare.add(node)
    return copy ?? node
  }
  const plainList = (list: readonly unknown[], below: string): unknown[] | null => {
    let copy: unknown[] | null = null
    for (let i = 0; i < list.length; i++) {
      const plain = visit(list[i], below + i)
      if (plain !== list[i]) (copy ??= [...list])[i] = plain
    }
    return copy
  }
  const plainRecord = (record: Record<string, unknown>, below: string): Record<string, unknown> | null => {
    let copy: Record<string, unknown> | null = null
    for (const name in record) {
      const plain = visit(record[name], below + name)
      if (plain !== record[name]) (copy ??= { ...record })[name] = plain
    }
    return copy
  }
  return { plain: visit(tree, '') as T, sums }
}
