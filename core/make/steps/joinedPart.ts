import type { UnitKind } from '../../file/unitKinds'

/** A part that is joined to another: a unit (of one cloth, where it is one patch), or what an earlier join gave. */
export type JoinedPart = { unit: UnitKind; cloth?: string } | { join: number }
