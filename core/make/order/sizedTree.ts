import { boundingBox, type Box, type Polygon } from '../../geometry/polygon'
import { explained, opaque, type Explainable } from '../../measure/explained'
import type { Inches } from '../../measure/ruler'
import { unfinishedSide } from '../../measure/unfinishedSide'
import type { SewingTree } from './sewingTree'

/** A sewing tree that says after each seam how large the part now is, raw edge to raw edge. */
export type SizedTree =
  | { patch: number }
  | (Omit<Extract<SewingTree, { join: unknown }>, 'join'> & {
      join: [SizedTree, SizedTree]
      width: Inches
      height: Inches
    })

/** In: the order of sewing, and the patches finished, in inches. Out: the same with the size after each seam. */
export function sizedTree(tree: SewingTree, polygons: readonly Polygon[], seam: Inches): Explainable<SizedTree> {
  return withSizes<Explainable<SizedTree>>(tree, polygons, (join, box) => ({
    ...join,
    width: explained(unfinishedSide(box.width, seam)),
    height: explained(unfinishedSide(box.height, seam)),
  }))
}

type SewnJoin<T> = Omit<Extract<SewingTree, { join: unknown }>, 'join'> & { join: [T, T] }

function withSizes<T>(tree: SewingTree, polygons: readonly Polygon[], sized: (join: SewnJoin<T>, box: Box) => T): T {
  const visit = (node: SewingTree): { part: T; box: Box } => {
    if ('patch' in node) return { part: node as T, box: boundingBox(polygons[node.patch]!) }
    const [one, other] = [visit(node.join[0]), visit(node.join[1])]
    const box = unitedBox(one.box, other.box)
    return { part: sized({ ...node, join: [one.part, other.part] }, box), box }
  }
  return visit(tree).part
}

function unitedBox(one: Box, other: Box): Box {
  const [x, y] = [Math.min(one.x, other.x), Math.min(one.y, other.y)]
  const right = Math.max(one.x + one.width, other.x + other.width)
  const bottom = Math.max(one.y + one.height, other.y + other.height)
  return { x, y, width: right - x, height: bottom - y }
}

const bare = new WeakMap<SewingTree, { key: string; tree: SizedTree }>()

/** The same without reasons, for pictures: of thousands of like seams the chart says enough. */
export function plainSizedTree(tree: SewingTree, polygons: readonly Polygon[], seam: Inches): SizedTree {
  const first = boundingBox(polygons[0]!)
  const key = [first.width, first.height, seam].join()
  const known = bare.get(tree)
  if (known?.key === key) return known.tree
  const sized = withSizes<SizedTree>(tree, polygons, (join, box) => ({
    ...join,
    width: box.width + 2 * seam,
    height: box.height + 2 * seam,
  }))
  bare.set(tree, { key, tree: opaque(sized) })
  return sized
}
