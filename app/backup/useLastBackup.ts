import { useStorage } from '@vueuse/core'
import { loadBackedUp } from '~/keeping/backedUp'

/** When the last backup was made; when each quilt was changed that has changed since. */
export function useLastBackup() {
  const shelf = useShelf()
  const at = useStorage<string | null>('wren-last-backup', null)
  const changed = ref<string[]>([])
  async function look() {
    const marks = await loadBackedUp().catch(() => null)
    const others = shelf.quilts.filter(({ id, revision }) => marks?.get(id)?.revision !== revision)
    changed.value = others.map(({ savedAt }) => savedAt)
  }
  watch(() => shelf.quilts, look, { immediate: true })
  return { at, changed, look }
}
