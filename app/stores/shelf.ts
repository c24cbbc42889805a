import { readQuilt } from '~~/core/quilt/readQuilt'
import type { QuiltFile } from '~~/core/quilt/schema'
import { keep, keptIds, loadKept, newId, removeKept } from '~/keeping/quiltKeeper'
import type { KeptQuilt } from '~/keeping/keptQuilt'

/** All quilts of this browser. */
export const useShelf = defineStore('shelf', () => {
  const quilts = shallowRef<KeptQuilt[]>([])
  const isLoaded = ref(false)
  const trouble = ref<null | 'cannot-read' | 'not-kept'>(null)

  async function load() {
    try {
      const all = await Promise.all((await keptIds()).map(loadKept))
      quilts.value = all.filter(quilt => quilt !== null).sort((a, b) => b.savedAt.localeCompare(a.savedAt))
    }
    catch {
      trouble.value = 'cannot-read'
    }
    isLoaded.value = true
  }

  /** Puts a quilt on the shelf and gives its id; null when the browser would not keep it. */
  async function add(file: QuiltFile): Promise<string | null> {
    const quilt: KeptQuilt = { kept: 1, id: newId(), file, savedAt: new Date().toISOString(), versions: [] }
    try {
      await keep(quilt)
    }
    catch {
      trouble.value = 'not-kept'
      return null
    }
    quilts.value = [quilt, ...quilts.value]
    return quilt.id
  }

  async function remove(id: string): Promise<KeptQuilt | null> {
    const quilt = quilts.value.find(candidate => candidate.id === id) ?? null
    await removeKept(id)
    quilts.value = quilts.value.filter(candidate => candidate.id !== id)
    return quilt
  }

  async function putBack(quilt: KeptQuilt) {
    await keep(quilt)
    await load()
  }

  /** The demo quilts, once for each browser that starts with an empty shelf. */
  async function addDemo() {
    const { DEMO_QUILTS } = await import('~~/demo')
    for (const file of [...DEMO_QUILTS].reverse()) if (readQuilt(file).ok) await add(file)
  }

  return { quilts, isLoaded, trouble, load, add, remove, putBack, addDemo }
})
