import type { LongStripCost } from '~~/core/supply/longStrips'
import type { FromLongStripsWorker, ToLongStripsWorker } from '~/workers/longStripsWorker'

const startWorker = () => new Worker(new URL('../workers/longStripsWorker.ts', import.meta.url), { type: 'module' })

/** Costs the long strips of the quilt by either way of cutting them, in a worker; forgotten when the quilt changes. */
export function useLongStrips() {
  const store = useQuilt()
  const { state, run, close } = useWorkerRun<ToLongStripsWorker, FromLongStripsWorker>(startWorker)
  const costs = shallowRef<LongStripCost[]>([])

  function forget() {
    close('idle')
    costs.value = []
  }
  function start() {
    forget()
    if (!store.file) return
    run({ file: toRaw(store.file) }, message => {
      if (message.kind === 'cost') costs.value = [...costs.value, message.cost]
      else close('done')
    })
  }
  watch(() => store.file, forget)
  return { state, costs, start, stop: () => close('stopped') }
}
