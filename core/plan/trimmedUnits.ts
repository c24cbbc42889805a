import type { Quilt } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import { variants } from '../make/units/demands'
import { dressUnit } from '../make/units/dressUnit'
import type { Unit } from '../make/units/unit'
import type { ChosenWay } from './choose'

/** Whether the plan trims a unit of a block: by the first of the block's dressings, since shape decides, not cloth. */
export function isTrimmedUnit(quilt: Quilt, choices: readonly ChosenWay[]): (make: BlockMake, unit: Unit) => boolean {
  const trims = new Map(
    choices.flatMap(({ demand, way }) =>
      [...demand.perBlock.keys()].map(block => [`${block} ${demand.unit.key}`, way.made.trim] as const),
    ),
  )
  const cells = new Map(variants(quilt).map(({ cell }) => [cell.block, cell]))
  return (make, unit) => {
    const cell = cells.get(make.block.id)
    if (!cell) return false
    return trims.get(`${make.block.id} ${dressUnit(quilt, make, unit, cell).dressed.key}`) ?? false
  }
}
