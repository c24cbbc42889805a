import type { QuiltFile } from '~~/core/file/schema'
import type { Bookmark } from './keptQuilt'

/**
 * What was not in storage yet when the page was left: a browser does not wait for a slow write, only for this quick
 * one.
 */
export interface LeftBehind {
  /** When the kept state was saved that this one follows; to any other state it does not belong. */
  after: string
  file: QuiltFile
  bookmark?: Bookmark | undefined
}

const keyOf = (quiltId: string) => `wren-left:${quiltId}`

/** Puts work that is not kept yet where a closing page can write at once. */
export function stash(quiltId: string, left: LeftBehind): void {
  try {
    localStorage.setItem(keyOf(quiltId), JSON.stringify(left))
  } catch {
    // storage full or refused: saving says so in its own place
  }
}

/** Takes up what was left behind, if anything was, after whichever state; nothing lies there then. */
export function restore(quiltId: string): LeftBehind | null {
  try {
    const left = JSON.parse(localStorage.getItem(keyOf(quiltId)) ?? 'null') as LeftBehind | null
    localStorage.removeItem(keyOf(quiltId))
    return left && typeof left.after === 'string' && typeof left.file === 'object' ? left : null
  } catch {
    return null
  }
}
