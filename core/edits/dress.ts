import { rolesOf, type Design } from '../block/design'

/** Roles that lie behind the figure of a block. */
const GROUNDS = new Set(['ground', 'sky', 'light', 'table', 'sand', 'corner'])

/** A cloth for every role of a design that is new to a quilt: the figure wears the first cloths, its ground the one after. */
export function dressRoles<T>(design: Design, cloths: readonly T[]): Record<string, T> {
  const roles = rolesOf(design)
  const figureFirst = [...roles.filter(role => !GROUNDS.has(role)), ...roles.filter(role => GROUNDS.has(role))]
  // with two cloths and three roles the ground still gets a cloth of its own
  const worn = figureFirst.map((role, i) => [role, GROUNDS.has(role) ? cloths[Math.min(cloths.length - 1, Math.max(1, i))]! : cloths[i % Math.max(1, cloths.length - 1)]!] as const)
  return Object.fromEntries(roles.length === 1 ? [[roles[0]!, cloths[0]!]] : worn)
}
