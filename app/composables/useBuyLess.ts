import type { CheaperQuilt } from '~~/core/supply/buyLess'
import { heardWorker } from '~/workers/heardWorker'
import type { FromBuyLessWorker, ToBuyLessWorker } from '~/workers/buyLessWorker'

const startWorker = () => new Worker(new URL('../workers/buyLessWorker.ts', import.meta.url), { type: 'module' })

/**
 * Looks for the same quilt with less cloth to buy, in a worker of its own, and shows the best so far. What was found is
 * forgotten when the quilt changes.
 */
export function useBuyLess() {
  const store = useQuilt()
  const state = ref<'idle' | 'running' | 'done' | 'failed'>('idle')
  const found = shallowRef<CheaperQuilt | null>(null)
  let worker: Worker | null = null

  function close(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  function forget() {
    close('idle')
    found.value = null
  }
  function hear(message: FromBuyLessWorker) {
    if (message.kind === 'cheaper') found.value = message.found
    else close('done')
  }
  function start() {
    forget()
    if (!store.file) return
    state.value = 'running'
    worker = heardWorker(startWorker, hear, () => close('failed'))
    if (!worker) return close('failed')
    worker.postMessage({ file: toRaw(store.file) } satisfies ToBuyLessWorker)
  }
  watch(() => store.file, forget)
  onBeforeUnmount(() => worker?.terminate())
  return { state, found, start, stop: () => close('done') }
}
