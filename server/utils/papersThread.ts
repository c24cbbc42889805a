import { Worker } from 'node:worker_threads'
import type { PapersAnswer, PapersJob } from './papersJob'

/** Longer than any quilt's pages take. */
const MOST_MS = 10_000
/** Threads at once; who comes later is asked to try again. */
const MOST_THREADS = 4
let running = 0

/** Makes pages in a thread of its own, which is ended when it takes too long. Never fails. */
export async function papersInThread(job: PapersJob): Promise<PapersAnswer> {
  if (running >= MOST_THREADS)
    return { ok: false, status: 503, message: 'Other pages are being made; try again in a moment' }
  running += 1
  // built beside the server's entry
  const worker = new Worker(new URL('./papersWorker.mjs', import.meta.url), {
    workerData: job,
    resourceLimits: { maxOldGenerationSizeMb: 1024 },
  })
  try {
    return await new Promise(resolve => {
      const timer = setTimeout(
        () =>
          resolve({
            ok: false,
            status: 503,
            message: 'The pages took too long to make. Ask for fewer copies, or a simpler block.',
          }),
        MOST_MS,
      )
      const end = (answer: PapersAnswer) => {
        clearTimeout(timer)
        resolve(answer)
      }
      worker.once('message', end)
      worker.once('error', () => end({ ok: false, status: 500, message: 'The pages could not be made' }))
      worker.once('exit', () => end({ ok: false, status: 500, message: 'The pages could not be made' }))
    })
  } finally {
    running -= 1
    void worker.terminate()
  }
}
