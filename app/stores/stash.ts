import type { Stash } from '~~/core/stash/stashCloth'
import type { StashEdit } from '~~/core/stash/stashEdits'
import { editStash, loadStash, onStashChanged } from '~/keeping/stashKeeper'

/** The cloth of this browser over all its quilts. */
export const useStash = defineStore('stash', () => {
  const cloths = shallowRef<Stash>([])
  const isLoaded = ref(false)
  /** Entries that cannot be read: they are left as they are. */
  const spoilt = ref(0)
  /** The browser refuses: what is done lasts as long as the page. */
  const isRefused = ref(false)

  async function load() {
    try {
      const kept = await loadStash()
      cloths.value = kept.cloths
      spoilt.value = kept.spoilt
    } catch {
      isRefused.value = true
    }
    isLoaded.value = true
  }
  /** Gives whether it is kept. */
  async function apply(edit: StashEdit): Promise<boolean> {
    try {
      cloths.value = await editStash(edit)
      isRefused.value = false
    } catch {
      cloths.value = edit(cloths.value)
      isRefused.value = true
    }
    return !isRefused.value
  }
  if (import.meta.client) onStashChanged(() => void load())

  return { cloths, isLoaded, spoilt, isRefused, load, apply }
})
