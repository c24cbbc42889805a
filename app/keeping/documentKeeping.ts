import type { QuiltFile } from '~~/core/file/schema'
import type { QuiltDocument } from '~/document/quiltDocument'
import { loadForms } from './keptForms'
import { withState, type Bookmark, type KeptQuilt } from './keptQuilt'
import { holdLease, type Lease } from './lease'
import { loadSteps } from './keptSteps'
import { stash, restore } from './leftBehind'
import { keep, keepVersion, loadKept, Overtaken } from './quiltKeeper'

/** How the opening of a quilt ended. */
export type Opening = 'open' | 'missing' | 'unreadable' | 'storage-refused'

const SAVE_AFTER_MS = 200
/** However fast edits follow each other, one of them is written after this. */
const SAVE_WITHIN_MS = 600
/** A write that has not come back by then is said to be slow. */
const SLOW_MS = 2000

type WayBack = Record<'past' | 'future', QuiltDocument['past']['value']>

/** The document in storage: who may write it, what is written already, earlier versions, the other tabs. */
export class DocumentKeeping {
  readonly kept = shallowRef<KeptQuilt | null>(null)
  /** Where the person is, for tomorrow. */
  readonly bookmark = shallowRef<Bookmark | undefined>()
  readonly lease = shallowRef<Lease | null>(null)
  /** What keeping has run into: storage refuses, is slow; another tab went on with the quilt while this one slept. */
  readonly keeping = ref<null | 'not-kept' | 'slow' | 'overtaken'>(null)
  /** Whether the newest state is in storage, with the way back and forth from it. */
  readonly isKept = computed(
    () =>
      this.kept.value !== null
      && this.kept.value.file === this.#document.file.value
      && this.kept.value.bookmark === this.bookmark.value
      && this.#keptWay.value.past === this.#document.past.value
      && this.#keptWay.value.future === this.#document.future.value,
  )
  /** While other tabs are asked, work may begin; it is written once the quilt is known to be this tab's. */
  readonly canWrite = computed(
    () => !this.#isCatchingUp.value && (this.#isMine.value || (this.lease.value?.isAsking.value ?? false)),
  )
  /** Removed from the shelf in another tab. */
  readonly isGone = computed(() => this.lease.value?.isGone.value ?? false)
  readonly #isMine = computed(() => this.lease.value?.isMine.value ?? false)
  /** This tab has the quilt now, and is reading what the tab before it kept. */
  readonly #isCatchingUp = ref(false)
  /** The steps in storage: work that was undone leaves the file as it was, and a step to do again. */
  readonly #keptWay = shallowRef<WayBack>({ past: [], future: [] })
  readonly #document: QuiltDocument
  readonly #onOther: () => void
  #looksOn = false
  #writing: Promise<void> = Promise.resolve()

