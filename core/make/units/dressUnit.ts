import { placePolygon, type Placement } from '../../geometry/placement'
import { boundingBox, movePolygon, type Point, type Polygon } from '../../geometry/polygon'
import { direction } from '../../geometry/vector'
import { sameLength, type Inches } from '../../measure/ruler'
import { askedFor } from '../../file/askedFor'
import type { DressedPatch, DressedUnit } from './dressedUnit'
import { clothOf, type Block, type Cell, type Quilt } from '../../file/quilt'
import { clothsOfCell, stripesOfPatch } from '../../file/clothsOfCell'
import type { BlockMake } from './blockMake'
import { placedAngle } from '../../designs/stripeDirection'
import { recogniseUnit, rightAngle, type Unit } from './unit'

/** Which patch of which block a slot of the unit becomes. */
export interface Feed {
  block: string
  slot: string
  patch: number
}

/** A unit in the cloths of one place, turned to where like units look alike. */
export function dressUnit(
  quilt: Quilt,
  make: BlockMake,
  unit: Unit,
  cell: Cell,
): { dressed: DressedUnit; feeds: Feed[] } {
  const cloths = clothsOfCell(quilt, cell)
  const clothOfPatch = (patch: number) => cloths[make.design.patches[patch]!.role]!
  const corner = boundingBox(unit.patches.flatMap(patch => patch.polygon))
  const local = unit.patches.map(({ patch, polygon }) => ({
    patch,
    polygon: movePolygon(polygon, -corner.x, -corner.y),
    cutLine: movePolygon(make.cutLines[patch]!, -corner.x, -corner.y),
  }))
  // tips make a difference only to what is cut by its template
  const isByTemplate = isCutByTemplate(make.block.method, unit.kind, local[0]!.polygon)
  const hasUp = local.some(({ patch }) => clothOf(quilt, clothOfPatch(patch)).directional)
  // a print keeps its up in the quilt; stripes are turned with their unit
  const placements: Placement[] = hasUp
    ? [{ turn: cell.turn, mirror: cell.mirror }]
    : ([0, 90, 180, 270] as const).map(turn => ({ turn, mirror: cell.mirror }))
  // `lean`: how far the patch was turned already, degrees clockwise
  const stripesOf = (patch: number, placement: Placement, lean: number): number | undefined => {
    const angle = stripesOfPatch(
      quilt,
      make.block,
      make.design.patches[patch]!.role,
      clothOfPatch(patch),
      make.polygons[patch]!,
    )
    return angle === undefined ? undefined : placedAngle(angle + lean, placement)
  }
  const own = { members: local, width: unit.width, height: unit.height, lean: 0 }
  // strips are cut at an angle whichever way a diamond or wedge lies: each of its sides is tried as the level one
  const frames =
    !hasUp && local.length === 1 && (unit.kind === 'diamond' || unit.kind === 'wedge')
      ? local[0]!.polygon.map((_, side) => levelled(local[0]!, side))
      : [own]
  const [best] = frames
    .flatMap(frame => placements.map(placement => ({ ...frame, placement })))
    .map(({ members, width: across, height: down, lean, placement }) => {
      const sideways = placement.turn % 180 !== 0
      const placed = members.map(({ patch, polygon, cutLine }) => ({
        patch,
        polygon: placePolygon(polygon, placement, across, down),
        cutLine: placePolygon(cutLine, placement, across, down),
        stripes: stripesOf(patch, placement, lean),
      }))
      const lookOf = ({ patch, polygon, cutLine, stripes }: (typeof placed)[number]) =>
        `${corners(isByTemplate ? cutLine : polygon)}:${clothOfPatch(patch)}${stripes ?? ''}`
      // in the order of their looks, so that like units name like patches alike, whatever order they are drawn in
      const looks = placed
        .map(patch => ({ patch, look: lookOf(patch) }))
        .sort((a, b) => (a.look < b.look ? -1 : a.look > b.look ? 1 : 0))
      const look = looks.map(entry => entry.look).join('|')
      return {
        placed: looks.map(entry => entry.patch),
        key: `${unit.kind}|${look}`,
        width: sideways ? down : across,
        height: sideways ? across : down,
      }
      // a wedge on its base; and lying rather than standing, so that a goose is given as 5 × 2¾ and not as 2¾ × 5
    })
    .sort(
      (a, b) =>
        (sameLength(longer(a), longer(b)) ? 0 : longer(a) - longer(b))
        || Number(b.width >= b.height - 1e-9) - Number(a.width >= a.height - 1e-9)
        || (a.key < b.key ? -1 : 1),
    )
  const { placed, key, width, height } = best!
  const slots = recogniseUnit(
    placed.map(({ polygon }) => polygon),
    placed.map((_, i) => i),
  )!.patches
  const patches = slots.map(({ slot, patch, polygon }): DressedPatch => {
    const { cutLine, stripes, patch: drawn } = placed[patch]!
    const cloth = clothOfPatch(drawn)
    return {
      slot,
      cloth,
      polygon,
      cutLine,
      ...(clothOf(quilt, cloth).directional || stripes !== undefined ? { isUpright: true } : {}),
      ...(stripes === undefined ? {} : { stripes }),
    }
  })
  return {
    dressed: { key, kind: unit.kind, width, height, patches },
    feeds: slots.map(({ slot, patch }) => ({ block: cell.block, slot, patch: placed[patch]!.patch })),
  }
}

/**
 * Whether a unit is cut by its template, so that its tips matter: asked for, or a patch of a shape that nothing else
 * is known for.
 */
export function isCutByTemplate(method: Block['method'], kind: Unit['kind'], polygon: Polygon): boolean {
  return askedFor(method, kind) === 'template' || (kind === 'template' && !rightAngle(polygon))
}

function longer({ width, height }: { width: Inches; height: Inches }): Inches {
  return Math.max(width, height)
}

interface Member {
  patch: number
  polygon: Polygon
  cutLine: Polygon
}

/** A single patch turned until one of its sides lies level. */
function levelled(
  { patch, polygon, cutLine }: Member,
  side: number,
): { members: Member[]; width: number; height: number; lean: number } {
  const [cos, sin] = direction(polygon[side]!, polygon[(side + 1) % polygon.length]!)
  const turned = (points: Polygon) => points.map(([x, y]): Point => [x * cos + y * sin, y * cos - x * sin])
  const { x, y, width, height } = boundingBox(turned(polygon))
  const placed = (points: Polygon) => movePolygon(turned(points), -x, -y)
  return {
    members: [{ patch, polygon: placed(polygon), cutLine: placed(cutLine) }],
    width,
    height,
    lean: (-Math.atan2(sin, cos) * 180) / Math.PI,
  }
}

/**
 * The same for figures that lie alike. A length that ends in a half of the last digit must not be rounded now up, now
 * down.
 */
function corners(polygon: Polygon): string {
  const written = (length: number) => (length + 1e-7).toFixed(4)
  return polygon
    .map(([x, y]) => `${written(x)},${written(y)}`)
    .sort()
    .join(' ')
}
