// What a backup says of itself: a ZIP with a file for each quilt, photographs, the stash, and this list of them.
import { z } from 'zod'

/** The list itself, in the backup. */
export const LIST_PATH = 'shelf.json'
export const STASH_PATH = 'stash.json'
const FORMAT = 'wren-shelf'
const VERSION = 1

/** Files of one backup: hundreds of quilts with their photographs. */
export const MAX_BACKUP_FILES = 5_000
/** Bytes of all files of a backup, unpacked. */
export const MAX_BACKUP_BYTES = 2_000_000_000
/** Bytes of one photograph as it is kept; of the list and the stash. */
export const MAX_PHOTO_BYTES = 30_000_000

const listedFile = z.object({
  path: z.string().max(200),
  bytes: z.number().int().min(0).max(MAX_PHOTO_BYTES),
  /** In sixteen figures, small letters. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  /** Of a quilt: its id in the browser it comes from, and when it was last changed there. */
  quilt: z.string().min(1).max(80).optional(),
  savedAt: z.string().max(40).optional(),
})
const list = z.object({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  /** When the backup was made, as ISO text. */
  at: z.string().max(40),
  files: z.array(listedFile).max(MAX_BACKUP_FILES),
})
export type ListedFile = z.infer<typeof listedFile>
export type BackupList = z.infer<typeof list>

/** The list of these files; `at`: ISO text. */
export function backupList(at: string, files: readonly ListedFile[]): BackupList {
  return { format: FORMAT, version: VERSION, at, files: [...files] }
}

/** Why a file is no backup that can be read; nothing of it is taken then. */
export type BackupFault =
  | { code: 'not-a-backup' }
  /** It ends before its end. */
  | { code: 'cut-short' }
  | { code: 'too-much' }
  /** A file that no backup has: a path that climbs, a program, the same path twice. */
  | { code: 'strange-path'; path: string }
  /** What a file holds is not what was written, or it is missing. */
  | { code: 'damaged'; path: string }
  /** Of a newer Wren. */
  | { code: 'newer' }

/** The list of a backup, from its text. */
export function readBackupList(text: string): BackupList | BackupFault {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return { code: 'damaged', path: LIST_PATH }
  }
  const read = list.safeParse(value)
  if (read.success) return read.data
  const { format, version } = (value ?? {}) as { format?: unknown; version?: unknown }
  if (format !== FORMAT) return { code: 'not-a-backup' }
  return typeof version === 'number' && version > VERSION ? { code: 'newer' } : { code: 'damaged', path: LIST_PATH }
}
