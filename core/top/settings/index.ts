import type { Quilt } from '../../file/quilt'
import { framedRegions } from '../regions/framedRegion'
import type { Setting, SettingStyle } from './setting'
import { offsetColumns, offsetRows } from './offset'
import { onPointSetting } from './onPoint'
import { rowsSetting } from './rows'
import { straightSetting } from './straight'

const SETTINGS: Readonly<Record<Quilt['setting']['kind'], SettingStyle>> = {
  'straight': straightSetting,
  'on-point': onPointSetting,
  'offset-rows': offsetRows,
  'offset-columns': offsetColumns,
  'rows': rowsSetting,
}

const made = new WeakMap<Quilt, Setting>()

/** The quilt's blocks, set the way it asks for. */
export function settingOf(quilt: Quilt): Setting {
  const known = made.get(quilt)
  if (known) return known
  const set = SETTINGS[quilt.setting.kind](quilt)
  const isFramed = quilt.blocks.some(({ frame }) => frame.length > 0)
  const setting = isFramed ? withFrames(quilt, set) : set
  made.set(quilt, setting)
  return setting
}

function withFrames(quilt: Quilt, setting: Setting): Setting {
  const regions = setting.rows.flatMap(row => row.regions.flatMap(region => framedRegions(quilt, region)))
  return { ...setting, regions }
}
