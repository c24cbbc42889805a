import type { Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'
import type { Quilt } from '../../file/quilt'
import { ownSize, type Region } from '../regions/region'

/** Blocks and all that stands between them, without borders. Finished sizes, from its own top left. */
export interface Setting {
  width: Inches
  height: Inches
  /** What width and height are made of. */
  across: Term[]
  down: Term[]
  /** All that can be seen: of a framed block itself and each strip. */
  regions: Region[]
  /** What is joined, in order: each row from its first to its last, then to the rows before it; framed blocks whole. */
  rows: SettingRow[]
}

/**
 * Regions that are sewn side by side: blocks with the sashes between them in a row, a column or, on point, a diagonal;
 * sashes alone; or a triangle that is sewn to a corner last.
 */
export interface SettingRow {
  kind: 'row' | 'column' | 'diagonal' | 'sash' | 'corner'
  regions: Region[]
}

/** How much of the top a row is. */
export function rowArea(regions: readonly Region[]): number {
  return regions.reduce((sum, region) => {
    const { width, height } = ownSize(region)
    return sum + width * height
  }, 0)
}

/** One way of setting blocks: a file of its own, and a line in `settings/index.ts`. */
export type SettingStyle = (quilt: Quilt) => Setting
