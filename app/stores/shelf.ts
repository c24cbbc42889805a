import type { QuiltFile } from '~~/core/file/schema'
import { sayGone } from '~/keeping/lease'
import { keep, keptIds, loadKept, newId } from '~/keeping/quiltKeeper'
import type { KeptQuilt } from '~/keeping/keptQuilt'
import { takeOut, toPutBack, type RemovedQuilt } from '~/keeping/removedQuilt'

/** All quilts of this browser. */
export const useShelf = defineStore('shelf', () => {
  const quilts = shallowRef<KeptQuilt[]>([])
  const isLoaded = ref(false)
  /** Records that cannot be read: they are left as they are, and hide nothing else. */
  const spoilt = ref(0)
  /** What the browser refuses; the shelf works from memory then, as long as the page is open. */
  const trouble = ref<null | 'cannot-read' | 'not-kept'>(null)

  async function load() {
    const found = await loadAll()
    quilts.value = found.quilts
    spoilt.value = found.spoilt
    if (!found.isReadable) trouble.value = 'cannot-read'
    isLoaded.value = true
  }

  async function hold(quilt: KeptQuilt, steps?: RemovedQuilt['steps']) {
    let held = quilt
    try {
      held = await keep(quilt, steps)
      if (trouble.value === 'not-kept') trouble.value = null
    } catch {
      trouble.value ??= 'not-kept'
    }
    quilts.value = [held, ...quilts.value.filter(other => other.id !== quilt.id)]
  }

  /** Puts a quilt on the shelf and gives its id. */
  async function add(file: QuiltFile): Promise<string> {
    const quilt = freshQuilt(file)
    await hold(quilt)
    return quilt.id
  }

  /**
   * Takes a quilt off the shelf, and tells a tab that has it open. Gives it as it was last kept; null when it would
   * not go.
   */
  async function remove(id: string): Promise<RemovedQuilt | null> {
    let gone: RemovedQuilt | null
    try {
      gone = await takeOut(id, quilts.value.find(candidate => candidate.id === id) ?? null)
    } catch {
      trouble.value ??= 'not-kept'
      return null
    }
    sayGone(id)
    quilts.value = quilts.value.filter(candidate => candidate.id !== id)
    return gone
  }

  /** Puts a removed quilt back, unless a newer state of it is there already. */
  async function putBack(removed: RemovedQuilt) {
    const quilt = await toPutBack(removed)
    if (quilt) await hold(quilt, removed.steps)
    await load()
  }

  /** The demo quilts, once for each browser that starts with an empty shelf. */
  async function addDemo() {
    const { DEMO_QUILTS } = await import('~~/demo')
    for (const file of [...DEMO_QUILTS].reverse()) await add(file)
  }

  return { quilts, isLoaded, spoilt, trouble, load, add, remove, putBack, addDemo }
})

function freshQuilt(file: QuiltFile): KeptQuilt {
  return { kept: 1, id: newId(), revision: 0, file, savedAt: new Date().toISOString(), versions: [] }
}

/** What is kept, the newest first, and how many records cannot be read. */
async function loadAll() {
  const { ids, isReadable } = await keptIds()
  const all = await Promise.all(ids.map(id => loadKept(id).catch(() => null)))
  const quilts = all.filter(quilt => quilt !== null).sort((a, b) => b.savedAt.localeCompare(a.savedAt))
  return { quilts, isReadable, spoilt: isReadable ? all.length - quilts.length : 0 }
}
