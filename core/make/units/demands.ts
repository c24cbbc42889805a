// In: the blocks with their dressings. Out: the units wanted, like with like, counted over the quilt.
import type { UnitDemand } from './unitDemand'
import type { Placement } from '../../geometry/placement'
import type { TrimAllowance } from '../../file/trimAllowances'
import type { DressedUnit } from './dressedUnit'
import { blockOf, clothOf, designOf, type Block, type Cell, type Quilt } from '../../file/quilt'
import type { BlockMake } from './blockMake'
import { clothsOfCell } from '../../file/clothsOfCell'
import { dressedPicture } from './dressedPicture'
import { dressUnit, type Feed } from './dressUnit'
import { letterOf, spareOfRole } from '../../designs/squares'
import { isItsOwnMirrorImage } from '../../designs/mirrorImage'
import { withMirrored } from './mirroredDemands'
import type { UnitKind } from '../../file/unitKinds'
import type { Unit } from './unit'
import { unitsOf } from './unitTree'
import { placesOf } from '../../top/places'

/**
 * The units of all blocks of the quilt, like with like: one entry for every unit that differs in kind, size, cloths
 * or arrangement, however it is turned. A unit with a cloth that has an up is taken as it lies in the quilt.
 * `wanted`: blocks to be made, where not all of the quilt's are.
 */
export function unitDemands(
  quilt: Quilt,
  makes: ReadonlyMap<string, BlockMake>,
  wanted: readonly Variant[] = variants(quilt),
): UnitDemand[] {
  const demands = new Map<string, UnitDemand>()
  const fed = new Map<UnitDemand, Fed>()
  const spared = new Set<string>()
  for (const variant of wanted) {
    const { cell, count } = variant
    const make = makes.get(cell.block)!
    const version = new Map<UnitDemand, UnitDemand['counted'][number]>()
    // squares of a picture that look alike are one and the same dressed unit
    const known = new Map<DressedUnit, UnitDemand>()
    for (const { dressed, feeds } of dressedUnits(quilt, make, variant).values()) {
      const demand = known.get(dressed) ?? demandFor(demands, quilt, make, dressed)
      known.set(dressed, demand)
      demand.count += count
      demand.perBlock.set(cell.block, (demand.perBlock.get(cell.block) ?? 0) + count)
      if (version.has(demand)) version.get(demand)!.each += 1
      else {
        const counted = { block: cell.block, blocks: count, each: 1 }
        version.set(demand, counted)
        demand.counted.push(counted)
      }
      addFeeds(demand, feeds, fed)
      if (make.design.picture && feeds.length === 1) addSpares(demand, make, feeds[0]!.patch, spared)
    }
  }
  return withMirrored([...demands.values()])
}

/** The demand of a unit among those there are; a new one wants none yet. */
function demandFor(demands: Map<string, UnitDemand>, quilt: Quilt, make: BlockMake, dressed: DressedUnit): UnitDemand {
  const method = methodOf(make)
  const care = careFor(quilt, make.block, dressed.kind)
  const key = demandKey(dressed, method, care)
  const demand: UnitDemand = demands.get(key) ?? {
    key,
    unit: dressed,
    count: 0,
    mirrored: 0,
    mirrors: [],
    feeds: [],
    perBlock: new Map(),
    counted: [],
    method,
    care,
  }
  demands.set(key, demand)
  return demand
}

/** What the quilter asked for: strip sets by the chart of a picture; papers that cannot be are not asked for. */
function methodOf({ block, design, papers }: BlockMake): Block['method'] {
  if (design.picture?.chart.way === 'strip-sets') return { 'strip-set': 'strip-set' }
  return block.method === 'foundation' && !papers ? 'auto' : block.method
}

/** Squares beyond those needed, once for each letter of a picture, its scraps by turns. */
function addSpares(demand: UnitDemand, { block, design }: BlockMake, patch: number, spared: Set<string>): void {
  const { role } = design.patches[patch]!
  const key = `${block.id} ${role}`
  const { spare, cloths } = design.picture!.chart
  if (spare === 0 || spared.has(key)) return
  spared.add(key)
  demand.spare = (demand.spare ?? 0) + spareOfRole(role, spare, cloths[letterOf(role)]?.length ?? 1)
}

