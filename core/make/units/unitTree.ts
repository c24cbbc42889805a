import { sameLength } from '../../measure/ruler'
import { boundingBox, type Polygon } from '../../geometry/polygon'
import { patchesOf, type SewingTree } from '../order/sewingTree'
import { recogniseUnit, isUprightRectangle, type Unit } from './unit'

/** A sewing tree whose leaves are units instead of patches. */
export type UnitTree =
  { unit: Unit } | (Omit<Extract<SewingTree, { join: unknown }>, 'join'> & { join: [UnitTree, UnitTree] })

/**
 * Takes whole units out of a sewing tree, the largest first. `polygons` are finished, in inches; seams stay in grid
 * units.
 */
export function unitTree(tree: SewingTree, polygons: readonly Polygon[]): UnitTree {
  if (isLogTree(tree, polygons)) return logs(tree, polygons)
  const unit = recogniseUnit(polygons, patchesOf(tree))
  if (unit) return { unit }
  if ('patch' in tree) throw new Error(`patch ${tree.patch} is not even a template`)
  return { ...tree, join: [unitTree(tree.join[0], polygons), unitTree(tree.join[1], polygons)] }
}

/** A sewing tree in which every patch stands alone, as on papers. */
export function patchTree(tree: SewingTree, polygons: readonly Polygon[]): UnitTree {
  if ('patch' in tree) return { unit: recogniseUnit(polygons, [tree.patch])! }
  return { ...tree, join: [patchTree(tree.join[0], polygons), patchTree(tree.join[1], polygons)] }
}

/** The units of a tree, in the order of sewing. */
export function unitsOf(tree: UnitTree): Unit[] {
  const units: Unit[] = []
  const visit = (node: UnitTree): void => {
    if ('unit' in node) units.push(node.unit)
    else node.join.forEach(visit)
  }
  visit(tree)
  return units
}

/** Rectangles that go on one at a time and turn the corner: five patches at least, and seams in both directions. */
function isLogTree(tree: SewingTree, polygons: readonly Polygon[]): boolean {
  const members = patchesOf(tree)
  if (members.length < 5 || !members.every(member => isUprightRectangle(polygons[member]!))) return false
  let level = false
  let upright = false
  for (let node = tree; 'join' in node;) {
    const [first, second] = node.join
    if (node.kind !== 'straight' || ('join' in first && 'join' in second)) return false
    if (sameLength(node.seam[0][1], node.seam[1][1])) level = true
    else upright = true
    node = 'join' in first ? first : second
  }
  return level && upright
}

function logs(tree: SewingTree, polygons: readonly Polygon[]): UnitTree {
  if ('patch' in tree) {
    const box = boundingBox(polygons[tree.patch]!)
    const kind = sameLength(box.width, box.height) ? 'rectangle' : 'log'
    return {
      unit: {
        kind,
        width: box.width,
        height: box.height,
        patches: [{ slot: 'patch', patch: tree.patch, polygon: polygons[tree.patch]! }],
      },
    }
  }
  return { ...tree, join: [logs(tree.join[0], polygons), logs(tree.join[1], polygons)] }
}
