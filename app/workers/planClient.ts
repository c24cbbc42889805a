import type { QuiltFile } from '~~/core/quilt/schema'
import type { FromPlanWorker, ToPlanWorker, Workbook } from './planMessages'

export interface PlanClient {
  /** Asks for a plan; an older request that is not answered yet is forgotten. */
  ask: (file: QuiltFile) => void
  stop: () => void
}

interface Listener {
  onDone: (workbook: Workbook) => void
  onFailed: (message: string) => void
  /** The worker died and another has taken its place; the last question was put to it again. */
  onRestart: () => void
}

/** A plan takes longer than this only when something is wrong or the quilt is huge; a newer question then does not wait. */
const PATIENCE_MS = 1500

/**
 * One worker, one question at a time, the newest wins. A worker that dies is replaced, and asked again once. `startWorker` makes one.
 */
export function createPlanClient(listener: Listener, startWorker: () => Worker): PlanClient {
  let worker: Worker | null = null
  let job = 0
  let asked: { file: QuiltFile, at: number, tries: number } | null = null

  function start(): Worker {
    const fresh = startWorker()
    fresh.addEventListener('message', ({ data }: MessageEvent<FromPlanWorker>) => {
      if (data.job !== job) return
      asked = null
      if (data.kind === 'done') listener.onDone(data.workbook)
      else listener.onFailed(data.message)
    })
    fresh.addEventListener('error', (event) => {
      event.preventDefault()
      restart()
    })
    return fresh
  }

  function restart() {
    worker?.terminate()
    worker = null
    const last = asked
    if (!last) return
    if (last.tries > 1) {
      asked = null
      return listener.onFailed('the planner stopped twice over this quilt')
    }
    listener.onRestart()
    send(last.file, last.tries + 1)
  }

  function send(file: QuiltFile, tries: number) {
    worker ??= start()
    job += 1
    asked = { file, at: performance.now(), tries }
    worker.postMessage({ job, file } satisfies ToPlanWorker)
  }

  return {
    ask(file) {
      if (asked && performance.now() - asked.at > PATIENCE_MS) {
        worker?.terminate()
        worker = null
      }
      send(file, 1)
    },
    stop() {
      worker?.terminate()
      worker = null
      asked = null
    },
  }
}
