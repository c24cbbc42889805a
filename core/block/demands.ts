import type { Placement } from '../geometry/placement'
import type { DressedUnit } from '../methods/method'
import { blockOf, clothOf, designOf, type Block, type Cell, type Quilt } from '../quilt/quilt'
import type { BlockMake } from './blockMake'
import { clothsOfCell } from './clothsOfCell'
import { dressUnit, type Feed } from './dressUnit'
import { isItsOwnMirrorImage } from './mirrorImage'
import { withMirrored } from './mirroredDemands'
import { unitsOf } from './unitTree'

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
  return withMirrored([...demands.values()])
}

/** Blocks that are made alike, counted. A turn makes a difference only to a cloth with an up; a mirror also to a block that is not its own mirror image. */
export function variants(quilt: Quilt): { cell: Cell, count: number }[] {
  const found = new Map<string, { cell: Cell, count: number }>()
  for (const cell of quilt.setting.cells.flat()) {
    const cloths = clothsOfCell(quilt, cell)
    const hasUp = Object.values(cloths).some(id => clothOf(quilt, id).directional)
    const block = blockOf(quilt, cell.block)
    // stripes at an angle of their own slant the other way in the mirror
    const isOwnMirrorImage = isItsOwnMirrorImage(designOf(quilt, block)) && !Object.values(block.stripes).some(stripes => typeof stripes === 'number')
    const placement: Placement = hasUp ? { turn: cell.turn, mirror: cell.mirror } : { turn: 0, mirror: cell.mirror && !isOwnMirrorImage }
    const key = JSON.stringify([cell.block, Object.entries(cloths).sort(), placement])
    const variant = found.get(key)
    if (variant) variant.count += 1
    else found.set(key, { cell: { ...cell, ...placement }, count: 1 })
  }
  return [...found.values()]
}
