import type { BlockReading } from '~~/core/drafting/blockReading'

/** No drawing of a block takes longer. */
const MOST_MS = 5000

/** Reads a drawing in a worker, which is ended when it takes too long; null then, and where no worker can be made. */
export function readDrawing(text: string): Promise<BlockReading | null> {
  return new Promise((resolve) => {
    let worker: Worker
    try {
      worker = new Worker(new URL('./drawingWorker.ts', import.meta.url), { type: 'module' })
    }
    catch {
      return resolve(null)
    }
    const end = (reading: BlockReading | null) => {
      clearTimeout(timer)
      worker.terminate()
      resolve(reading)
    }
    const timer = setTimeout(() => end(null), MOST_MS)
    worker.addEventListener('message', ({ data }: MessageEvent<BlockReading>) => end(data))
    worker.addEventListener('error', () => end(null))
    worker.postMessage(text)
  })
}
