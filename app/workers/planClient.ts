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
  return new WorkerClient(listener, startWorker)
}

class WorkerClient implements PlanClient {
  private worker: Worker | null = null
  private job = 0
  /** The file of the newest question, answered or not. */
  private newest!: QuiltFile
  private asked: { file: QuiltFile; at: number; tries: number } | null = null
  private silence: ReturnType<typeof setTimeout> | undefined
  /** The worker on hand has answered before: it is alive, and busy when it says nothing. */
  private isAlive = false

  constructor(
    private readonly listener: Listener,
    private readonly startWorker: () => Worker,
  ) {}

  ask(file: QuiltFile): void {
    if (this.asked && performance.now() - this.asked.at > PATIENCE_MS) this.putAside()
    this.send(file, 1)
  }

  askWays(unit: string): void {
    this.post({ kind: 'ways', job: this.job, unit })
  }

  askBatches(): void {
    this.post({ kind: 'batches', job: this.job })
  }

  askScraps(): void {
    this.post({ kind: 'scraps', job: this.job })
  }

  giveUp(): void {
    this.stop()
    this.job += 1
  }

  stop(): void {
    clearTimeout(this.silence)
    this.putAside()
    this.asked = null
  }

  private post(message: ToPlanWorker): void {
    this.worker?.postMessage(message)
  }

  private putAside(): void {
    this.worker?.terminate()
    this.worker = null
  }

  private start(): Worker {
    const fresh = this.startWorker()
    /** What this worker made last, whether or not anybody still wanted it: it only tells what has changed since. */
    let book: unknown
    fresh.addEventListener('message', ({ data }: MessageEvent<FromPlanWorker>) => {
      this.isAlive = true
      if (data.kind === 'done') book = changed(book, data.change)
      if (data.job === this.job) clearTimeout(this.silence)
      if (data.kind !== 'hello' && data.job === this.job) this.hear(data, book)
    })
    fresh.addEventListener('error', event => {
      event.preventDefault()
      this.restart()
    })
    return fresh
  }

  /** An answer to the newest question. `book`: the plan that the worker made last. */
  private hear(data: Exclude<FromPlanWorker, { kind: 'hello' }>, book: unknown): void {
    if (data.kind === 'progress') return this.listener.onProgress(data.part)
    if (data.kind === 'ways') return this.listener.onWays(data.unit, data.buys)
    if (data.kind === 'batches') return this.listener.onBatches(data.batches)
    if (data.kind === 'scraps') return this.listener.onScraps(data.found)
    this.asked = null
    if (data.kind === 'done') this.listener.onDone(fromWire(book as WireBook), this.newest)
    else this.listener.onFailed(data.message)
  }

  private restart(): void {
    this.putAside()
    const last = this.asked
    if (!last) return
    if (last.tries > 1) {
      this.asked = null
      return this.listener.onFailed('the planner stopped twice over this quilt')
    }
    this.listener.onRestart()
    this.send(last.file, last.tries + 1)
  }

  /**
   * A worker that is busy with an older question is put aside for the newest; one that never spoke is a trouble to be
   * told.
   */
  private onSilence(): void {
    if (!this.isAlive) return this.listener.onSilent()
    this.putAside()
    this.isAlive = false
    if (this.asked) this.send(this.asked.file, this.asked.tries)
  }

  private send(file: QuiltFile, tries: number): void {
    this.job += 1
    this.newest = file
    this.asked = { file, at: performance.now(), tries }
    try {
      this.worker ??= this.start()
      this.worker.postMessage({ kind: 'plan', job: this.job, file } satisfies ToPlanWorker)
    } catch {
      // the browser makes no worker
      return this.listener.onSilent()
    }
    clearTimeout(this.silence)
    this.silence = setTimeout(() => this.onSilence(), SILENCE_MS)
  }
}
