import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import { savedOn, type Saved } from '~~/core/supply/savedOn'

export interface ToSavedWorker {
  quilts: { id: string; file: QuiltFile }[]
}
export type FromSavedWorker =
  /** Null: the quilt cannot be planned. */
  { kind: 'quilt'; id: string; saved: Saved | null } | { kind: 'done' }

const answer = (message: FromSavedWorker) => postMessage(message)

addEventListener('message', ({ data: { quilts } }: MessageEvent<ToSavedWorker>) => {
  for (const { id, file } of quilts) {
    const read = readQuilt(file)
    answer({ kind: 'quilt', id, saved: read.ok ? savedOn(read.value) : null })
  }
  answer({ kind: 'done' })
})
