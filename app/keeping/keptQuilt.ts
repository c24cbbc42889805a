import type { QuiltFile } from '~~/core/file/schema'

/** A quilt as it is kept in this browser. */
export interface KeptQuilt {
  kept: 1
  id: string
  file: QuiltFile
  savedAt: string
  /** Earlier states, newest first, five at the most. */
  versions: { at: string; file: QuiltFile }[]
  /** Where the person was, so that tomorrow opens at the same step. */
  bookmark?: Bookmark
}
export interface Bookmark {
  station: string
  step?: number
  of?: string
}

export const MOST_VERSIONS = 5
/** A new version is begun when the last is older than this. */
const VERSION_EVERY_MS = 5 * 60_000

/**
 * The kept quilt with a new state; the state before it becomes a version when the last version is old enough, or at
 * `mark`.
 */
export function withState(quilt: KeptQuilt, file: QuiltFile, at: string, mark = false): KeptQuilt {
  const newest = quilt.versions[0]
  const isDue = !newest || Date.parse(at) - Date.parse(newest.at) > VERSION_EVERY_MS
  const versions =
    mark || isDue
      ? [{ at: quilt.savedAt, file: quilt.file }, ...quilt.versions].slice(0, MOST_VERSIONS)
      : quilt.versions
  return { ...quilt, file, savedAt: at, versions }
}
