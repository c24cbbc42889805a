import { boundingBox, movePolygon, type Point, type Polygon } from '../geometry/polygon'
import { handedOutline } from '../geometry/handOf'
import { sameLength } from '../measure/ruler'
import { placePolygon, UPRIGHT, type Placement } from '../geometry/placement'
import { direction } from '../geometry/vector'
import { askedFor } from '../methods/askedFor'
import type { DressedPatch, DressedUnit } from '../methods/method'
import { blockOf, clothOf, designOf, type Block, type Cell, type Quilt } from '../quilt/quilt'
import { cutLines } from './cutLines'
import { finishedPatches, type Design } from './design'
import type { Foundation } from './foundation'
import { foundationOf, foundationTree, sewingOrderOf } from './howSewn'
import type { SewingOrder, SewingTree } from './sewingTree'
import { isItsOwnMirrorImage } from './mirrorImage'
import { placedAngle, stripeAngle } from './stripeDirection'
import { recogniseUnit, rightAngle, type Unit } from './unit'
import { patchTree, unitTree, unitsOf, type UnitTree } from './unitTree'

/** Which patch of which block a slot of the unit becomes. */
export interface Feed { block: string, slot: string, patch: number }

/** Like units wanted over the whole quilt. */
export interface UnitDemand {
  unit: DressedUnit
  count: number
  feeds: Feed[]
  /** How many of its mirror image the quilt wants, where a unit has two hands. */
  mirrored: number
  /** Of `count`, how many for each block. */
  perBlock: Map<string, number>
  /** What its block's quilter asked for. */
  method: Block['method']
}

/**
 * How a block is sewn, whatever its cloth. `papers`: on which it is sewn, when the quilter wants it so and it can be. `cutLines`:
 * of each patch, if it is cut by a template.
 */
export interface BlockMake { block: Block, design: Design, order: SewingOrder, tree: SewingTree, units: UnitTree, polygons: Polygon[], papers: Foundation | null, cutLines: Polygon[] }

export function blockMake(quilt: Quilt, block: Block): BlockMake {
  const design = designOf(quilt, block)
  const order = sewingOrderOf(design)
  const polygons = finishedPatches(design, block.width, block.height)
  const papers = block.method === 'foundation' ? foundationOf(design) : null
  const tree = papers ? foundationTree(design, papers) : order.tree
  return { block, design, order, tree, units: papers ? patchTree(tree, polygons) : unitTree(tree, polygons), polygons, papers, cutLines: cutLines(tree, polygons, quilt.seam) }
}

/**
 * The units of all blocks of the quilt, like with like: one entry for every unit that differs in kind, size, cloths or arrangement,
 * however it is turned. A unit with a cloth that has an up is taken as it lies in the quilt.
 */
export function unitDemands(quilt: Quilt, makes: ReadonlyMap<string, BlockMake>): UnitDemand[] {
  const demands = new Map<string, UnitDemand>()
  for (const { cell, count } of variants(quilt)) {
    const make = makes.get(cell.block)!
    for (const unit of unitsOf(make.units)) {
      const { dressed, feeds } = dressUnit(quilt, make, unit, cell)
      // papers that cannot be are not asked for; a check says so
      const method = make.block.method === 'foundation' && !make.papers ? 'auto' : make.block.method
      const key = `${JSON.stringify(method)} ${dressed.key}`
      const demand: UnitDemand = demands.get(key) ?? { unit: dressed, count: 0, mirrored: 0, feeds: [], perBlock: new Map(), method }
      demand.count += count
      demand.perBlock.set(cell.block, (demand.perBlock.get(cell.block) ?? 0) + count)
      for (const feed of feeds) {
        if (!demand.feeds.some(known => known.block === feed.block && known.patch === feed.patch && known.slot === feed.slot)) demand.feeds.push(feed)
      }
      demands.set(key, demand)
    }
  }
  const all = [...demands.values()]
  return all.map((demand) => {
    const isMirrorImage = demand.unit.kind === 'three-patch' ? isMirroredThreePatch : isMirroredPatch
    const mirrored = demand.unit.kind !== 'three-patch' && demand.unit.patches.length > 1 ? [] : all.filter(other => isMirrorImage(demand, other))
    return mirrored.length === 0 ? demand : { ...demand, mirrored: mirrored.reduce((sum, other) => sum + other.count, 0) }
  })
}

