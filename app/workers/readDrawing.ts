import type { BlockReading } from '~~/core/drafting/blockReading'
import { askOnce } from './askOnce'

/** Reads a drawing in a worker, which is ended when it takes too long; null then, and where no worker can be made. */
export function readDrawing(text: string): Promise<BlockReading | null> {
  return askOnce(() => new Worker(new URL('./drawingWorker.ts', import.meta.url), { type: 'module' }), text)
}
