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
import { recogniseUnit, rightAngle, type Unit, type UnitPatch } from './unit'

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
  const { lie, members, key } = bestLie(quilt, make, unit, cell, clothOfPatch)
  const { panel, derived } = make.block
  const slots = slotsOf(
    lie,
    members.map(({ at }) => at),
  )
  const patches = slots.map(({ slot, patch, polygon }): DressedPatch => {
    const { at, stripes } = members[patch]!
    const { cutLine, patch: drawn } = lie.members[at]!
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
  const drawnAt = (patch: number) => lie.members[members[patch]!.at]!.patch
  return {
    dressed: {
      key: panel ? `${key}|worked ${panel.extra} ${panel.margin}` : key,
      kind: unit.kind,
      width: lie.width,
      height: lie.height,
      patches,
      ...(panel ? { panel } : {}),
    },
    // the patches of a half block are none of the block's own
    feeds:
      derived?.what === 'half'
        ? []
        : slots.map(({ slot, patch }) => ({ block: cell.block, slot, patch: drawnAt(patch) })),
  }
}

/** A unit as it lies: its members in the order in which like units name them, and a key that like units share. */
interface ChosenLie {
  lie: UnitLie
  members: { at: number; stripes: number | undefined }[]
  key: string
}

/** Of all ways in which a unit may lie the one that like units have in common. */
function bestLie(
  quilt: Quilt,
  make: BlockMake,
  unit: Unit,
  cell: Cell,
  clothOfPatch: (patch: number) => string,
): ChosenLie {
  const isDirectional = unit.patches.some(({ patch }) => clothOf(quilt, clothOfPatch(patch)).directional)
  const stripesOf = (patch: number, { placement, lean }: UnitLie): number | undefined => {
    const { role } = make.design.patches[patch]!
    const angle = stripesOfPatch(quilt, make.block, role, clothOfPatch(patch), make.polygons[patch]!)
    return angle === undefined ? undefined : placedAngle(angle + lean, placement)
  }
  const [best] = liesOf(make, unit, cell, isDirectional)
    .map((lie): ChosenLie => {
      // in the order of what is seen of them, so that like units name like patches alike, in whatever order drawn
      const members = lie.members
        .map((member, at) => {
          const stripes = stripesOf(member.patch, lie)
          return { at, stripes, text: `${member.corners}:${clothOfPatch(member.patch)}${stripes ?? ''}` }
        })
        .sort((one, other) => (one.text < other.text ? -1 : one.text > other.text ? 1 : 0))
      return { lie, members, key: `${unit.kind}|${members.map(({ text }) => text).join('|')}` }
    })
    // a wedge on its base; and lying rather than standing, so that a goose is given as 5 × 2¾ and not as 2¾ × 5
    .sort(
      ({ lie: a, key }, { lie: b, key: other }) =>
        (sameLength(longer(a), longer(b)) ? 0 : longer(a) - longer(b))
        || Number(b.width >= b.height - 1e-9) - Number(a.width >= a.height - 1e-9)
        || (key < other ? -1 : 1),
    )
  return best!
}

/** One way a unit may lie, whatever it wears. Finished, from its own top left. */
interface UnitLie {
  placement: Placement
  /** How far it was turned already, to stand on another side: degrees clockwise. */
  lean: number
  width: Inches
  height: Inches
  members: readonly (UnitMember & { corners: string })[]
  /** Its slots by the order in which its members are named. */
  slots: Map<string, readonly UnitPatch[]>
}

/** The units of a block stay the same while the block keeps its drawing and its size. */
const known = new WeakMap<Unit, Map<string, readonly UnitLie[]>>()

/** In how many ways a unit may lie: as it stands in the quilt where a print has an up, else any quarter turn of it. */
function liesOf(make: BlockMake, unit: Unit, { turn, mirror }: Placement, isDirectional: boolean): readonly UnitLie[] {
  const ofUnit = known.get(unit) ?? new Map<string, readonly UnitLie[]>()
  known.set(unit, ofUnit)
  // tips make a difference only to what is cut by its template
  const isByTemplate = isCutByTemplate(make.block.method, unit.kind, unit.patches[0]!.polygon)
  const key = `${isDirectional ? turn : 'any'} ${mirror} ${isByTemplate}`
  const lies = ofUnit.get(key) ?? findLies(make.cutLines, unit, { turn, mirror }, isDirectional, isByTemplate)
  ofUnit.set(key, lies)
  return lies
}

function findLies(
  cutLines: readonly Polygon[],
  unit: Unit,
  { turn, mirror }: Placement,
  isDirectional: boolean,
  isByTemplate: boolean,
): UnitLie[] {
  const corner = boundingBox(unit.patches.flatMap(patch => patch.polygon))
  const local = unit.patches.map(({ patch, polygon }): UnitMember => ({
    patch,
    polygon: movePolygon(polygon, -corner.x, -corner.y),
    cutLine: movePolygon(cutLines[patch]!, -corner.x, -corner.y),
  }))
  // a print keeps its up in the quilt; stripes are turned with their unit
  const placements = isDirectional
    ? [{ turn, mirror }]
    : ([0, 90, 180, 270] as const).map((quarter): Placement => ({ turn: quarter, mirror }))
  // strips are cut at an angle whichever way a diamond or wedge lies: each of its sides is tried as the level one
  const frames =
    !isDirectional && local.length === 1 && (unit.kind === 'diamond' || unit.kind === 'wedge')
      ? local[0]!.polygon.map((_, side) => levelled(local[0]!, side))
      : [{ members: local, width: unit.width, height: unit.height, lean: 0 }]
  return frames.flatMap(({ members, width, height, lean }) =>
    placements.map((placement): UnitLie => {
      const isSideways = placement.turn % 180 !== 0
      return {
        placement,
        lean,
        width: isSideways ? height : width,
        height: isSideways ? width : height,
        members: members.map(({ patch, polygon, cutLine }) => {
          const placed = {
            patch,
            polygon: placePolygon(polygon, placement, width, height),
            cutLine: placePolygon(cutLine, placement, width, height),
          }
          return { ...placed, corners: corners(isByTemplate ? placed.cutLine : placed.polygon) }
        }),
        slots: new Map(),
      }
    }),
  )
}

/** What each member of a unit is in it, the members named in this order. */
function slotsOf({ members, slots }: UnitLie, order: readonly number[]): readonly UnitPatch[] {
  const key = order.join()
  const found =
    slots.get(key)
    ?? recogniseUnit(
      order.map(at => members[at]!.polygon),
      order.map((_, i) => i),
    )!.patches
  slots.set(key, found)
  return found
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

interface UnitMember {
  patch: number
  polygon: Polygon
  cutLine: Polygon
}

/** A single patch turned until one of its sides lies level. */
function levelled(
  { patch, polygon, cutLine }: UnitMember,
  side: number,
): { members: UnitMember[]; width: number; height: number; lean: number } {
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
