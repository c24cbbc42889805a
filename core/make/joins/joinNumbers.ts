import type { Join } from './sewnBlock'
import type { SewingTree } from '../order/sewingTree'
import type { UnitTree } from '../units/unitTree'

/** The number of each join between units, counted as those of the whole sewing tree are: units have joins within. */
export function unitJoinNumbers(tree: SewingTree, units: UnitTree): ReadonlyMap<Join, number> {
  const numbers = new Map<Join, number>()
  let next = 0
  const count = (node: SewingTree): void => {
    if ('patch' in node) return
    node.join.forEach(count)
    next += 1
  }
  const visit = (node: SewingTree, unit: UnitTree): void => {
    if ('unit' in unit || 'patch' in node) return count(node)
    visit(node.join[0], unit.join[0])
    visit(node.join[1], unit.join[1])
    numbers.set(unit, next)
    next += 1
  }
  visit(tree, units)
  return numbers
}
