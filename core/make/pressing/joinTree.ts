import type { Point } from '../../geometry/polygon'
import type { SewingTree } from '../order/sewingTree'

/** One seam of a sewing tree by its number: counted from the leaves up, left before right. */
export interface NumberedJoin {
  node: Extract<SewingTree, { join: unknown }>
  /** Straight legs of the seam, in grid units. */
  legs: readonly (readonly [Point, Point])[]
}

/** A sewing tree by numbers: its joins, and where two patches are joined. */
export interface JoinTree {
  joins: readonly NumberedJoin[]
  /** The join that brings two patches together, and whether the first of them lies in its first part. */
  between: (one: number, other: number) => { join: number; isFirst: boolean }
}

/** In: an order of sewing. Out: its joins by number. */
export function joinTree(tree: SewingTree): JoinTree {
  const joins: NumberedJoin[] = []
  // for each patch the joins above it from its own outwards, with the side it lies on
  const above = new Map<number, { join: number; isFirst: boolean }[]>()
  const visit = (node: SewingTree): number[] => {
    if ('patch' in node) {
      above.set(node.patch, [])
      return [node.patch]
    }
    const [first, second] = [visit(node.join[0]), visit(node.join[1])]
    const join = joins.push({ node, legs: [node.seam, ...(node.bent ?? [])] }) - 1
    for (const patch of first) above.get(patch)!.push({ join, isFirst: true })
    for (const patch of second) above.get(patch)!.push({ join, isFirst: false })
    return [...first, ...second]
  }
  visit(tree)
  return {
    joins,
    between(one, other) {
      const others = new Set(above.get(other)!.map(({ join }) => join))
      return above.get(one)!.find(({ join }) => others.has(join))!
    },
  }
}
