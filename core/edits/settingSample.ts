// In: a way of setting. Out: a few blocks set that way, for its small picture.
import { readQuilt } from '../file/readQuilt'
import { rulesOf, type SettingKind } from '../file/settings'
import type { QuiltFile } from '../file/schema'
import type { Polygon } from '../geometry/polygon'
import { outlineOf } from '../top/regions/region'
import { settingOf } from '../top/settings'
import { setKind } from './setting'

const CLOTH = 'cloth'
const block = (id: string, size: number) => ({ id, design: 'plain', size, cloths: { cloth: CLOTH } })

/** Two by two blocks set this way, with what fills their edge; in inches, from its own top left. */
export function settingSample(kind: SettingKind): { width: number; height: number; outlines: Polygon[] } {
  const file: QuiltFile = {
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: CLOTH }],
    blocks: [block('large', 6), block('small', 4)],
    setting: { across: 2, down: 2, fill: [['large']] },
  }
  const read = readQuilt(rulesOf({ kind }).hasOwnRows ? withOwnRows(file, kind) : setKind(kind)(file))
  if (!read.ok) throw new Error(`a plain quilt cannot be set ${kind}`)
  const { width, height, regions } = settingOf(read.value)
  return { width, height, outlines: regions.map(outlineOf) }
}

/** Rows of their own show what they are for: three small blocks over a large one. */
function withOwnRows(file: QuiltFile, kind: SettingKind): QuiltFile {
  const rows = [{ cells: Array.from({ length: 3 }, () => ({ block: 'small' })) }, { cells: [{ block: 'large' }] }]
  return { ...file, setting: { kind, across: 3, down: 2, rows, ends: { cloth: CLOTH } } }
}
