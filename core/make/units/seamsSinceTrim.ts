import { seamsBetweenParts } from '../../geometry/seamsAcross'
import type { Polygon } from '../../geometry/polygon'
import type { BlockMake } from './blockMake'
import type { Unit } from './unit'
import { unitsOf, type UnitTree } from './unitTree'

/**
 * The patches under a node, put together where a trim set their size anew: those of a unit that is trimmed after
 * sewing, and those on one paper, which is trimmed to its line. Source: handbook §7.
 */
export function partsSinceTrim(
  { polygons, papers }: Pick<BlockMake, 'polygons' | 'papers'>,
  node: UnitTree,
  isTrimmed: (unit: Unit) => boolean,
): Polygon[][] {
  const patchesOf = (unit: Unit) => unit.patches.map(({ patch }) => patch)
  const units = unitsOf(node)
  const parts = papers
    ? papers.sections.map(({ order }) => units.flatMap(patchesOf).filter(patch => order.includes(patch)))
    : units.flatMap(unit => (isTrimmed(unit) ? [patchesOf(unit)] : patchesOf(unit).map(patch => [patch])))
  return parts.filter(part => part.length > 0).map(part => part.map(patch => polygons[patch]!))
}

/**
 * The most seams that a level line across the block meets and that no trim has reset since, its frames' included: only
 * they can have made the block wide or narrow. Source: handbook §7.
 */
export function seamsSinceTrim(make: BlockMake, isTrimmed: (unit: Unit) => boolean): number {
  return seamsBetweenParts(partsSinceTrim(make, make.units, isTrimmed)) + 2 * make.block.frame.length
}
