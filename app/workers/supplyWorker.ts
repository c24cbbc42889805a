import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import { howFar, type Reach } from '~~/core/supply/howFar'
import { waysToFit, type FoundWay } from '~~/core/supply/waysToFit'

export interface ToSupplyWorker {
  file: QuiltFile
}
export type FromSupplyWorker =
  | { kind: 'reach'; reach: Reach }
  | { kind: 'way'; found: FoundWay }
  | { kind: 'plans'; count: number }
  | { kind: 'done' }

/** No more answers than the eye can follow. */
const EVERY_MS = 200

const answer = (message: FromSupplyWorker) => postMessage(message)

addEventListener('message', ({ data: { file } }: MessageEvent<ToSupplyWorker>) => {
  const read = readQuilt(file)
  if (!read.ok) return answer({ kind: 'done' })
  let told = { at: 0, count: 0 }
  const count = () => {
    told.count += 1
    if (performance.now() - told.at < EVERY_MS) return
    told = { at: performance.now(), count: told.count }
    answer({ kind: 'plans', count: told.count })
  }
  // what would make it fit first: it is what is waited for
  for (const found of waysToFit(file, read.value)) {
    count()
    if (found) answer({ kind: 'way', found })
  }
  for (const reach of howFar(file, read.value)) {
    count()
    if (reach) answer({ kind: 'reach', reach })
  }
  answer({ kind: 'done' })
})
