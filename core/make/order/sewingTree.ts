import type { Point } from '../../geometry/polygon'

/**
 * The order of sewing: a patch, or two parts joined by a seam. `partial`: the seam is first sewn in part, as far as
 * `begun` says, and finished with the join that `closes` it, where its neighbours are on. `set-in`: the seam bends at
 * `dots`, where needle and cloth turn; `bent` are its further legs. A leg beside which patches are still missing is
 * closed with the join that brings them.
 */
export type SewingTree =
  | { patch: number }
  | {
      join: [SewingTree, SewingTree]
      seam: [Point, Point]
      kind: SeamKind
      begun?: [Point, Point]
      closes?: [Point, Point][]
      dots?: Point[]
      bent?: [Point, Point][]
    }
export type SeamKind = 'straight' | 'partial' | 'set-in'

export interface SewingOrder {
  tree: SewingTree
  /** Joints at which no seam can run through (Y-joints): each is sewn to a dot. No order has fewer. */
  setIn: number
  /** Seams first sewn in part. */
  partial: number
  /** Whether fewer partial seams are known to be impossible; false: the best found in the time. */
  isProven: boolean
}

/** Numbers of the patches under a node, in the order of sewing. */
export function patchesOf(tree: SewingTree): number[] {
  const patches: number[] = []
  const visit = (node: SewingTree): void => {
    if ('patch' in node) patches.push(node.patch)
    else node.join.forEach(visit)
  }
  visit(tree)
  return patches
}

/** How many seams of each kind a tree has. */
export function countSeams(tree: SewingTree): Record<SeamKind, number> {
  const counts = { 'straight': 0, 'partial': 0, 'set-in': 0 }
  const visit = (node: SewingTree) => {
    if ('patch' in node) return
    counts[node.kind] += 1
    node.join.forEach(visit)
  }
  visit(tree)
  return counts
}

/** Whether it grows by one patch at a time, each sewn on by a straight seam: so it can be sewn through all layers. */
export function growsByPatches(tree: SewingTree): boolean {
  if ('patch' in tree) return true
  const [first, second] = tree.join
  if (tree.kind !== 'straight') return false
  return ('patch' in first && growsByPatches(second)) || ('patch' in second && growsByPatches(first))
}