/** Three-patch units of the same cloths whose quarters follow each other the other way round. */
function isMirroredThreePatch(one: UnitDemand, other: UnitDemand): boolean {
  const cloths = ({ unit }: UnitDemand) => ['half', 'first', 'second'].map(slot => unit.patches.find(patch => patch.slot === slot)?.cloth)
  if (other.unit.kind !== 'three-patch' || !sameLength(one.unit.width, other.unit.width) || JSON.stringify(one.method) !== JSON.stringify(other.method)) return false
  const [half, first, second] = cloths(one), [otherHalf, otherFirst, otherSecond] = cloths(other)
  return half === otherHalf && first === otherSecond && second === otherFirst && first !== second
}

/** Single patches of one cloth whose outlines are mirror images, and not alike however they are turned. */
function isMirroredPatch(one: UnitDemand, other: UnitDemand): boolean {
  if (one === other || other.unit.patches.length !== 1 || other.unit.kind !== one.unit.kind) return false
  const [own, its] = [one.unit.patches[0]!, other.unit.patches[0]!]
  if (own.cloth !== its.cloth || own.isUpright || its.isUpright || !sameLength(one.unit.width * one.unit.height, other.unit.width * other.unit.height)) return false
  const outlineOf = (demand: UnitDemand, { polygon, cutLine }: DressedPatch) => handedOutline(isCutByTemplate(demand.method, demand.unit.kind, polygon) ? cutLine : polygon)
  const { key, mirrored } = outlineOf(one, own)
  return key !== mirrored && outlineOf(other, its).key === mirrored
}

/** Whether a unit is cut by its template, so that its tips matter: asked for, or a patch of a shape that nothing else is known for. */
function isCutByTemplate(method: Block['method'], kind: Unit['kind'], polygon: Polygon): boolean {
  return askedFor(method, kind) === 'template' || (kind === 'template' && !rightAngle(polygon))
}

/** Blocks that are made alike, counted. A turn makes a difference only to a cloth with an up; a mirror also to a block that is not its own mirror image. */
export function variants(quilt: Quilt): { cell: Cell, count: number }[] {
  const found = new Map<string, { cell: Cell, count: number }>()
  for (const cell of quilt.setting.cells.flat()) {
    const cloths = clothsOfCell(quilt, cell)
    const hasUp = Object.values(cloths).some(id => clothOf(quilt, id).directional)
    const placement: Placement = hasUp ? { turn: cell.turn, mirror: cell.mirror } : { turn: 0, mirror: cell.mirror && !isItsOwnMirrorImage(designOf(quilt, blockOf(quilt, cell.block))) }
    const key = JSON.stringify([cell.block, Object.entries(cloths).sort(), placement])
    const variant = found.get(key)
    if (variant) variant.count += 1
    else found.set(key, { cell: { ...cell, ...placement }, count: 1 })
  }
  return [...found.values()]
}

/** Role → cloth for one place: its own colours over those of its block. */
export function clothsOfCell(quilt: Quilt, cell: Pick<Cell, 'block' | 'cloths'>): Record<string, string> {
  return { ...blockOf(quilt, cell.block).cloths, ...cell.cloths }
}

/** How stripes are to run in a patch, in degrees as drawn: as the quilter said for its role, where its cloth has stripes. */
export function stripesOfPatch(quilt: Quilt, block: Pick<Block, 'stripes'>, role: string, cloth: string, polygon: Polygon): number | undefined {
  const direction = clothOf(quilt, cloth).pattern === 'stripe' ? block.stripes[role] : undefined
  return direction === undefined ? undefined : stripeAngle(direction, polygon)
}

