import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import type { Amounts } from '~~/core/time/paceKinds'
import { waysToSave, type WayToSave } from '~~/core/time/waysToSave'

export type FromTimeWorker = { kind: 'way'; way: WayToSave; left: Amounts } | { kind: 'done' }

addEventListener('message', ({ data: file }: MessageEvent<QuiltFile>) => {
  const read = readQuilt(file)
  if (read.ok) for (const found of waysToSave(file, read.value)) postMessage({ kind: 'way', ...found })
  postMessage({ kind: 'done' })
})
