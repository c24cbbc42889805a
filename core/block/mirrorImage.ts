import type { Point } from '../geometry/polygon'
import type { Design } from './design'
import type { BlockMake } from './blockMake'
import type { UnitTree } from './unitTree'

const known = new WeakMap<Design, boolean>()

/** Whether a mirror shows the same block, perhaps turned: then a mirrored place takes no other pieces than an upright one. */
export function isItsOwnMirrorImage(design: Design): boolean {
  const found = known.get(design) ?? looks(design, ([x, y]) => [design.width - x, y]).includes(looks(design, p => p)[0]!)
  known.set(design, found)
  return found
}

/** What the design looks like after a move and each quarter turn that keeps its box; the first is without a turn. */
function looks({ width, height, patches }: Design, move: (p: Point) => Point): string[] {
  const turns: ((p: Point) => Point)[] = [p => p, ([x, y]) => [width - x, height - y], ...(Math.abs(width - height) < 1e-9 ? [([x, y]: Point): Point => [height - y, x], ([x, y]: Point): Point => [y, width - x]] : [])]
  return turns.map(turn => patches.map(patch => `${patch.role} ${patch.points.map(p => turn(move(p)).map(v => (v + 0).toFixed(4)).join()).sort().join(' ')}`).sort().join('|'))
}

/** How a block is sewn when it stands mirrored in the quilt: the same joins, seen in the mirror. */
export function mirroredMake(make: BlockMake): BlockMake {
  const flip = (polygon: readonly Point[]) => polygon.map(([x, y]): Point => [make.block.width - x, y])
  const flipSeam = ([x, y]: Point): Point => [make.design.width - x, y]
  const flipLeg = ([from, to]: [Point, Point]): [Point, Point] => [flipSeam(from), flipSeam(to)]
  const visit = (tree: UnitTree): UnitTree => 'unit' in tree
    ? { unit: { ...tree.unit, patches: tree.unit.patches.map(patch => ({ ...patch, polygon: flip(patch.polygon) })) } }
    : {
        ...tree, join: [visit(tree.join[0]), visit(tree.join[1])], seam: flipLeg(tree.seam),
        ...(tree.dots ? { dots: tree.dots.map(flipSeam) } : {}), ...(tree.bent ? { bent: tree.bent.map(flipLeg) } : {}),
      }
  return { ...make, polygons: make.polygons.map(flip), units: visit(make.units) }
}
