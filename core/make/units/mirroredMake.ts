import type { Point } from '../../geometry/polygon'
import type { BlockMake } from './blockMake'
import type { UnitTree } from './unitTree'

/** How a block is sewn when it stands mirrored in the quilt: the same joins, seen in the mirror. */
export function mirroredMake(make: BlockMake): BlockMake {
  const flip = (polygon: readonly Point[]) => polygon.map(([x, y]): Point => [make.block.width - x, y])
  const flipSeam = ([x, y]: Point): Point => [make.design.width - x, y]
  const flipLeg = ([from, to]: [Point, Point]): [Point, Point] => [flipSeam(from), flipSeam(to)]
  const visit = (tree: UnitTree): UnitTree =>
    'unit' in tree
      ? {
          unit: { ...tree.unit, patches: tree.unit.patches.map(patch => ({ ...patch, polygon: flip(patch.polygon) })) },
        }
      : {
          ...tree,
          join: [visit(tree.join[0]), visit(tree.join[1])],
          seam: flipLeg(tree.seam),
          ...(tree.begun ? { begun: flipLeg(tree.begun) } : {}),
          ...(tree.closes ? { closes: tree.closes.map(flipLeg) } : {}),
          ...(tree.dots ? { dots: tree.dots.map(flipSeam) } : {}),
          ...(tree.bent ? { bent: tree.bent.map(flipLeg) } : {}),
        }
  return { ...make, polygons: make.polygons.map(flip), units: visit(make.units) }
}
