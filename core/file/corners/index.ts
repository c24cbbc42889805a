import { butted } from './butted'
import type { CornerPiece, CornerRules } from './cornerRules'
import { mitred } from './mitred'
import { pieced } from './pieced'
import { squares } from './squares'

const CORNERS = { butted, mitred, squares, pieced } as const satisfies Record<string, CornerRules>

export type CornerKind = keyof typeof CORNERS
/** Those that the file calls by a name. */
export type NamedCorners = { [K in CornerKind]: (typeof CORNERS)[K]['entry'] extends 'name' ? K : never }[CornerKind]

/** In the order in which they are offered; the first is meant where a file says nothing. */
export const CORNER_KINDS = Object.keys(CORNERS) as CornerKind[]
export const NAMED_CORNERS = CORNER_KINDS.filter(isNamed)
export const PLAIN_CORNERS = NAMED_CORNERS[0]!

/** What a way of making corners asks for and allows. */
export function cornerRules(kind: CornerKind): CornerRules {
  return CORNERS[kind]
}

/** Whether the file calls it by its name. */
export function isNamed(kind: CornerKind): kind is NamedCorners {
  return CORNERS[kind].entry === 'name'
}

/** The way that an entry of the file means. */
export function cornerKindOf(entry: NamedCorners | CornerPiece): CornerKind {
  if (typeof entry === 'string') return entry
  const written = 'design' in entry ? 'design' : 'cloth'
  return CORNER_KINDS.find(kind => CORNERS[kind].entry === written)!
}

/** What the file says of corners that are made so from now on. */
export function cornerEntry(kind: CornerKind, cloths: { border: string; other: string }): NamedCorners | CornerPiece {
  const rules = cornerRules(kind)
  return 'begun' in rules ? rules.begun(cloths) : (kind as NamedCorners)
}
