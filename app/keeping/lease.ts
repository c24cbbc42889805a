/**
 * One tab at a time works on a quilt. The tab that holds the lease writes a beat into storage; a tab that finds another's fresh
 * beat only looks. Taking the lease over tells the other tab at once (BroadcastChannel, or the storage event without it).
 */
export interface Lease {
  isMine: Readonly<Ref<boolean>>
  takeOver: () => void
  release: () => void
}

const BEAT_MS = 2000
const STALE_MS = 3 * BEAT_MS

interface Beat { tab: string, at: number }

export function holdLease(quiltId: string, onLost: () => void): Lease {
  const key = `wren-lease:${quiltId}`
  const tab = `${Date.now()}-${Math.random()}`
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(key)
  const isMine = ref(false)

  function read(): Beat | null {
    try {
      return JSON.parse(localStorage.getItem(key) ?? 'null') as Beat | null
    }
    catch {
      return null
    }
  }
  function write() {
    try {
      localStorage.setItem(key, JSON.stringify({ tab, at: Date.now() } satisfies Beat))
    }
    catch {
      // storage full: saving says so in its own place; the channel still tells other tabs
    }
  }
  function look() {
    const beat = read()
    const othersIsFresh = beat !== null && beat.tab !== tab && Date.now() - beat.at < STALE_MS
    if (othersIsFresh) lose()
    else if (isMine.value || beat === null || beat.tab !== tab) {
      if (!isMine.value && beat !== null && beat.tab !== tab) channel?.postMessage(tab)
      isMine.value = true
      write()
    }
  }
  function lose() {
    if (!isMine.value) return
    isMine.value = false
    onLost()
  }
  function takeOver() {
    isMine.value = true
    write()
    channel?.postMessage(tab)
  }
  channel?.addEventListener('message', () => lose())
  const onStorage = (event: StorageEvent) => {
    if (event.key === key && event.newValue !== null) look()
  }
  window.addEventListener('storage', onStorage)
  look()
  const timer = setInterval(look, BEAT_MS)

  function release() {
    clearInterval(timer)
    window.removeEventListener('storage', onStorage)
    channel?.close()
    if (isMine.value && read()?.tab === tab) localStorage.removeItem(key)
    isMine.value = false
  }
  window.addEventListener('pagehide', release, { once: true })
  return { isMine: readonly(isMine), takeOver, release }
}
