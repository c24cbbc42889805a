import { dimensionsOf } from '~~/core/top/dimensions'
import type { Edit } from '~~/core/edits/edit'
import { tick as tickEdit } from '~~/core/edits/record'
import type { DoneKind } from '~~/core/cut/progress'
import type { PlannedBatch } from '~~/core/plan/batches/plannedBatches'
import type { ToBuy } from '~~/core/plan/chosenWays'
import type { Problem } from '~~/core/file/problem'
import type { ScrappyBinding } from '~~/core/plan/scrappyBinding'
import { readQuilt } from '~~/core/file/readQuilt'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'
import { holdLease, type Lease } from '~/keeping/lease'
import { withState, type Bookmark, type KeptQuilt } from '~/keeping/keptQuilt'
import { loadForms } from '~/keeping/keptForms'
import { leaveBehind, takeUp, type LeftBehind } from '~/keeping/leftBehind'
import { keep, keepVersion, loadKept, Overtaken } from '~/keeping/quiltKeeper'
import { createPlanClient, type PlanClient } from '~/workers/planClient'
import type { Workbook } from '~/workers/planMessages'

/** How the opening of a quilt ended. */
export type Opening = 'open' | 'missing' | 'unreadable' | 'storage-refused'

interface Undoable {
  name: string
  file: QuiltFile
}

const SAVE_AFTER_MS = 200
/** A plan that takes longer is said to be on its way. */
const LATE_MS = 5000
/** A write that has not come back by then is said to be slow. */
const SLOW_MS = 2000
/** However fast edits follow each other, one of them is written after this. */
const SAVE_WITHIN_MS = 600
const PLAN_AFTER_MS = 60
const PLAN_WITHIN_MS = 400

