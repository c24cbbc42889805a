// Where a check points: its field in the quilt file, and the page and part where a hand puts it right.
import type { CellPlace } from '../file/settings/settingRules'

/** Counted from 0, as in the file. A role is one of a block's own. */
export type Lead =
  | { page: 'design' }
  | { page: 'design'; block: number; role?: string }
  | { page: 'design'; border: number }
  | { page: 'design'; cell: CellPlace }
  | { page: 'design'; sashing: true }
  | { page: 'design'; tray: true }
  | { page: 'cloth'; cloth?: number }
  | { page: 'cut' | 'piece' | 'finish' | 'quilting' | 'as-you-go' }

/** Where a check points. */
export interface CheckPlace {
  /** Field of the quilt file, joined with dots. */
  path: string
  leads: Lead
}

export const inSetting = (field = ''): CheckPlace => ({
  path: dotted('setting', field),
  leads: { page: 'design' },
})
export const inSashing = (field: string): CheckPlace => ({
  path: dotted('setting.sashing', field),
  leads: { page: 'design', sashing: true },
})
export const inCell = (row: number, column: number): CheckPlace => ({
  path: `setting.cells.${row}.${column}`,
  leads: { page: 'design', cell: [row, column] },
})
export const inBlock = (block: number, field = ''): CheckPlace => ({
  path: dotted(`blocks.${block}`, field),
  leads: { page: 'design', block },
})
export const inRole = (block: number, role: string): CheckPlace => ({
  path: `blocks.${block}.cloths.${role}`,
  leads: { page: 'design', block, role },
})
export const inBorder = (border: number, field = ''): CheckPlace => ({
  path: dotted(`borders.${border}`, field),
  leads: { page: 'design', border },
})
export const inCloth = (cloth: number, field: string): CheckPlace => ({
  path: `cloths.${cloth}.${field}`,
  leads: { page: 'cloth', cloth },
})
export const inTray = (kind: number, field: string): CheckPlace => ({
  path: `tray.${kind}.${field}`,
  leads: { page: 'design', tray: true },
})
/** All cloths, or how much of each is bought beyond need. */
export const inCloths = (path: 'cloths' | 'margin'): CheckPlace => ({ path, leads: { page: 'cloth' } })
/** What was measured as the top grew. */
export const inTopMeasures = (entry?: number, field = ''): CheckPlace => ({
  path: entry === undefined ? 'made' : dotted(`made.${entry}`, field),
  leads: { page: 'finish' },
})
export const inBlockMeasures = (entry: number): CheckPlace => ({ path: `made.${entry}`, leads: { page: 'piece' } })
export const inRowMeasures: CheckPlace = { path: 'made', leads: { page: 'piece' } }
export const inSeamTest = (entry: number): CheckPlace => ({
  path: `made.${entry}.measured`,
  leads: { page: 'cut' },
})
export const inRemains = (cloth: string): CheckPlace => ({ path: `remains.${cloth}`, leads: { page: 'cut' } })
export const inTicks: CheckPlace = { path: 'done', leads: { page: 'cut' } }
export const inPressing: CheckPlace = { path: 'press', leads: { page: 'piece' } }
export const inLayers = (layer: 'backing' | 'batting' | 'binding', field: string): CheckPlace => ({
  path: `${layer}.${field}`,
  leads: { page: 'finish' },
})
export const inQuilting = (field = ''): CheckPlace => ({
  path: dotted('quilting', field),
  leads: { page: 'quilting' },
})
export const inAsYouGo = (field: string): CheckPlace => ({ path: `asYouGo.${field}`, leads: { page: 'as-you-go' } })

function dotted(part: string, field: string): string {
  return field === '' ? part : `${part}.${field}`
}
