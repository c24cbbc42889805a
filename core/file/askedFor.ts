import type { UnitKind } from './unitKinds'
import type { Block } from './quilt'

/** The method that the quilter asked for units of this kind, if any. */
export function askedFor(method: Block['method'], kind: UnitKind): string | null {
  if (method === 'auto') return null
  return typeof method === 'string' ? method : (method[kind] ?? null)
}
