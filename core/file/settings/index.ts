import { offsetColumns, offsetRows } from './offset'
import { onPoint } from './onPoint'
import { ownRows } from './ownRows'
import type { SettingRules } from './settingRules'
import { straight } from './straight'

const SETTINGS = {
  'straight': straight,
  'on-point': onPoint,
  'offset-rows': offsetRows,
  'offset-columns': offsetColumns,
  'rows': ownRows,
} as const satisfies Readonly<Record<string, SettingRules>>

export type SettingKind = keyof typeof SETTINGS
/** In the order in which they are offered; the first is meant where a file says nothing. */
export const SETTING_KINDS = Object.keys(SETTINGS) as [SettingKind, ...SettingKind[]]
export const PLAIN_SETTING = SETTING_KINDS[0]

/** What a way of setting allows. */
export function rulesOf({ kind = PLAIN_SETTING }: { kind?: SettingKind }): SettingRules {
  return SETTINGS[kind]
}

/** Whether the ends of its lines can be half blocks: of whole, unframed blocks, at least one between two halves. */
export function canEndInHalves(
  { ends, shifted }: SettingRules,
  { across, down }: { across: number; down: number },
  isFramed: boolean,
): boolean {
  return ends.includes('half-blocks') && !isFramed && (shifted === 'width' ? across : down) > 1
}
