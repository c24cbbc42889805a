import type { Problem } from '~~/core/file/problem'
import type { QuiltFile } from '~~/core/file/schema'
import type { BackupFault } from '~~/core/shelf/backupList'
import type { BackupState } from '~~/core/shelf/compareQuilts'
import type { Stash } from '~~/core/stash/stashCloth'
import type { KeptQuilt } from '~/keeping/keptQuilt'
import type { BackedUp, KeptPhoto } from '~/keeping/keptRecords'

export type ToBackupWorker =
  /** `held`: quilts that storage would not take. */
  { kind: 'make'; at: string; held: readonly KeptQuilt[] } | { kind: 'read'; zip: Blob }

export type FromBackupWorker =
  /** So many of all: files that were written, bytes that were read. */
  | { kind: 'progress'; done: number; all: number }
  | { kind: 'made'; zip: Blob; marks: Map<string, BackedUp>; photos: number; left: number }
  | { kind: 'read'; contents: BackupContents }
  | { kind: 'refused'; fault: BackupFault }

/** A quilt of a backup beside the one on the shelf. */
export interface QuiltOfBackup {
  id: string
  digest: string
  savedAt: string
  file: QuiltFile
  state: BackupState
  /** As it is on the shelf. */
  here: KeptQuilt | null
}

/** A backup that was read and compared; nothing of it is taken yet. */
export interface BackupContents {
  at: string
  quilts: QuiltOfBackup[]
  /** Those whose file this Wren cannot read, and the first reason. */
  unreadable: { path: string; problem: Problem }[]
  /** Photographs that are not here. */
  photos: KeptPhoto[]
  stash: Stash
}
