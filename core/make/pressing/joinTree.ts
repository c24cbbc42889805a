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
  // what a part is joined by, and whether it is the first there
  const joinedBy = new Map<SewingTree, Above>()
  const leaves = new Map<number, SewingTree>()
  const visit = (node: SewingTree): void => {
    if ('patch' in node) {
      leaves.set(node.patch, node)
      return
    }
    node.join.forEach(visit)
    const join = joins.push({ node, legs: [node.seam, ...(node.bent ?? [])] }) - 1
    node.join.forEach((part, i) => joinedBy.set(part, { join, isFirst: i === 0 }))
  }
  visit(tree)
  const next = ({ join }: Above) => joinedBy.get(joins[join]!.node)
  return {
    joins,
    between(one, other) {
      // from the leaves up numbers only grow: the lower of the two goes up until both are in one join
      let [a, b] = [joinedBy.get(leaves.get(one)!)!, joinedBy.get(leaves.get(other)!)!]
      while (a.join !== b.join) {
        if (a.join < b.join) a = next(a)!
        else b = next(b)!
      }
      return a
    },
  }
}

interface Above {
  join: number
  isFirst: boolean
}
