import type { BackupFault } from '../core/shelf/backupList'
import type { BackupChoice, BackupState, QuiltFact } from '../core/shelf/compareQuilts'
import { plural } from './speech'

/** Why a file was not taken for a backup. */
export function backupFaultText(fault: BackupFault): string {
  switch (fault.code) {
    case 'not-a-backup':
      return 'This is no backup that Wren made.'
    case 'cut-short':
      return 'It ends before its end: it was not copied whole, or the download broke off.'
    case 'too-much':
      return 'It holds more than any shelf does. It was left before it filled this computer.'
    case 'strange-path':
      return `It holds a file that no backup of Wren has: ${fault.path.slice(0, 60)}.`
    case 'damaged':
      return `It is damaged: ${fault.path} is not as it was written.`
    case 'newer':
      return 'A newer Wren made it. Load this page anew, so that yours is as new, and try again.'
  }
}

/** How a quilt of the backup stands to the shelf. */
export const BACKUP_STATES: Readonly<Record<BackupState, string>> = {
  'not-here': 'not on this shelf',
  'same': 'the same here and in the backup',
  'changed-there': 'only the one in the backup was changed',
  'changed-here': 'only the one on this shelf was changed',
  'changed-both': 'they differ, and both may have been changed',
}

/** What may be done with it. */
export function backupChoiceText(choice: BackupChoice, state: BackupState): string {
  if (choice === 'both') return 'keep both'
  if (state === 'not-here') return choice === 'backup' ? 'put it on the shelf' : 'leave it'
  return choice === 'backup' ? 'take the one in the backup' : 'keep the one here'
}

export const QUILT_FACTS: Readonly<Record<QuiltFact, string>> = {
  name: 'name',
  across: 'across',
  down: 'down',
  blocks: 'kinds of block',
  cloths: 'cloths',
  borders: 'borders',
  ticks: 'ticks',
  measures: 'measures',
  notes: 'notes',
  photographs: 'photographs',
}

const DAY_MS = 86_400_000
/** So long after the last backup, or after the first change of a shelf that has none, Wren says so. */
const REMIND_DAYS = { again: 14, first: 3 }

const daysFrom = (at: string, now: string) => (Date.parse(now) - Date.parse(at)) / DAY_MS

/** When the last backup was made, and how much of the shelf has changed since; times as ISO text. */
export function lastBackupText(last: string | null, now: string, changed: number): string {
  if (last === null) return 'No backup was made in this browser yet.'
  // a clock may have gone backwards since
  const days = Math.max(0, Math.floor(daysFrom(last, now)))
  const when = days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`
  const what = changed === 0 ? 'nothing has changed since' : `${plural(changed, 'quilt')} changed since`
  return `The last backup was made ${when}; ${what}.`
}

/** Whether the shelf should say so. `changed`: when quilts that no backup holds were last changed, as ISO text. */
export function isBackupDue(last: string | null, now: string, changed: readonly string[]): boolean {
  if (changed.length === 0) return false
  if (last !== null) return daysFrom(last, now) > REMIND_DAYS.again
  return changed.some(at => daysFrom(at, now) > REMIND_DAYS.first)
}

/** Bytes as people say them. */
export function bytesText(bytes: number): string {
  if (bytes < 1e6) return `${Math.max(1, Math.round(bytes / 1e3))} kB`
  return bytes < 1e9 ? `${(bytes / 1e6).toFixed(1)} MB` : `${(bytes / 1e9).toFixed(1)} GB`
}
