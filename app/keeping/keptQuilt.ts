import type { QuiltFile } from '~~/core/file/schema'

/** A quilt as it is kept in this browser. */
export interface KeptQuilt {
  kept: 1
  id: string
  /** Grows with each write; never in exported files. */
  revision: number
  file: QuiltFile
  savedAt: string
  /** Earlier states, newest first, five at the most. */
  versions: KeptVersion[]
  /** Where the person was, so that tomorrow opens at the same step. */
  bookmark?: Bookmark
}

/** An earlier state; or one that a tab made while another had the quilt. */
export interface KeptVersion {
  at: string
  file: QuiltFile
  isFromOtherTab?: true
}

export interface Bookmark {
  station: string
  step?: number
  of?: string
}

/** One step of work: what it is called, and the file on the far side of it. */
export interface KeptStep {
  name: string
  file: QuiltFile
}

/**
 * The way back and forth of a quilt, kept beside it and never in its file. Files of steps share what they have in
 * common, and storage writes what is shared once.
 */
export interface KeptSteps {
  /** Of the quilt they lead from; to another state they do not belong. */
  revision: number
  past: KeptStep[]
  future: KeptStep[]
}

export const MAX_VERSIONS = 5
/** A new version is begun when the last is older than this. */
const VERSION_EVERY_MS = 5 * 60_000

/** Whether what storage gave is a kept quilt, and not a record that was spoilt. */
export function isKeptQuilt(value: unknown): value is KeptQuilt {
  const record = value as Partial<KeptQuilt> | null | undefined
  return (
    record?.kept === 1
    && typeof record.id === 'string'
    && typeof record.savedAt === 'string'
    && typeof record.file === 'object'
    && record.file !== null
    && Array.isArray(record.versions)
  )
}

/** The quilt with more versions beside its own: each once, the newest first, five at the most. */
export function withVersions(quilt: KeptQuilt, more: readonly KeptVersion[]): KeptQuilt {
  const all = new Map([...more, ...quilt.versions].map(version => [version.at, version]))
  const versions = [...all.values()].sort((a, b) => b.at.localeCompare(a.at)).slice(0, MAX_VERSIONS)
  return { ...quilt, versions }
}

/**
 * The kept quilt with a new state; the state before it becomes a version when the last version is old enough, or at
 * `mark`.
 */
export function withState(quilt: KeptQuilt, file: QuiltFile, at: string, mark = false): KeptQuilt {
  const newest = quilt.versions[0]
  const isDue = !newest || Date.parse(at) - Date.parse(newest.at) > VERSION_EVERY_MS
  const versions =
    mark || isDue ? [{ at: quilt.savedAt, file: quilt.file }, ...quilt.versions].slice(0, MAX_VERSIONS) : quilt.versions
  return { ...quilt, file, savedAt: at, versions }
}
