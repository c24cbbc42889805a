/** Patches that quilters make together, by name. */
export const UNIT_KINDS = [
  'rectangle',
  'half-square',
  'quarter-square',
  'goose',
  'flip-corner',
  'square-in-square',
  'three-patch',
  'strip-set',
  'wedge',
  'diamond',
  'log',
  'template',
] as const
export type UnitKind = (typeof UNIT_KINDS)[number]
