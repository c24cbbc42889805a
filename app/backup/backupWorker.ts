import { STASH_PATH, type BackupFault, type BackupList } from '~~/core/shelf/backupList'
import { photoAt, photoPath, quiltPath } from '~~/core/shelf/backupPaths'
import { backupState } from '~~/core/shelf/compareQuilts'
import { ok, type Result } from '~~/core/file/problem'
import { readQuilt } from '~~/core/file/readQuilt'
import { readText } from '~~/core/file/readText'
import type { QuiltFile } from '~~/core/file/schema'
import { readStash } from '~~/core/stash/stashCloth'
import { loadBackedUp } from '~/keeping/backedUp'
import type { BackedUp } from '~/keeping/keptRecords'
import { loadPhoto, photoIds } from '~/keeping/keptPhotos'
import type { KeptQuilt } from '~/keeping/keptQuilt'
import { keptIds, loadKept } from '~/keeping/quiltKeeper'
import { loadStash } from '~/keeping/stashKeeper'
import type { BackupContents, FromBackupWorker, QuiltOfBackup, ToBackupWorker } from './backupMessages'
import { sha256Of } from './digest'
import { quiltText } from './quiltText'
import { readBackup } from './readBackup'
import { writeBackup, type FileToKeep } from './writeBackup'

const tell = (message: FromBackupWorker) => postMessage(message)
const bytesOf = (text: string) => new TextEncoder().encode(text)

async function make(at: string, held: readonly KeptQuilt[]) {
  const kept = new Map(held.map(quilt => [quilt.id, quilt]))
  const { ids } = await keptIds()
  const all = [...new Set([...kept.keys(), ...ids])]
  const photos = await photoIds()
  const [marks, parts]: [Map<string, BackedUp>, Uint8Array[]] = [new Map(), []]
  let left = 0
  let done = 0

  async function* files(): AsyncGenerator<FileToKeep> {
    const taken = new Set<string>()
    for (const id of all) {
      const quilt = kept.get(id) ?? (await loadKept(id).catch(() => null))
      if (!quilt) {
        left += 1
        continue
      }
      const path = quiltPath(quilt.file.name ?? '', id, taken)
      taken.add(path)
      const bytes = bytesOf(quiltText(quilt.file))
      marks.set(id, { digest: await sha256Of(bytes), revision: quilt.revision })
      yield { path, bytes, quilt: id, savedAt: quilt.savedAt }
    }
    for (const id of photos) {
      const photo = await loadPhoto(id)
      if (!photo) continue
      yield { path: photoPath(id), bytes: await bytesIn(photo.jpeg), isPacked: true, quilt: photo.quilt }
    }
    yield { path: STASH_PATH, bytes: bytesOf(JSON.stringify((await loadStash()).cloths, null, 2)) }
  }
  await writeBackup(
    at,
    files(),
    bytes => parts.push(bytes),
    () => tell({ kind: 'progress', done: ++done, all: all.length + photos.length + 1 }),
  )
  const zip = new Blob(parts as BlobPart[], { type: 'application/zip' })
  tell({ kind: 'made', zip, marks, photos: photos.length, left })
}

const bytesIn = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer())

async function read(zip: Blob) {
  const answer = await readBackup(piecesOf(zip), done => tell({ kind: 'progress', done, all: zip.size }))
  if ('code' in answer) return tell({ kind: 'refused', fault: answer })
  const contents = await compared(answer.list, answer.files)
  tell('code' in contents ? { kind: 'refused', fault: contents } : { kind: 'read', contents })
}

/** The bytes of a file, as they come from the disk. */
async function* piecesOf(zip: Blob): AsyncGenerator<Uint8Array> {
  const reader = zip.stream().getReader()
  for (let next = await reader.read(); !next.done; next = await reader.read()) yield next.value
}

async function compared(
  { at, files: listed }: BackupList,
  files: ReadonlyMap<string, Uint8Array>,
): Promise<BackupContents | BackupFault> {
  const contents: BackupContents = { at, quilts: [], unreadable: [], photos: [], stash: [] }
  const [bases, there] = await Promise.all([loadBackedUp(), photoIds()])
  const isHere = new Set(there)
  for (const { path, sha256, quilt: id, savedAt } of listed) {
    const bytes = files.get(path)!
    const photo = photoAt(path)
    if (photo !== undefined) {
      if (!isHere.has(photo))
        contents.photos.push({
          id: photo,
          quilt: id ?? '',
          jpeg: new Blob([bytes as BlobPart], { type: 'image/jpeg' }),
        })
    } else if (path === STASH_PATH) contents.stash = readStash(parsed(bytes)).cloths
    else if (id === undefined) return { code: 'damaged', path }
    else {
      const quilt = quiltIn(bytes)
      if (!quilt.ok) contents.unreadable.push({ path, problem: quilt.problems[0]! })
      else {
        const read = { id, digest: sha256, savedAt: savedAt ?? at, file: quilt.value }
        contents.quilts.push(await besideHere(read, bases.get(id)))
      }
    }
  }
  return contents
}

/** The file as it was written, if it is a quilt that this Wren can read. */
function quiltIn(bytes: Uint8Array): Result<QuiltFile> {
  const text = readText(new TextDecoder().decode(bytes))
  if (!text.ok) return text
  const quilt = readQuilt(text.value)
  return quilt.ok ? ok(text.value as QuiltFile) : quilt
}

async function besideHere(
  quilt: Omit<QuiltOfBackup, 'state' | 'here'>,
  base: BackedUp | undefined,
): Promise<QuiltOfBackup> {
  const here = await loadKept(quilt.id).catch(() => null)
  const digest = here && (await sha256Of(bytesOf(quiltText(here.file))))
  const state = backupState(digest === null ? null : { digest, base: base?.digest }, quilt.digest)
  return { ...quilt, here, state }
}

function parsed(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(bytes))
  } catch {
    return []
  }
}

addEventListener('message', ({ data }: MessageEvent<ToBackupWorker>) => {
  const run = data.kind === 'make' ? make(data.at, data.held) : read(data.zip)
  // a fault ends the worker, and is told by the page that waits for it
  run.catch(error =>
    setTimeout(() => {
      throw error
    }),
  )
})