/** The quilt being worked on: the file as written, read; its plan, made in a worker; undo; keeping. */
export const useQuilt = defineStore('quilt', () => {
  const kept = shallowRef<KeptQuilt | null>(null)
  const file = shallowRef<QuiltFile | null>(null)
  const quilt = shallowRef<Quilt | null>(null)
  const workbook = shallowRef<Workbook | null>(null)
  /** For units whose ways were looked at: cloth to buy in this quilt by each of them. */
  const buysByWay = shallowRef<ReadonlyMap<string, readonly (ToBuy | null)[]>>(new Map())
  /** The sewing in batches with the workbook that it is of, once it was asked for; those before until newer come. */
  const batched = shallowRef<{ batches: PlannedBatch[]; workbook: Workbook } | null>(null)
  /** A binding from what the plan on show leaves, once it was asked for. */
  const scraps = shallowRef<ScrappyBinding | 'none' | null>(null)
  /** The plan on show is of an older file; the newer one is on its way. */
  const isPlanning = ref(false)
  /** How far the plan is, in parts of one, once it takes long enough to be said; null before. */
  const planningPart = ref<number | null>(null)
  let reached = 0
  let lateTimer: ReturnType<typeof setTimeout> | undefined
  watch(isPlanning, now => {
    clearTimeout(lateTimer)
    planningPart.value = null
    reached = 0
    if (now) lateTimer = setTimeout(() => (planningPart.value = reached), LATE_MS)
  })
  const planned = shallowRef<Quilt | null>(null)
  /** What a file shown lately was read as. */
  const readings = new WeakMap<QuiltFile, Quilt>()
  const past = shallowRef<Undoable[]>([])
  const future = shallowRef<Undoable[]>([])
  /** What keeping has run into: storage refuses, is slow; another tab went on with the quilt while this one slept. */
  const keeping = ref<null | 'not-kept' | 'slow' | 'overtaken'>(null)
  const trouble = ref<null | 'planner-restarted' | 'planner-failed' | 'planner-silent' | 'planner-stopped'>(null)
  const lease = shallowRef<Lease | null>(null)
  /** Where the person is, for tomorrow. */
  const bookmark = shallowRef<Bookmark | undefined>()
  let writing: Promise<void> = Promise.resolve()
  let client: PlanClient | null = null
  let lastCloths: { written: QuiltFile['cloths']; read: Quilt['cloths'] } | null = null

  const dimensions = computed(() => quilt.value && dimensionsOf(quilt.value))
  const plan = computed(() => workbook.value?.plan ?? null)
  /**
   * The quilt that the plan on show is of, with what was done and measured since: what shows the plan looks up its
   * cloths and blocks here, the newer file may have lost them.
   */
  const plannedQuilt = computed(() => {
    if (!quilt.value || !planned.value) return quilt.value
    return { ...planned.value, done: quilt.value.done, made: quilt.value.made }
  })
  /** Whether the newest state is in storage. */
  const isKept = computed(
    () => kept.value !== null && kept.value.file === file.value && kept.value.bookmark === bookmark.value,
  )
  /** This tab has the quilt now, and is reading what the tab before it kept. */
  const isCatchingUp = ref(false)
  let looksOn = false
  const isMine = computed(() => lease.value?.isMine.value ?? false)
  /** While other tabs are asked, work may begin; it is written once the quilt is known to be this tab's. */
  const canWrite = computed(() => !isCatchingUp.value && (isMine.value || (lease.value?.isAsking.value ?? false)))
  /** Removed from the shelf in another tab. */
  const isGone = computed(() => lease.value?.isGone.value ?? false)
  const blockNames = computed(() => new Map(quilt.value?.blocks.map(block => [block.id, block.name])))
  const clothNames = computed(() => new Map(quilt.value?.cloths.map(cloth => [cloth.id, cloth.name])))

  const askPlan = useDebounceFn(
    () => {
      if (file.value) client?.ask(file.value)
    },
    PLAN_AFTER_MS,
    { maxWait: PLAN_WITHIN_MS },
  )
  const save = useDebounceFn(saveNow, SAVE_AFTER_MS, { maxWait: SAVE_WITHIN_MS })

  /** Opens a kept quilt, or says that there is none, that it can no longer be read, or that storage cannot. */
  async function open(id: string): Promise<Opening> {
    await close()
    const [found] = await Promise.all([loadKept(id).catch(() => 'refused' as const), loadForms(id)])
    if (found === 'refused') return 'storage-refused'
    if (!found) return 'missing'
    if (!show(found.file)) return 'unreadable'
    kept.value = found
    bookmark.value = found.bookmark
    takeUpWhatWasLeft(takeUp(id), found)
    lease.value = holdLease(id, writeBeforeHandingOver)
    client = createPlanClient(
      {
        onProgress(part) {
          reached = part
          if (planningPart.value !== null) planningPart.value = part
        },
        onDone(result, of) {
          planned.value = readings.get(of) ?? null
          workbook.value = markRaw(result)
          buysByWay.value = new Map()
          isPlanning.value = false
          if (trouble.value !== 'planner-restarted') trouble.value = null
        },
        onFailed() {
          isPlanning.value = false
          trouble.value = 'planner-failed'
        },
        onWays(unit, buys) {
          buysByWay.value = new Map([...buysByWay.value, [unit, buys]])
        },
        onBatches(found) {
          batched.value = { batches: found, workbook: workbook.value! }
        },
        onScraps(found) {
          scraps.value = found ?? 'none'
        },
        onRestart() {
          trouble.value = 'planner-restarted'
        },
        onSilent() {
          trouble.value = 'planner-silent'
        },
      },
      () => new Worker(new URL('../workers/planWorker.ts', import.meta.url), { type: 'module' }),
    )
    isPlanning.value = true
    client.ask(file.value!)
    // what was left behind is kept by whoever owns the quilt
    looksOn = false
    void lease.value.ready.then(() => {
      looksOn = !isMine.value
      if (!isKept.value) void save()
    })
    return 'open'
  }

  /** What an earlier page could no longer write: it goes on from there, or is a version where others went on since. */
  function takeUpWhatWasLeft(left: LeftBehind | null, newest: KeptQuilt) {
    if (!left) return
    if (left.after === newest.savedAt) {
      if (show(left.file)) bookmark.value = left.bookmark
    } else void keepAsVersion(newest.id, left.file)
  }

  /** Another tab takes over: what is not in storage yet goes there first, though this tab may change nothing more. */
  async function writeBeforeHandingOver() {
    await writing
    await write(false, true)
  }

  async function close() {
    await saveNow()
    isPlanning.value = false
    client?.stop()
    client = null
    lease.value?.release()
    lease.value = null
    kept.value = file.value = quilt.value = workbook.value = planned.value = batched.value = null
    past.value = []
    future.value = []
    trouble.value = keeping.value = null
    useSettings().quiltUnits = null
  }

  /**
   * Cloths that the change did not touch stay the same objects, so that all that shows cloth need not be drawn again.
   */
  function sharing(next: QuiltFile, read: Quilt): Quilt {
    if (lastCloths?.written === next.cloths) return markRaw({ ...read, cloths: lastCloths.read })
    lastCloths = { written: next.cloths, read: read.cloths }
    return markRaw(read)
  }

  /** Reads a file and shows it; says no, and changes nothing, when it cannot be read. */
  function show(next: QuiltFile): boolean {
    const read = readQuilt(next)
    if (!read.ok) return false
    take(next, read.value)
    return true
  }

  function take(next: QuiltFile, read: Quilt) {
    quilt.value = sharing(next, read)
    file.value = markRaw(next)
    readings.set(next, quilt.value)
    useSettings().quiltUnits = read.units
  }

  /**
   * One step of work, one undo. Gives the problems when the changed quilt could not be read; nothing has changed
   * then.
   */
  function apply(name: string, edit: Edit): Problem[] {
    if (!file.value || !canWrite.value) return []
    const before = file.value
    const next = edit(before)
    const read = readQuilt(next)
    if (!read.ok) return read.problems
    past.value = [...past.value.slice(-199), { name, file: before }]
    future.value = []
    take(next, read.value)
    settle()
    return []
  }

  /** While a value is dragged or typed: drawn at once, no undo, not kept. `null` goes back to the file. */
  function preview(edit: Edit | null) {
    if (!file.value) return
    const next = edit ? edit(file.value) : file.value
    const read = readQuilt(next)
    if (read.ok) quilt.value = sharing(next, read.value)
  }

  /** The file has changed: it is planned and kept anew. */
  function settle() {
    isPlanning.value = true
    void askPlan()
    void save()
  }

  function undo() {
    const last = past.value.at(-1)
    if (!last || !file.value || !canWrite.value) return
    future.value = [...future.value, { name: last.name, file: file.value }]
    past.value = past.value.slice(0, -1)
    show(last.file)
    settle()
  }

  function redo() {
    const next = future.value.at(-1)
    if (!next || !file.value || !canWrite.value) return
    past.value = [...past.value, { name: next.name, file: file.value }]
    future.value = future.value.slice(0, -1)
    show(next.file)
    settle()
  }

  /** Writes go one after the other, each with the newest state: two at once could leave the older one in storage. */
  function saveNow(mark = false): Promise<void> {
    writing = writing.then(() => write(mark))
    return writing
  }

  async function write(mark: boolean, isHandingOver = false) {
    if (!kept.value || !file.value || (!isMine.value && !isHandingOver) || isGone.value || (isKept.value && !mark))
      return
    const marked: KeptQuilt = { ...kept.value, bookmark: bookmark.value }
    const next =
      mark || marked.file !== file.value
        ? withState(marked, toPlain(file.value), new Date().toISOString(), mark)
        : marked
    const late = setTimeout(() => (keeping.value = 'slow'), SLOW_MS)
    try {
      const stands = await keep(next)
      if (kept.value?.id === next.id) kept.value = { ...stands, file: next.file, bookmark: next.bookmark }
      if (keeping.value !== 'overtaken') keeping.value = null
    } catch (error) {
      if (error instanceof Overtaken) await giveWay(next)
      else keeping.value = 'not-kept'
    } finally {
      clearTimeout(late)
    }
  }

  /** Another tab wrote since: its work stays the newest, that of this tab becomes a version. */
  async function giveWay({ id, file: own }: KeptQuilt) {
    if (isGone.value) return
    keeping.value = 'overtaken'
    await keepAsVersion(id, own)
    await catchUp()
  }

  async function keepAsVersion(id: string, own: QuiltFile) {
    await keepVersion(id, { at: new Date().toISOString(), file: toPlain(own), isFromOtherTab: true }).catch(() => {
      // it is one step back in this tab all the same
      keeping.value = 'not-kept'
    })
  }

  /** What was said of keeping has been read. */
  function hush() {
    if (keeping.value === 'overtaken') keeping.value = null
  }

  /**
   * The page is about to go: what is not kept yet is left where the next opening finds it, and written if there is
   * time.
   */
  function leave() {
    if (kept.value && file.value && kept.value.file !== file.value)
      leaveBehind(kept.value.id, { after: kept.value.savedAt, file: toPlain(file.value), bookmark: bookmark.value })
    void saveNow()
  }

  /** Goes back to an earlier version; the state before it becomes a version itself. */
  async function restore(at: string) {
    const version = kept.value?.versions.find(candidate => candidate.at === at)
    if (!version) return
    await saveNow(true)
    apply('going back to an earlier version', () => version.file)
    await saveNow()
  }

  function setBookmark(next: Bookmark) {
    bookmark.value = next
    void save()
  }

  /**
   * Another tab had the quilt: when it has kept its work, that is read again and worked on here. Work of this tab
   * that storage never took is one step back, not lost. A quilt that was removed is put back as it is here.
   */
  async function takeOver() {
    await lease.value?.takeOver()
  }

  // a tab that looked on shows what was there when it was opened: before it may change anything it reads what was
  // kept since
  watch(
    isMine,
    mine => {
      if (mine && looksOn) void catchUp()
      looksOn = !mine && lease.value !== null
    },
    { flush: 'sync' },
  )

  async function catchUp() {
    if (!kept.value) return
    const { id } = kept.value
    isCatchingUp.value = true
    const newest = await loadKept(id).catch(() => null)
    isCatchingUp.value = false
    if (kept.value?.id !== id) return
    const own = isKept.value ? null : file.value
    if (newest && show(newest.file)) {
      kept.value = newest
      bookmark.value = newest.bookmark
      past.value = own ? [...past.value, { name: 'work of the other tab', file: own }] : []
      future.value = []
      takeUpWhatWasLeft(takeUp(id), newest)
    } else kept.value = { ...kept.value, revision: 0, file: { ...kept.value.file } }
    isPlanning.value = true
    void askPlan()
    void save()
  }

  /** Gives up a plan that takes too long: the numbers on show stay those before it. */
  function stopPlanning() {
    client?.giveUp()
    isPlanning.value = false
    trouble.value = 'planner-stopped'
  }
  function planAgain() {
    trouble.value = null
    isPlanning.value = true
    if (file.value) client?.ask(file.value)
  }

  function askBatches() {
    client?.askBatches()
  }
  function askScraps() {
    scraps.value = null
    client?.askScraps()
  }
  function askWays(unit: string) {
    client?.askWays(unit)
  }

  function tick(what: DoneKind, id: string, count: number, name: string) {
    return apply(name, tickEdit(what, id, count, new Date().toISOString()))
  }

  return {
    buysByWay,
    askWays,
    batched,
    askBatches,
    scraps,
    askScraps,
    isGone,
    kept,
    bookmark,
    file,
    quilt,
    workbook,
    plan,
    plannedQuilt,
    dimensions,
    blockNames,
    clothNames,
    isPlanning,
    planningPart,
    stopPlanning,
    planAgain,
    isKept,
    past,
    future,
    trouble,
    keeping,
    hush,
    canWrite,
    lease,
    open,
    close,
    apply,
    preview,
    undo,
    redo,
    saveNow,
    leave,
    restore,
    setBookmark,
    takeOver,
    tick,
  }
})

/** Storage clones what it keeps; what is reactive cannot be cloned. */
function toPlain(file: QuiltFile): QuiltFile {
  return toRaw(file)
}
