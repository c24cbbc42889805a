// One change that could make what is at hand enough, as data, and the edit it is.
import { setBinding } from '../edits/binding'
import { setMethod, setRoleCloth } from '../edits/blocks'
import { removeBorder, setBorder } from '../edits/edge'
import type { Edit } from '../edits/edit'
import { setCounts, setSashing, setSettingCloth } from '../edits/setting'
import type { MethodId } from '../file/methodNames'
import type { Quilt } from '../file/quilt'
import type { AIMS } from '../file/schema'
import type { UnitKind } from '../file/unitKinds'
import type { Inches } from '../measure/ruler'

/** What a cloth is used for: a role of a block, a border counted from 1, or a part of the quilt. */
export type ClothUse =
  { block: string; role: string } | { border: number } | { part: 'sashing' | 'setting' | 'binding' | 'cornerstones' }

export type WayToFit =
  | { do: 'aim'; aim: (typeof AIMS)[number] }
  | { do: 'method'; block: string; kind: UnitKind; method: MethodId }
  | { do: 'no-spares' }
  | { do: 'border'; border: number; sides: Inches; ends: Inches }
  | { do: 'cloth'; use: ClothUse; cloth: string }
  | { do: 'joined'; border: number | null }
  | { do: 'no-border'; border: number }
  /** So many are left. */
  | { do: 'less'; of: 'rows' | 'columns'; left: number }

/** The way as an edit of this quilt's file. */
export function editOf(way: WayToFit, { setting: { across, down } }: Pick<Quilt, 'setting'>): Edit {
  switch (way.do) {
    case 'aim':
      return file => ({ ...file, aim: way.aim })
    case 'method':
      return setMethod(way.block, way.kind, way.method)
    case 'no-spares':
      return file => ({ ...file, spares: 0 })
    case 'border':
      return setBorder(way.border - 1, { sides: way.sides, ends: way.ends })
    case 'no-border':
      return removeBorder(way.border - 1)
    case 'cloth':
      return inCloth(way.use, way.cloth)
    case 'joined':
      return way.border === null ? setSashing({ long: 'across' }) : setBorder(way.border - 1, { long: 'across' })
    case 'less':
      return way.of === 'rows' ? setCounts(across, way.left) : setCounts(way.left, down)
  }
}

function inCloth(use: ClothUse, cloth: string): Edit {
  if ('block' in use) return setRoleCloth(use.block, use.role, cloth)
  if ('border' in use) return setBorder(use.border - 1, { cloth })
  switch (use.part) {
    case 'sashing':
      return setSashing({ cloth })
    case 'cornerstones':
      return setSashing({ cornerstones: { cloth } })
    case 'setting':
      return setSettingCloth(cloth)
    case 'binding':
      return setBinding({ cloths: [cloth] })
  }
}
