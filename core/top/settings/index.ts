import type { Quilt } from '../../file/quilt'
import { framedRegions } from '../framedRegion'
import type { Setting, SettingStyle } from '../setting'
import { offsetColumns, offsetRows } from './offset'
import { onPointSetting } from './onPoint'
import { straightSetting } from './straight'

/** Those that are planned; `core/file/notYet.ts` refuses the others by name. */
const SETTINGS: Partial<Record<Quilt['setting']['kind'], SettingStyle>> = {
  'straight': straightSetting,
  'on-point': onPointSetting,
  'offset-rows': offsetRows,
  'offset-columns': offsetColumns,
}

const made = new WeakMap<Quilt, Setting>()

/** The quilt's blocks, set the way it asks for. */
export function settingOf(quilt: Quilt): Setting {
  const known = made.get(quilt)
  if (known) return known
  const style = SETTINGS[quilt.setting.kind]
  if (!style) throw new Error(`no setting ${quilt.setting.kind}: readQuilt should have refused`)
  const set = style(quilt)
  const setting = {
    ...set,
    regions: set.rows.flatMap(row => row.regions.flatMap(region => framedRegions(quilt, region))),
  }
  made.set(quilt, setting)
  return setting
}
