import { MAX_BYTES } from '../file/readText'
import { LIST_PATH, MAX_PHOTO_BYTES, STASH_PATH } from './backupList'

const QUILT = /^[a-z0-9]+(-[a-z0-9]+)*\.wren\.json$/
const PHOTO = /^photos\/([a-z0-9]+(?:-[a-z0-9]+)*)\.jpg$/

/** The most bytes that a file of a backup may have, by its path; null: no backup has such a file. */
export function maxBytesAt(path: string): number | null {
  if (path.length > 200) return null
  if (path === LIST_PATH || path === STASH_PATH || PHOTO.test(path)) return MAX_PHOTO_BYTES
  return QUILT.test(path) ? MAX_BYTES : null
}

export const photoPath = (id: string) => `photos/${id}.jpg`

/** The id of a photograph, by its path. */
export const photoAt = (path: string): string | undefined => PHOTO.exec(path)?.[1]

/** Plain letters and figures of a text, what parts them a hyphen. */
const plain = (text: string) =>
  text
    .normalize('NFD')
    .replaceAll(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')

/** The path of a quilt: its name for the eye, its id for the rest; `taken`: paths that others have. */
export function quiltPath(name: string, id: string, taken: ReadonlySet<string>): string {
  const stem = [plain(name).slice(0, 60).replace(/-+$/, ''), plain(id).slice(0, 80)]
    .filter(part => part !== '')
    .join('-')
  for (let n = 1; ; n++) {
    const path = `${stem || 'quilt'}${n === 1 ? '' : `-${n}`}.wren.json`
    if (!taken.has(path)) return path
  }
}
