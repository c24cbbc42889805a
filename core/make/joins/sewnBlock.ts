import type { BlockMake } from '../units/blockMake'
import type { Unit } from '../units/unit'
import type { UnitTree } from '../units/unitTree'
import { boundingBox, type Box, type Point, type Polygon } from '../../geometry/polygon'
import type { Press } from '../steps/press'
import type { Inches } from '../../measure/ruler'

/** A block as it is sewn and seen. */
export interface SewnBlock {
  make: BlockMake
  clothOfPatch: (patch: number) => string
  seam: Inches
  /** Where its sewing stands in the plan. */
  path: string
  /** To which side each seam is pressed, by its number in the sewing tree. */
  press: readonly Press[]
  /** Whether a unit is trimmed to its size after sewing. */
  isTrimmed: (unit: Unit) => boolean
}

export type Join = Extract<UnitTree, { join: unknown }>

export interface SewnPatch {
  polygon: Polygon
  cloth: string
}

/** The two parts that a join sews together. */
export type BothParts = readonly [first: readonly SewnPatch[], second: readonly SewnPatch[]]

/** The seams of a block in the order of sewing, from the leaves up, left before right; each with its place. */
export function joinsOf(tree: UnitTree, path: string): { join: Join; path: string }[] {
  if ('unit' in tree) return []
  return [...tree.join.flatMap((child, i) => joinsOf(child, `${path}.join.${i}`)), { join: tree, path }]
}

/** The patches of the two parts that a join sews together. */
export function bothParts(join: Join, block: SewnBlock): BothParts {
  return [patchesOf(join.join[0], block), patchesOf(join.join[1], block)]
}

function patchesOf(node: UnitTree, { make, clothOfPatch }: SewnBlock): SewnPatch[] {
  return patchesUnder(node).map(patch => ({ polygon: make.polygons[patch]!, cloth: clothOfPatch(patch) }))
}

/** Numbers of the patches under a node, in the order of sewing. */
export function patchesUnder(tree: UnitTree): number[] {
  return 'unit' in tree
    ? tree.unit.patches.map(patch => patch.patch)
    : [...patchesUnder(tree.join[0]), ...patchesUnder(tree.join[1])]
}

/** Whether a line runs more down than across. */
export function isUpright(from: Point, to: Point): boolean {
  return Math.abs(from[0] - to[0]) < Math.abs(from[1] - to[1])
}

/** Whether the second part lies to the right of the first, or below it. */
export function isLater(first: readonly SewnPatch[], second: readonly SewnPatch[], upright: boolean): boolean {
  const [a, b] = [first, second].map(part => middleOf(boundingBox(part.flatMap(patch => patch.polygon)))) as [
    Point,
    Point,
  ]
  return upright ? b[0] > a[0] : b[1] > a[1]
}

/** The middle of a box. */
export function middleOf(box: Box): Point {
  return [box.x + box.width / 2, box.y + box.height / 2]
}
