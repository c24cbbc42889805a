import type { CheaperQuilt } from '~~/core/supply/buyLess'
import type { FromBuyLessWorker, ToBuyLessWorker } from '~/workers/buyLessWorker'

const startWorker = () => new Worker(new URL('../workers/buyLessWorker.ts', import.meta.url), { type: 'module' })

/**
 * Looks for the same quilt with less cloth to buy, in a worker of its own, and shows the best so far. What was found is
 * forgotten when the quilt changes.
 */
export function useBuyLess() {
  const store = useQuilt()
  const { state, run, close } = useWorkerRun<ToBuyLessWorker, FromBuyLessWorker>(startWorker)
  const found = shallowRef<CheaperQuilt | null>(null)

  function forget() {
    close('idle')
    found.value = null
  }
  function start() {
    forget()
    if (!store.file) return
    run({ file: toRaw(store.file) }, message => {
      if (message.kind === 'cheaper') found.value = message.found
      else close('done')
    })
  }
  watch(() => store.file, forget)
  return { state, found, start, stop: () => close('stopped') }
}
