/** Held by every tab: how many are open. */
const TAB_LOCK = 'wren-tab'

const waiting = shallowRef<ServiceWorker | null>(null)
/** A newer Wren lies ready, whole, and waits to be taken. */
export const isNewerReady = computed(() => waiting.value !== null)

/** Whether this browser lets the application be kept: some do only on a computer's own address or by https. */
export const canBeKept = () => 'serviceWorker' in navigator && 'locks' in navigator

/**
 * Keeps the application in the browser, so that it opens without a network. A newer one is fetched beside it and
 * waits. Fails where the browser refuses.
 */
export async function keepApplication(): Promise<void> {
  // given back when the tab is closed, and never before
  void navigator.locks.request(TAB_LOCK, { mode: 'shared' }, () => new Promise<never>(() => {}))
  // tests that look at something else keep no worker: nothing is registered then
  const registration: ServiceWorkerRegistration | undefined = await navigator.serviceWorker.register('/sw.js', {
    updateViaCache: 'none',
  })
  if (!registration) return
  const lookAgain = () => (waiting.value = navigator.serviceWorker.controller ? registration.waiting : null)
  lookAgain()
  registration.addEventListener('updatefound', () =>
    registration.installing?.addEventListener('statechange', lookAgain),
  )
}

/** How a wish for the newer Wren ended, unless it was taken: then the page is loaded anew. */
export type NotTaken = 'other-tabs' | 'not-kept' | 'none'

/**
 * Takes the newer Wren, never while another tab still runs the older one nor before all is kept; the page is loaded
 * anew by it. `keepAll` says whether all work is in storage.
 */
export async function takeNewer(keepAll: () => Promise<boolean>): Promise<NotTaken | 'taken'> {
  const newer = waiting.value
  if (!newer) return 'none'
  const { held = [] } = await navigator.locks.query()
  if (held.filter(({ name }) => name === TAB_LOCK).length > 1) return 'other-tabs'
  if (!(await keepAll())) return 'not-kept'
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
  newer.postMessage({ type: 'SKIP_WAITING' })
  return 'taken'
}
