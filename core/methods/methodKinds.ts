import { METHODS } from './index'

/** Whether a method makes this kind of unit. */
export function methodFitsKind(method: string, kind: string): boolean {
  const known = METHODS.find(candidate => candidate.id === method)
  return known === undefined || known.kinds.some(candidate => candidate === kind)
}
