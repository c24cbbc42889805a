import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import { longStripCosts, type LongStripCost } from '~~/core/supply/longStrips'

export interface ToLongStripsWorker {
  file: QuiltFile
}
export type FromLongStripsWorker = { kind: 'cost'; cost: LongStripCost } | { kind: 'done' }

const answer = (message: FromLongStripsWorker) => postMessage(message)

addEventListener('message', ({ data: { file } }: MessageEvent<ToLongStripsWorker>) => {
  const read = readQuilt(file)
  if (read.ok) for (const cost of longStripCosts(file, read.value)) if (cost) answer({ kind: 'cost', cost })
  answer({ kind: 'done' })
})
