import type { Quilt } from '../file/quilt'
import { addBorders, type BorderedTop } from './borders/index'
import type { Setting } from './settings/setting'
import { settingOf } from './settings/index'

/** The chain of sizes from the blocks outwards, cheap enough for every frame of a drag. Finished, in inches. */
export interface Dimensions {
  setting: Setting
  top: BorderedTop
}

/** As it stands now: what was measured has replaced what was planned. */
export function dimensionsOf(quilt: Quilt): Dimensions {
  const setting = settingOf(quilt)
  return { setting, top: addBorders(quilt, setting) }
}

/** As first planned, before any measure: what borders are cut by. `now`: as it stands now. */
export function plannedDimensions(quilt: Quilt, now: Dimensions): Dimensions {
  return quilt.made.length === 0 ? now : dimensionsOf({ ...quilt, made: [] })
}
