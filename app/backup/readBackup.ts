import { Unzip, UnzipInflate } from 'fflate'
import {
  LIST_PATH,
  MAX_BACKUP_BYTES,
  MAX_BACKUP_FILES,
  readBackupList,
  type BackupFault,
  type BackupList,
} from '~~/core/shelf/backupList'
import { maxBytesAt } from '~~/core/shelf/backupPaths'
import { sha256Of } from './digest'

/** So much is unpacked at a time: a small ZIP of nothing but noughts would be gigabytes at once. */
const STEP = 1024

/** A backup as it was written: each file is there, whole, and none besides. */
export interface BackupRead {
  list: BackupList
  files: ReadonlyMap<string, Uint8Array>
}

/**
 * Reads a backup and holds it back until every file was compared with its digest. Gives what is wrong where it is none
 * that can be read. `tell`: how many bytes of the ZIP were read.
 */
export async function readBackup(
  zip: AsyncIterable<Uint8Array>,
  tell: (bytes: number) => void = () => {},
): Promise<BackupRead | BackupFault> {
  const reading = new Reading()
  let read = 0
  for await (const chunk of zip) {
    reading.take(chunk)
    if (reading.fault) return reading.fault
    read += chunk.length
    tell(read)
  }
  return compared(reading.end())
}

/** One ZIP on its way in. */
class Reading {
  fault: BackupFault | null = null
  private readonly files = new Map<string, Uint8Array[]>()
  private readonly whole = new Set<string>()
  private bytes = 0
  private isZip: boolean | null = null
  private readonly unzip = new Unzip(file => {
    const { name } = file
    const most = maxBytesAt(name)
    if (most === null || this.files.has(name)) return this.fail({ code: 'strange-path', path: name })
    if (this.files.size >= MAX_BACKUP_FILES) return this.fail({ code: 'too-much' })
    const parts: Uint8Array[] = []
    let size = 0
    this.files.set(name, parts)
    file.ondata = (error, part, isLast) => {
      if (error) return this.fail({ code: 'damaged', path: name })
      size += part.length
      this.bytes += part.length
      if (size > most || this.bytes > MAX_BACKUP_BYTES) {
        file.terminate()
        return this.fail({ code: 'too-much' })
      }
      parts.push(part)
      if (isLast) this.whole.add(name)
    }
    file.start()
  })

  constructor() {
    this.unzip.register(UnzipInflate)
  }

  take(chunk: Uint8Array): void {
    // a ZIP begins with the letters PK
    this.isZip ??= chunk[0] === 0x50 && (chunk.length === 1 || chunk[1] === 0x4b)
    if (!this.isZip) return this.fail({ code: 'not-a-backup' })
    for (let at = 0; at < chunk.length && !this.fault; at += STEP) this.push(chunk.subarray(at, at + STEP), false)
  }

  /** The files, or what was wrong. */
  end(): Map<string, Uint8Array> | BackupFault {
    if (this.isZip === null) return { code: 'not-a-backup' }
    if (!this.fault) this.push(new Uint8Array(), true)
    if (this.fault) return this.fault
    if ([...this.files.keys()].some(name => !this.whole.has(name))) return { code: 'cut-short' }
    return new Map([...this.files].map(([name, parts]) => [name, joined(parts)]))
  }

  private push(bytes: Uint8Array, isLast: boolean): void {
    try {
      this.unzip.push(bytes, isLast)
    } catch {
      this.fail({ code: isLast ? 'cut-short' : 'not-a-backup' })
    }
  }

  private fail(fault: BackupFault): void {
    this.fault ??= fault
  }
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const part of parts) {
    all.set(part, at)
    at += part.length
  }
  return all
}

/** The files, if they are those of the list, byte for byte. */
async function compared(files: Map<string, Uint8Array> | BackupFault): Promise<BackupRead | BackupFault> {
  if (!(files instanceof Map)) return files
  const listBytes = files.get(LIST_PATH)
  // the list is written last: without it the rest is not whole, or is something else
  if (!listBytes) return { code: files.size > 0 ? 'cut-short' : 'not-a-backup' }
  const list = readBackupList(new TextDecoder().decode(listBytes))
  if ('code' in list) return list
  files.delete(LIST_PATH)
  for (const { path, bytes, sha256 } of list.files) {
    const file = files.get(path)
    if (!file || file.length !== bytes || (await sha256Of(file)) !== sha256) return { code: 'damaged', path }
  }
  const listed = new Set(list.files.map(({ path }) => path))
  const stranger = [...files.keys()].find(path => !listed.has(path))
  return stranger === undefined ? { list, files } : { code: 'strange-path', path: stranger }
}
