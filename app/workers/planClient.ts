import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import type { ToBuy } from '~~/core/plan/chosenWays'
import type { ScrappyBinding } from '~~/core/plan/scrappyBinding'
import type { QuiltFile } from '~~/core/file/schema'
import { changed } from './changes'
import type { FromPlanWorker, ToPlanWorker, Workbook } from './planMessages'
import { fromWire, type WireBook } from './wire'

export interface PlanClient {
  /** Asks for a plan; an older request that is not answered yet is forgotten. */
  ask: (file: QuiltFile) => void
  /**
   * Asks what each way of making a unit would have to be bought for, of the plan made last; forgotten when a newer
   * plan is asked for.
   */
  askWays: (unit: string) => void
  /** Asks for the sewing of the plan made last, in batches; forgotten when a newer plan is asked for. */
  askBatches: () => void
  /** Asks which cloths the plan made last leaves for the binding; forgotten when a newer plan is asked for. */
  askScraps: () => void
  /** Gives up the plan that is being made; the next question is asked of a fresh worker. */
  giveUp: () => void
  stop: () => void
}

interface Listener {
  /** The plan of a file is made. */
  onDone: (workbook: Workbook, file: QuiltFile) => void
  /** Which part of the newest plan is done, from 0 to 1. */
  onProgress: (part: number) => void
  onFailed: (message: string) => void
  /** Cloth to buy by each way of making a unit, asked for with `askWays`. */
  onWays: (unit: string, buys: (ToBuy | null)[]) => void
  /** The sewing of the plan made last, asked for with `askBatches`. */
  onBatches: (batches: PlannedBatch[]) => void
  /** A binding from what is left, asked for with `askScraps`. */
  onScraps: (found: ScrappyBinding | null) => void
  /** The worker died and another has taken its place; the last question was put to it again. */
  onRestart: () => void
  /** No worker can be made, or it has not answered for a while: the numbers are late, and why is not known. */
  onSilent: () => void
}

/**
 * A plan takes longer than this only when something is wrong or the quilt is huge; a newer question then does not
 * wait.
 */
const PATIENCE_MS = 1500
/** A worker that has said nothing for so long since it was started is taken for dead. */
const SILENCE_MS = 1800

/**
 * One worker, one question at a time, the newest wins. A worker that dies is replaced, and asked again once.
 * `startWorker` makes one.
 */
export function createPlanClient(listener: Listener, startWorker: () => Worker): PlanClient {
  let worker: Worker | null = null
  let job = 0
  /** The file of the newest question, answered or not. */
  let newest: QuiltFile
  let asked: { file: QuiltFile; at: number; tries: number } | null = null
  let silence: ReturnType<typeof setTimeout> | undefined
  /** The worker on hand has answered before: it is alive, and busy when it says nothing. */
  let isAlive = false

  function start(): Worker {
    const fresh = startWorker()
    /** What this worker made last, whether or not anybody still wanted it: it only tells what has changed since. */
    let book: unknown
    fresh.addEventListener('message', ({ data }: MessageEvent<FromPlanWorker>) => {
      isAlive = true
      if (data.kind === 'done') book = changed(book, data.change)
      if (data.job === job) clearTimeout(silence)
      if (data.kind === 'hello' || data.job !== job) return
      if (data.kind === 'progress') return listener.onProgress(data.part)
      if (data.kind === 'ways') return listener.onWays(data.unit, data.buys)
      if (data.kind === 'batches') return listener.onBatches(data.batches)
      if (data.kind === 'scraps') return listener.onScraps(data.found)
      asked = null
      if (data.kind === 'done') listener.onDone(fromWire(book as WireBook), newest)
      else listener.onFailed(data.message)
    })
    fresh.addEventListener('error', event => {
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

  /**
   * A worker that is busy with an older question is put aside for the newest; one that never spoke is a trouble to be
   * told.
   */
  function onSilence() {
    if (!isAlive) return listener.onSilent()
    worker?.terminate()
    worker = null
    isAlive = false
    if (asked) send(asked.file, asked.tries)
  }

  function send(file: QuiltFile, tries: number) {
    job += 1
    newest = file
    asked = { file, at: performance.now(), tries }
    try {
      worker ??= start()
      worker.postMessage({ kind: 'plan', job, file } satisfies ToPlanWorker)
    } catch {
      // the browser makes no worker
      return listener.onSilent()
    }
    clearTimeout(silence)
    silence = setTimeout(onSilence, SILENCE_MS)
  }

  return {
    ask(file) {
      if (asked && performance.now() - asked.at > PATIENCE_MS) {
        worker?.terminate()
        worker = null
      }
      send(file, 1)
    },
    askWays(unit) {
      worker?.postMessage({ kind: 'ways', job, unit } satisfies ToPlanWorker)
    },
    askBatches() {
      worker?.postMessage({ kind: 'batches', job } satisfies ToPlanWorker)
    },
    askScraps() {
      worker?.postMessage({ kind: 'scraps', job } satisfies ToPlanWorker)
    },
    giveUp() {
      clearTimeout(silence)
      worker?.terminate()
      worker = null
      asked = null
      job += 1
    },
    stop() {
      clearTimeout(silence)
      worker?.terminate()
      worker = null
      asked = null
    },
  }
}
