import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { backupList, LIST_PATH, type ListedFile } from '~~/core/shelf/backupList'
import { sha256Of } from './digest'

/** A file to go into a backup; photographs are packed already. */
export interface FileToKeep extends Pick<ListedFile, 'path' | 'quilt' | 'savedAt'> {
  bytes: Uint8Array
  isPacked?: boolean
}

/**
 * Writes files into a ZIP, one after the other, and last the list of them with their digests. `give`: takes the next
 * bytes of the ZIP; `tell`: after each file, how it is listed. Fails with what fails of the files.
 */
export async function writeBackup(
  at: string,
  files: AsyncIterable<FileToKeep>,
  give: (bytes: Uint8Array) => void,
  tell: (file: ListedFile) => void = () => {},
): Promise<void> {
  const zip = new Zip((error, bytes) => {
    if (error) throw error
    give(bytes)
  })
  const listed: ListedFile[] = []
  for await (const { bytes, isPacked = false, ...file } of files) {
    const entry = { ...file, bytes: bytes.length, sha256: await sha256Of(bytes) }
    add(zip, file.path, bytes, isPacked)
    listed.push(entry)
    tell(entry)
  }
  add(zip, LIST_PATH, new TextEncoder().encode(JSON.stringify(backupList(at, listed), null, 2)), false)
  zip.end()
}

function add(zip: Zip, path: string, bytes: Uint8Array, isPacked: boolean) {
  const file = isPacked ? new ZipPassThrough(path) : new ZipDeflate(path)
  zip.add(file)
  file.push(bytes, true)
}
