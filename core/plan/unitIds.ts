import type { DressedUnit } from '../make/units/dressedUnit'
import { shortHash } from '../measure/shortHash'
import type { ChosenWay } from './choose'

/**
 * The names of units in ticks, by the keys of their demands: kind, size and cloths, and the shape where that says more,
 * so that ticks outlive a change of plan. Where two blocks have one unit made in two ways, each lot has ticks of its
 * own: the first keeps the plain name.
 */
export function unitIds(choices: readonly ChosenWay[]): ReadonlyMap<string, string> {
  const named = new Set<string>()
  return new Map(
    choices.map(({ demand: { key, unit } }) => {
      const plain = plainId(unit)
      const id = named.has(plain) ? `${plain}.${shortHash(key)}` : plain
      named.add(plain)
      return [key, id]
    }),
  )
}

function plainId(unit: DressedUnit): string {
  const shape = unit.kind === 'template' || unit.kind === 'flip-corner' ? [shortHash(unit.key)] : []
  return [
    unit.kind,
    `${round(unit.width)}x${round(unit.height)}`,
    ...unit.patches.map(patch => patch.cloth),
    ...shape,
  ].join('.')
}

function round(value: number): number {
  return Math.round(value * 1e4) / 1e4
}
