import { rolesOf, type Design } from '../designs/design'

/** Roles that lie behind the figure of a block. */
const GROUNDS = new Set(['ground', 'sky', 'light', 'table', 'sand', 'corner'])

/**
 * How many cloths a design asks for: a figure and its ground two; one without a ground, such as a window, one for
 * each face.
 */
export function clothsWanted(design: Design): number {
  const roles = rolesOf(design)
  return roles.some(role => GROUNDS.has(role)) ? Math.min(2, roles.length) : roles.length
}

/**
 * A cloth for every role of a design that is new to a quilt: the figure wears the first cloths, its ground the one
 * after.
 */
export function dressRoles<T>(design: Design, cloths: readonly T[]): Record<string, T> {
  const roles = rolesOf(design)
  if (!roles.some(role => GROUNDS.has(role)))
    return Object.fromEntries(roles.map((role, i) => [role, cloths[i % cloths.length]!]))
  const figureFirst = [...roles.filter(role => !GROUNDS.has(role)), ...roles.filter(role => GROUNDS.has(role))]
  // with two cloths and three roles the ground still gets a cloth of its own
  const worn = figureFirst.map(
    (role, i) =>
      [
        role,
        GROUNDS.has(role)
          ? cloths[Math.min(cloths.length - 1, Math.max(1, i))]!
          : cloths[i % Math.max(1, cloths.length - 1)]!,
      ] as const,
  )
  return Object.fromEntries(roles.length === 1 ? [[roles[0]!, cloths[0]!]] : worn)
}
