import { dimensionsOf } from '~~/core/top/dimensions'
import type { Edit } from '~~/core/edits/edit'
import type { Problem } from '~~/core/file/problem'
import { readQuilt } from '~~/core/file/readQuilt'
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltFile } from '~~/core/file/schema'

interface Undoable {
  name: string
  file: QuiltFile
}

/** More steps back than this nobody goes. */
const MAX_UNDOS = 200

/** The file as it is written, read; what was done to it, step by step. Knows nothing of storage or plans. */
export class QuiltDocument {
  readonly file = shallowRef<QuiltFile | null>(null)
  readonly quilt = shallowRef<Quilt | null>(null)
  readonly past = shallowRef<Undoable[]>([])
  readonly future = shallowRef<Undoable[]>([])
  readonly dimensions = computed(() => this.quilt.value && dimensionsOf(this.quilt.value))
  readonly blockNames = computed(() => new Map(this.quilt.value?.blocks.map(block => [block.id, block.name])))
  readonly clothNames = computed(() => new Map(this.quilt.value?.cloths.map(cloth => [cloth.id, cloth.name])))
  /** What a file shown lately was read as. */
  readonly #readings = new WeakMap<QuiltFile, Quilt>()
  #lastCloths: (Pick<QuiltFile, 'cloths' | 'tray'> & { read: Quilt['cloths'] }) | null = null
  readonly #canWrite: () => boolean
  readonly #onChange: () => void

  /** @param onChange the file has changed by work here. */
  constructor(canWrite: () => boolean, onChange: () => void) {
    this.#canWrite = canWrite
    this.#onChange = onChange
  }

  /**
   * One step of work, one undo. Gives the problems when the changed quilt could not be read; nothing has changed
   * then.
   */
  apply = (name: string, edit: Edit): Problem[] => {
    const before = this.file.value
    if (!before || !this.#canWrite()) return []
    const next = edit(before)
    const read = readQuilt(next)
    if (!read.ok) return read.problems
    this.past.value = [...this.past.value.slice(1 - MAX_UNDOS), { name, file: before }]
    this.future.value = []
    this.#take(next, read.value)
    this.#onChange()
    return []
  }

  /** While a value is dragged or typed: drawn at once, no undo, not kept. `null` goes back to the file. */
  preview = (edit: Edit | null) => {
    if (!this.file.value) return
    const next = edit ? edit(this.file.value) : this.file.value
    const read = readQuilt(next)
    if (read.ok) this.quilt.value = this.#sharing(next, read.value)
  }

  undo = () => this.#walk(this.past, this.future)

  redo = () => this.#walk(this.future, this.past)

  /** The state that a walk leaves is the next to come back to. */
  #walk(from: typeof this.past, to: typeof this.past) {
    const step = from.value.at(-1)
    if (!step || !this.file.value || !this.#canWrite()) return
    to.value = [...to.value, { name: step.name, file: this.file.value }]
    from.value = from.value.slice(0, -1)
    this.show(step.file)
    this.#onChange()
  }

  /** Reads a file and shows it; says no, and changes nothing, when it cannot be read. */
  show(next: QuiltFile): boolean {
    const read = readQuilt(next)
    if (!read.ok) return false
    this.#take(next, read.value)
    return true
  }

  /** What this file was read as when it was shown. */
  readingOf(file: QuiltFile): Quilt | null {
    return this.#readings.get(file) ?? null
  }

  /** The way back and forth of another day, or of another tab. */
  takeSteps({ past, future }: { past: readonly Undoable[]; future: readonly Undoable[] }) {
    const raw = (steps: readonly Undoable[]) => steps.map(({ name, file }) => ({ name, file: markRaw(file) }))
    this.past.value = raw(past)
    this.future.value = raw(future)
  }

  /** One step back from what is shown leads to this file. */
  stepFrom(name: string, file: QuiltFile) {
    this.past.value = [...this.past.value, { name, file }]
    this.future.value = []
  }

  clear() {
    this.file.value = this.quilt.value = null
    this.takeSteps({ past: [], future: [] })
    useSettings().quiltUnits = null
  }

  #take(next: QuiltFile, read: Quilt) {
    this.quilt.value = this.#sharing(next, read)
    this.file.value = markRaw(next)
    this.#readings.set(next, this.quilt.value)
    useSettings().quiltUnits = read.units
  }

  /**
   * Cloths that the change did not touch stay the same objects, so that all that shows cloth need not be drawn again.
   */
  #sharing(next: QuiltFile, read: Quilt): Quilt {
    const last = this.#lastCloths
    // sewn blocks stand among the cloths
    if (last && last.cloths === next.cloths && last.tray === next.tray) return markRaw({ ...read, cloths: last.read })
    this.#lastCloths = { cloths: next.cloths, tray: next.tray, read: read.cloths }
    return markRaw(read)
  }
}
