import type { Sum } from './sum'

/** A number of the plan with the reason it was made with. */
export class Reckoned {
  constructor(readonly sum: Sum) {}
}

/** The number a sum comes to, which keeps its reason until it is read by path. */
export function because(sum: Sum): Reckoned {
  return new Reckoned(sum)
}

/** Data whose numbers may still carry their reasons. */
export type Reckonable<T> = T extends number
  ? T | Reckoned
  : T extends readonly (infer U)[]
    ? readonly Reckonable<U>[]
    : T extends object
      ? { [K in keyof T]: Reckonable<T[K]> }
      : T

/**
 * In: data whose numbers carry their reasons. Out: the same data with bare numbers, and each reason under the path of
 * its number, steps joined with dots. What holds no reason is handed on as it is.
 */
export function plainOf<T>(tree: Reckonable<T>): { plain: T; sums: Record<string, Sum> } {
  const sums: Record<string, Sum> = {}
  const visit = (node: unknown, path: string): unknown => {
    if (node instanceof Reckoned) {
      sums[path] = node.sum
      return node.sum.total
    }
    if (typeof node !== 'object' || node === null) return node
    const below = path === '' ? '' : `${path}.`
    if (Array.isArray(node)) {
      let copy: unknown[] | null = null
      for (let i = 0; i < node.length; i++) {
        const plain = visit(node[i], `${below}${i}`)
        if (plain !== node[i]) (copy ??= [...node])[i] = plain
      }
      return copy ?? node
    }
    let copy: Record<string, unknown> | null = null
    for (const [name, value] of Object.entries(node)) {
      const plain = visit(value, `${below}${name}`)
      if (plain !== value) (copy ??= { ...node })[name] = plain
    }
    return copy ?? node
  }
  return { plain: visit(tree, '') as T, sums }
}
