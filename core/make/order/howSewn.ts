import { squaresAlone } from '../../charts/words'
import type { Design } from '../../designs/design'
import { letterAt } from '../../file/letters'
import { findFoundation, type Foundation, type SectionTree } from './foundation'
import type { Polygon } from '../../geometry/polygon'
import { pictureOrder } from './pictureOrder'
import { patchesOf, type SewingOrder, type SewingTree } from './sewingTree'
import { findSewingOrder } from './findSewingOrder'
import { seamOf, straightCuts } from './straightCuts'

/** As found in the drawing; the same drawing gives the same answer, so it is looked for once. */
const foundOrder = onceForEachDrawing(findSewingOrder)
const foundPapers = onceForEachDrawing(findFoundation)

/** The order of sewing of a block; of a picture row by row, as its chart is read. */
export function sewingOrderOf(design: Design): SewingOrder {
  if (!design.picture) return foundOrder(design)
  const tree = pictureOrder(design.picture, squaresAlone(design.picture))
  return { tree, setIn: 0, partial: 0, isProven: true }
}

/** The papers on which a block can be sewn, of a picture one for each row; null: it cannot. */
export function foundationOf(design: Design): Foundation | null {
  return design.picture ? rowPapers(design) : foundPapers(design)
}

function rowPapers({ width: columns, height: rows }: Design): Foundation {
  const joined = (from: number, to: number): SectionTree => {
    const middle = from + Math.floor((to - from) / 2)
    return to - from === 1 ? { section: from } : { join: [joined(from, middle), joined(middle, to)] }
  }
  const sections = Array.from({ length: rows }, (_, row) => ({
    section: letterAt(row),
    order: Array.from({ length: columns }, (_unused, x) => row * columns + x),
  }))
  return { sections, join: joined(0, rows), isFewest: true }
}

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