/** Patches of each slot of each block. */
type Fed = Map<string, Map<string, Set<number>>>

/** Patches that a demand feeds, each once, whichever dressing of the block it stands in. */
function addFeeds(demand: UnitDemand, feeds: readonly Feed[], fed: Map<UnitDemand, Fed>): void {
  const known = atKey(fed, demand, () => new Map())
  for (const feed of feeds) {
    const slots = atKey(known, feed.block, () => new Map<string, Set<number>>())
    const patches = atKey(slots, feed.slot, () => new Set())
    if (patches.has(feed.patch)) continue
    patches.add(feed.patch)
    demand.feeds.push(feed)
  }
}

function atKey<K, V>(map: Map<K, V>, key: K, fresh: () => V): V {
  const known = map.get(key)
  if (known !== undefined) return known
  const value = fresh()
  map.set(key, value)
  return value
}

function demandKey(unit: DressedUnit, method: Block['method'], care: TrimAllowance): string {
  return `${JSON.stringify(method)} ${care} ${unit.key}`
}

/** How closely the squares of a unit are cut: as the quilter chose; else generously where the aim is exactness. */
function careFor(quilt: Quilt, { trim }: Block, kind: UnitKind): TrimAllowance {
  const chosen = typeof trim === 'object' ? trim[kind] : trim
  return chosen ?? (quilt.aim === 'most-exact' ? 'generous' : 'little')
}

/** Blocks that are made alike, and how many of them the quilt has. */
export interface Variant {
  cell: Cell
  count: number
  /** As they stand in the quilt. */
  cells: Cell[]
}

const knownUnits = new WeakMap<Variant, { make: BlockMake; units: ReturnType<typeof dressedUnits> }>()

/** The units of a block in the cloths of a variant, in the order of its sewing. */
export function dressedUnits(
  quilt: Quilt,
  make: BlockMake,
  variant: Variant,
): ReadonlyMap<Unit, ReturnType<typeof dressUnit>> {
  const known = knownUnits.get(variant)
  if (known?.make === make) return known.units
  const units = make.design.picture
    ? dressedPicture(quilt, make, variant.cell)
    : new Map(unitsOf(make.units).map(unit => [unit, dressUnit(quilt, make, unit, variant.cell)]))
  knownUnits.set(variant, { make, units })
  return units
}

const known = new WeakMap<Quilt, readonly Variant[]>()

/**
 * Blocks that are made alike, counted. A turn makes a difference only to a cloth with an up; a mirror also to a block
 * that is not its own mirror image.
 */
export function variants(quilt: Quilt): readonly Variant[] {
  const variantsOf = known.get(quilt) ?? countVariants(quilt)
  known.set(quilt, variantsOf)
  return variantsOf
}

function countVariants(quilt: Quilt): Variant[] {
  const found = new Map<string, Variant>()
  for (const [cell, places] of placesOf(quilt)) {
    const cloths = clothsOfCell(quilt, cell)
    const isDirectional = Object.values(cloths).some(id => clothOf(quilt, id).directional)
    const block = blockOf(quilt, cell.block)
    // only what has stripes of its own is still its own mirror image here: at an angle they slant the other way
    const isOwnMirrorImage =
      isItsOwnMirrorImage(designOf(quilt, block), block)
      && !Object.values(block.stripes).some(stripes => typeof stripes === 'number')
    const placement: Placement = isDirectional
      ? { turn: cell.turn, mirror: cell.mirror }
      : { turn: 0, mirror: cell.mirror && !isOwnMirrorImage }
    const key = JSON.stringify([cell.block, Object.entries(cloths).sort(), placement])
    const variant = found.get(key)
    if (variant) {
      variant.count += places
      variant.cells.push(cell)
    } else found.set(key, { cell: { ...cell, ...placement }, count: places, cells: [cell] })
  }
  return [...found.values()]
}
