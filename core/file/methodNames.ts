import { UNIT_KINDS, type UnitKind } from './unitKinds'

/** The ways of making units that a file can name, and the kinds of unit that each makes. */
export const METHOD_KINDS = {
  'rectangle': ['rectangle', 'strip-set'],
  'hst-single': ['half-square'],
  'hst-2': ['half-square'],
  'hst-4': ['half-square'],
  'hst-8': ['half-square'],
  'qst-2': ['quarter-square'],
  'qst-single': ['quarter-square'],
  'goose-flip': ['goose'],
  'goose-4': ['goose'],
  'goose-triangles': ['goose'],
  'flip-corner': ['flip-corner'],
  'square-in-square-triangles': ['square-in-square'],
  'square-in-square-flip': ['square-in-square'],
  'three-patch-pairs': ['three-patch'],
  'three-patch-alike': ['three-patch'],
  'strip-set': ['strip-set'],
  'strip-angle': ['diamond', 'wedge', 'template'],
  'strip-nest': ['template'],
  'wedge-strip-set': ['wedge'],
  'log': ['log'],
  'triangle-single': ['template'],
  'half-rectangle-single': ['template'],
  'template': UNIT_KINDS,
  'foundation': UNIT_KINDS,
} as const satisfies Record<string, readonly UnitKind[]>

export type MethodId = keyof typeof METHOD_KINDS
export const METHOD_IDS = Object.keys(METHOD_KINDS) as [MethodId, ...MethodId[]]

/** Whether a method makes units of this kind. */
export function makesKind(method: MethodId, kind: UnitKind): boolean {
  return (METHOD_KINDS[method] as readonly UnitKind[]).includes(kind)
}

/** The same for what a file says: a method that nobody knows is a fault of its own. */
export function methodFitsKind(method: string, kind: string): boolean {
  const kinds: readonly string[] | undefined = Object.entries(METHOD_KINDS).find(([id]) => id === method)?.[1]
  return kinds === undefined || kinds.includes(kind)
}
