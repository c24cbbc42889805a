import type { Design } from '../../designs/design'
import { findFoundation, type Foundation, type SectionTree } from './foundation'
import type { Polygon } from '../../geometry/polygon'
import { patchesOf, type SewingTree } from './sewingTree'
import { findSewingOrder } from './findSewingOrder'
import { seamOf, straightCuts } from './straightCuts'

/** As found in the drawing; the same drawing gives the same answer, so it is looked for once. */
export const sewingOrderOf = onceForEachDrawing(findSewingOrder)
export const foundationOf = onceForEachDrawing(findFoundation)

/** More drawings than a quilt has; the oldest are forgotten. */
const MAX_KEPT = 300

function onceForEachDrawing<T>(find: (patches: readonly Polygon[]) => T): (design: Design) => T {
  const byDesign = new WeakMap<Design, T>()
  // a file that is read again has new objects for its own designs, and the same corners
  const byCorners = new Map<string, T>()
  return design => {
    const known = byDesign.get(design)
    if (known !== undefined) return known
    const patches = polygonsOf(design)
    const key = JSON.stringify(patches)
    const found = byCorners.has(key) ? byCorners.get(key)! : find(patches)
    byCorners.delete(key)
    byCorners.set(key, found)
    if (byCorners.size > MAX_KEPT) byCorners.delete(byCorners.keys().next().value!)
    byDesign.set(design, found)
    return found
  }
}

/** The tree of joins when a block is sewn on papers: patch after patch on each, then paper to paper. */
export function foundationTree(design: Design, { sections, join }: Foundation): SewingTree {
  const polygons = polygonsOf(design)
  const joined = (one: SewingTree, other: SewingTree): SewingTree => {
    const [first, second] = [patchesOf(one), patchesOf(other)]
    const cut = [...straightCuts(polygons, [...first, ...second])].find(({ before }) =>
      [first, second].some(part => part.length === before.length && before.every(patch => part.includes(patch))),
    )
    if (!cut) throw new Error(`papers: no straight line between ${first.join()} and ${second.join()}`)
    return { join: [one, other], seam: seamOf(cut, polygons), kind: 'straight' }
  }
  const paper = (order: readonly number[]) =>
    order.slice(1).reduce<SewingTree>((tree, patch) => joined(tree, { patch }), { patch: order[0]! })
  const visit = (tree: SectionTree): SewingTree =>
    'section' in tree ? paper(sections[tree.section]!.order) : joined(visit(tree.join[0]), visit(tree.join[1]))
  return visit(join)
}

function polygonsOf(design: Design) {
  return design.patches.map(patch => patch.points)
}