/** A unit in the cloths of one place, turned to where like units look alike. */
export function dressUnit(quilt: Quilt, make: BlockMake, unit: Unit, cell: Cell): { dressed: DressedUnit, feeds: Feed[] } {
  const cloths = clothsOfCell(quilt, cell)
  const clothOfPatch = (patch: number) => cloths[make.design.patches[patch]!.role]!
  const corner = boundingBox(unit.patches.flatMap(patch => patch.polygon))
  const local = unit.patches.map(({ patch, polygon }) => ({ patch, polygon: movePolygon(polygon, -corner.x, -corner.y), cutLine: movePolygon(make.cutLines[patch]!, -corner.x, -corner.y) }))
  // tips make a difference only to what is cut by its template
  const isByTemplate = isCutByTemplate(make.block.method, unit.kind, local[0]!.polygon)
  const hasUp = local.some(({ patch }) => clothOf(quilt, clothOfPatch(patch)).directional)
  // a print keeps its up in the quilt; stripes are turned with their unit
  const placements: Placement[] = hasUp ? [{ turn: cell.turn, mirror: cell.mirror }] : ([0, 90, 180, 270] as const).map(turn => ({ turn, mirror: cell.mirror }))
  const stripesOf = (patch: number, placement: Placement): number | undefined => {
    const angle = stripesOfPatch(quilt, make.block, make.design.patches[patch]!.role, clothOfPatch(patch), make.polygons[patch]!)
    return angle === undefined ? undefined : placedAngle(angle, placement)
  }
  const isStriped = local.some(({ patch }) => stripesOf(patch, UPRIGHT) !== undefined)
  const own = { members: local, width: unit.width, height: unit.height }
  // strips are cut at an angle whichever way a diamond or wedge lies: each of its sides is tried as the level one
  const frames = !hasUp && !isStriped && local.length === 1 && (unit.kind === 'diamond' || unit.kind === 'wedge') ? local[0]!.polygon.map((_, side) => levelled(local[0]!, side)) : [own]
  const [best] = frames.flatMap(frame => placements.map(placement => ({ ...frame, placement }))).map(({ members, width: across, height: down, placement }) => {
    const sideways = placement.turn % 180 !== 0
    const placed = members.map(({ patch, polygon, cutLine }) => ({ patch, polygon: placePolygon(polygon, placement, across, down), cutLine: placePolygon(cutLine, placement, across, down), stripes: stripesOf(patch, placement) }))
    const look = placed.map(({ patch, polygon, cutLine, stripes }) => `${corners(isByTemplate ? cutLine : polygon)}:${clothOfPatch(patch)}${stripes ?? ''}`).sort().join('|')
    return { placed, key: `${unit.kind}|${look}`, width: sideways ? down : across, height: sideways ? across : down }
    // lying rather than standing, so that a goose is given as 5 × 2¾ and not as 2¾ × 5
  }).sort((a, b) => Number(b.width >= b.height - 1e-9) - Number(a.width >= a.height - 1e-9) || (a.key < b.key ? -1 : 1))
  const { placed, key, width, height } = best!
  const slots = recogniseUnit(placed.map(({ polygon }) => polygon), placed.map((_, i) => i))!.patches
  const patches = slots.map(({ slot, patch, polygon }): DressedPatch => {
    const { cutLine, stripes, patch: drawn } = placed[patch]!
    const cloth = clothOfPatch(drawn)
    return { slot, cloth, polygon, cutLine, ...(clothOf(quilt, cloth).directional || stripes !== undefined ? { isUpright: true } : {}), ...(stripes === undefined ? {} : { stripes }) }
  })
  return { dressed: { key, kind: unit.kind, width, height, patches }, feeds: slots.map(({ slot, patch }) => ({ block: cell.block, slot, patch: placed[patch]!.patch })) }
}

interface Member { patch: number, polygon: Polygon, cutLine: Polygon }

/** A single patch turned until one of its sides lies level. */
function levelled({ patch, polygon, cutLine }: Member, side: number): { members: Member[], width: number, height: number } {
  const [cos, sin] = direction(polygon[side]!, polygon[(side + 1) % polygon.length]!)
  const turned = (points: Polygon) => points.map(([x, y]): Point => [x * cos + y * sin, y * cos - x * sin])
  const { x, y, width, height } = boundingBox(turned(polygon))
  const placed = (points: Polygon) => movePolygon(turned(points), -x, -y)
  return { members: [{ patch, polygon: placed(polygon), cutLine: placed(cutLine) }], width, height }
}

function corners(polygon: Polygon): string {
  return polygon.map(([x, y]) => `${x.toFixed(4)},${y.toFixed(4)}`).sort().join(' ')
}
