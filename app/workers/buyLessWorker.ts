import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import { buyLess, type CheaperQuilt } from '~~/core/supply/buyLess'

export interface ToBuyLessWorker {
  file: QuiltFile
}
export type FromBuyLessWorker = { kind: 'cheaper'; found: CheaperQuilt } | { kind: 'done' }

const answer = (message: FromBuyLessWorker) => postMessage(message)

addEventListener('message', ({ data: { file } }: MessageEvent<ToBuyLessWorker>) => {
  const read = readQuilt(file)
  if (read.ok) for (const found of buyLess(file, read.value)) if (found) answer({ kind: 'cheaper', found })
  answer({ kind: 'done' })
})