  /** @param onOther what another tab kept is shown now. */
  constructor(document: QuiltDocument, onOther: () => void) {
    this.#document = document
    this.#onOther = onOther
    // a tab that looked on shows what was there when it was opened: before it may change anything it reads what was
    // kept since
    watch(
      this.#isMine,
      mine => {
        if (mine && this.#looksOn) void this.#catchUp()
        this.#looksOn = !mine && this.lease.value !== null
      },
      { flush: 'sync' },
    )
  }

  /** Shows a kept quilt, or says that there is none, that it can no longer be read, or that storage cannot. */
  async load(id: string): Promise<Opening> {
    const [found] = await Promise.all([loadKept(id).catch(() => 'refused' as const), loadForms(id)])
    if (found === 'refused') return 'storage-refused'
    if (!found) return 'missing'
    if (!this.#document.show(found.file)) return 'unreadable'
    this.#takeWay(await loadSteps(id, found.revision))
    this.kept.value = found
    this.bookmark.value = found.bookmark
    this.#takeUpWhatWasLeft(found)
    this.lease.value = holdLease(id, () => this.#writeBeforeHandingOver())
    return 'open'
  }

  /** What was left behind is kept by whoever owns the quilt. */
  startKeeping() {
    this.#looksOn = false
    void this.lease.value?.ready.then(() => {
      this.#looksOn = !this.#isMine.value
      if (!this.isKept.value) void this.saveSoon()
    })
  }

  endKeeping() {
    this.lease.value?.release()
    this.lease.value = this.kept.value = this.keeping.value = null
  }

  saveSoon = useDebounceFn(() => this.saveNow(), SAVE_AFTER_MS, { maxWait: SAVE_WITHIN_MS })

  /** Writes go one after the other, each with the newest state: two at once could leave the older one in storage. */
  saveNow = (mark = false): Promise<void> => {
    this.#writing = this.#writing.then(() => this.#write(mark))
    return this.#writing
  }

  setBookmark = (next: Bookmark) => {
    this.bookmark.value = next
    void this.saveSoon()
  }

  /** What was said of keeping has been read. */
  hush = () => {
    if (this.keeping.value === 'overtaken') this.keeping.value = null
  }

  /**
   * The page is about to go: what is not kept yet is left where the next opening finds it, and written if there is
   * time.
   */
  leave = () => {
    const [kept, file] = [this.kept.value, this.#document.file.value]
    if (kept && file && kept.file !== file)
      stash(kept.id, { after: kept.savedAt, file: toRaw(file), bookmark: this.bookmark.value })
    void this.saveNow()
  }

  /** Goes back to an earlier version; the state before it becomes a version itself. */
  restore = async (at: string) => {
    const version = this.kept.value?.versions.find(candidate => candidate.at === at)
    if (!version) return
    await this.saveNow(true)
    this.#document.apply('going back to an earlier version', () => version.file)
    await this.saveNow()
  }

  /**
   * Another tab had the quilt: when it has kept its work, that is read again and worked on here. Work of this tab
   * that storage never took is one step back, not lost. A quilt that was removed is put back as it is here.
   */
  takeOver = async () => {
    await this.lease.value?.takeOver()
  }

  /** Another tab takes over: what is not in storage yet goes there first, though this tab may change nothing more. */
  async #writeBeforeHandingOver() {
    await this.#writing
    await this.#write(false, true)
  }

  async #write(mark: boolean, isHandingOver = false) {
    const [kept, file] = [this.kept.value, this.#document.file.value]
    if (!kept || !file || this.isGone.value) return
    if ((!this.#isMine.value && !isHandingOver) || (this.isKept.value && !mark)) return
    const marked: KeptQuilt = { ...kept, bookmark: this.bookmark.value }
    const isChanged = mark || marked.file !== file
    // storage clones what it keeps; what is reactive cannot be cloned
    const next = isChanged ? withState(marked, toRaw(file), new Date().toISOString(), mark) : marked
    const late = setTimeout(() => (this.keeping.value = 'slow'), SLOW_MS)
    const way = this.#way()
    try {
      const stands = await keep(next, way)
      if (this.kept.value?.id === next.id) {
        this.kept.value = { ...stands, file: next.file, bookmark: next.bookmark }
        this.#keptWay.value = way
      }
      if (this.keeping.value !== 'overtaken') this.keeping.value = null
    } catch (error) {
      if (error instanceof Overtaken) await this.#giveWay(next)
      else this.keeping.value = 'not-kept'
    } finally {
      clearTimeout(late)
    }
  }

  #way(): WayBack {
    return { past: this.#document.past.value, future: this.#document.future.value }
  }

  /** Steps from storage. */
  #takeWay(steps: Parameters<QuiltDocument['takeSteps']>[0]) {
    this.#document.takeSteps(steps)
    this.#keptWay.value = this.#way()
  }

  /** Another tab wrote since: its work stays the newest, that of this tab becomes a version. */
  async #giveWay({ id, file }: KeptQuilt) {
    if (this.isGone.value) return
    this.keeping.value = 'overtaken'
    await this.#keepAsVersion(id, file)
    await this.#catchUp()
    // the step back is a version too: for its sake nothing is written over what the other tab may be going on with
    this.#keptWay.value = this.#way()
  }

  async #keepAsVersion(id: string, file: QuiltFile) {
    await keepVersion(id, { at: new Date().toISOString(), file: toRaw(file), isFromOtherTab: true }).catch(() => {
      // it is one step back in this tab all the same
      this.keeping.value = 'not-kept'
    })
  }

  /** What an earlier page could no longer write: it goes on from there, or is a version where others went on since. */
  #takeUpWhatWasLeft(newest: KeptQuilt) {
    const left = restore(newest.id)
    if (!left) return
    if (left.after === newest.savedAt) {
      if (!this.#document.show(left.file)) return
      this.bookmark.value = left.bookmark
      this.#document.stepFrom('the last work before the page was left', newest.file)
    } else void this.#keepAsVersion(newest.id, left.file)
  }

  /** Shows what was kept by another tab; work of this one that storage never took is one step back. */
  async #catchUp() {
    if (!this.kept.value) return
    const { id } = this.kept.value
    this.#isCatchingUp.value = true
    const newest = await loadKept(id).catch(() => null)
    const steps = await loadSteps(id, newest?.revision ?? 0)
    this.#isCatchingUp.value = false
    if (this.kept.value?.id !== id) return
    const own = this.isKept.value ? null : this.#document.file.value
    if (newest && this.#document.show(newest.file)) {
      this.kept.value = newest
      this.bookmark.value = newest.bookmark
      if (own) this.#document.stepFrom('work of the other tab', own)
      else this.#takeWay(steps)
      this.#takeUpWhatWasLeft(newest)
    } else this.kept.value = { ...this.kept.value, revision: 0, file: { ...this.kept.value.file } }
    this.#onOther()
    void this.saveSoon()
  }
}
