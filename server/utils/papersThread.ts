import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { Piscina } from 'piscina'
import type { PapersAnswer, PapersJob } from '~~/papers/papersJob'

/** Longer than any quilt's pages take, waiting included. */
const MAX_MS = 20_000
/** One core is left for everybody else's requests. */
const THREADS = Math.min(4, Math.max(1, availableParallelism() - 1))
/** So many wait for a thread; who comes later is told when to try again. */
const MAX_WAITING = 24
/** Seconds after which a thread is likely to be free. */
const TRY_AGAIN_S = 5

let pool: Piscina<PapersJob, PapersAnswer> | null = null

/** Threads that are warm from the first pages on; built beside the server's entry. */
function threads(): Piscina<PapersJob, PapersAnswer> {
  pool ??= new Piscina<PapersJob, PapersAnswer>({
    filename: fileURLToPath(new URL('./papersWorker.mjs', import.meta.url)),
    minThreads: 1,
    maxThreads: THREADS,
    maxQueue: MAX_WAITING,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: 1024 },
  })
  return pool
}

const BUSY: PapersAnswer = {
  ok: false,
  status: 503,
  message: 'Many pages are being made just now. Try again in a moment.',
  tryAgainS: TRY_AGAIN_S,
}
const TOO_LONG: PapersAnswer = {
  ok: false,
  status: 503,
  message: 'The pages took too long to make. Ask for fewer copies, or a simpler block.',
  tryAgainS: TRY_AGAIN_S,
}

/** Makes pages in a thread; one that takes too long is ended, as is one whose client has left. Never fails. */
export async function papersInThread(job: PapersJob, left: AbortSignal): Promise<PapersAnswer> {
  const late = AbortSignal.timeout(MAX_MS)
  const all = threads()
  if (all.queueSize >= MAX_WAITING) return BUSY
  try {
    return await all.run(job, { signal: AbortSignal.any([late, left]) })
  } catch {
    if (late.aborted) return TOO_LONG
    return { ok: false, status: 500, message: 'The pages could not be made' }
  }
}
