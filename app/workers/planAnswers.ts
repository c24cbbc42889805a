import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import type { ToBuy } from '~~/core/plan/chosenWays'
import type { ScrappyBinding } from '~~/core/plan/scrappyBinding'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltDocument } from '~/document/quiltDocument'
import { createPlanClient, type PlanClient } from './planClient'
import type { Workbook } from './planMessages'

/** A plan that takes longer is said to be on its way. */
const LATE_MS = 5000
const PLAN_AFTER_MS = 60
const PLAN_WITHIN_MS = 400

/** What the planner has answered last about the document, and how far it is with the next answer. */
export class PlanAnswers {
  readonly workbook = shallowRef<Workbook | null>(null)
  readonly plan = computed(() => this.workbook.value?.plan ?? null)
  /** For units whose ways were looked at: cloth to buy in this quilt by each of them. */
  readonly buysByWay = shallowRef<ReadonlyMap<string, readonly (ToBuy | null)[]>>(new Map())
  /** The sewing in batches with the workbook that it is of, once it was asked for; those before until newer come. */
  readonly batched = shallowRef<{ batches: PlannedBatch[]; workbook: Workbook } | null>(null)
  /** A binding from what the plan on show leaves, once it was asked for. */
  readonly scraps = shallowRef<ScrappyBinding | 'none' | null>(null)
  /** The plan on show is of an older file; the newer one is on its way. */
  readonly isPlanning = ref(false)
  /** How far the plan is, in parts of one, once it takes long enough to be said; null before. */
  readonly planningPart = ref<number | null>(null)
  readonly trouble = ref<null | 'planner-restarted' | 'planner-failed' | 'planner-silent' | 'planner-stopped'>(null)
  /**
   * The quilt that the plan on show is of, with what was done and measured since: what shows the plan looks up its
   * cloths and blocks here, the newer file may have lost them.
   */
  readonly plannedQuilt = computed(() => {
    const quilt = this.#document.quilt.value
    if (!quilt || !this.#planned.value) return quilt
    return { ...this.#planned.value, done: quilt.done, made: quilt.made }
  })
  readonly #planned = shallowRef<Quilt | null>(null)
  readonly #document: QuiltDocument
  #client: PlanClient | null = null
  #reached = 0
  #lateTimer: ReturnType<typeof setTimeout> | undefined

  constructor(document: QuiltDocument) {
    this.#document = document
    watch(this.isPlanning, now => {
      clearTimeout(this.#lateTimer)
      this.planningPart.value = null
      this.#reached = 0
      if (now) this.#lateTimer = setTimeout(() => (this.planningPart.value = this.#reached), LATE_MS)
    })
  }

  /** Plans the document, and from now on answers. */
  startPlanning() {
    this.#client = createPlanClient(
      this.#listener(),
      () => new Worker(new URL('./planWorker.ts', import.meta.url), { type: 'module' }),
    )
    this.isPlanning.value = true
    this.#ask()
  }

  /** The document has changed; while it goes on changing, not every state is planned. */
  planSoon() {
    this.isPlanning.value = true
    void this.#askSoon()
  }

  planAgain = () => {
    this.trouble.value = null
    this.isPlanning.value = true
    this.#ask()
  }

  /** Gives up a plan that takes too long: the numbers on show stay those before it. */
  stopPlanning = () => {
    this.#client?.giveUp()
    this.isPlanning.value = false
    this.trouble.value = 'planner-stopped'
  }

  /** No answers any more. */
  endPlanning() {
    this.isPlanning.value = false
    this.#client?.stop()
    this.#client = null
    this.workbook.value = this.#planned.value = this.batched.value = this.trouble.value = null
  }

  askBatches = () => this.#client?.askBatches()

  askScraps = () => {
    this.scraps.value = null
    this.#client?.askScraps()
  }

  askWays = (unit: string) => this.#client?.askWays(unit)

  #ask() {
    if (this.#document.file.value) this.#client?.ask(this.#document.file.value)
  }

  readonly #askSoon = useDebounceFn(() => this.#ask(), PLAN_AFTER_MS, { maxWait: PLAN_WITHIN_MS })

  #listener(): Parameters<typeof createPlanClient>[0] {
    return {
      onProgress: part => {
        this.#reached = part
        if (this.planningPart.value !== null) this.planningPart.value = part
      },
      onDone: (result, of) => {
        this.#planned.value = this.#document.readingOf(of)
        this.workbook.value = markRaw(result)
        this.buysByWay.value = new Map()
        this.isPlanning.value = false
        if (this.trouble.value !== 'planner-restarted') this.trouble.value = null
      },
      onFailed: () => {
        this.isPlanning.value = false
        this.trouble.value = 'planner-failed'
      },
      onWays: (unit, buys) => (this.buysByWay.value = new Map([...this.buysByWay.value, [unit, buys]])),
      onBatches: batches => (this.batched.value = { batches, workbook: this.workbook.value! }),
      onScraps: found => (this.scraps.value = found ?? 'none'),
      onRestart: () => (this.trouble.value = 'planner-restarted'),
      onSilent: () => (this.trouble.value = 'planner-silent'),
    }
  }
}
