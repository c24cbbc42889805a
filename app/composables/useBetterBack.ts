import { setBacking } from '~~/core/edits/layers'
import { heardWorker } from '~/workers/heardWorker'
import type { FromBackWorker, ToBackWorker } from '~/workers/backWorker'

const startWorker = () => new Worker(new URL('../workers/backWorker.ts', import.meta.url), { type: 'module' })

/**
 * Looks on, in a worker of its own, for a better way to piece the back; the best so far is taken over at the end, or
 * when it is stopped.
 */
export function useBetterBack() {
  const store = useQuilt()
  const toast = useToasts()
  const state = ref<'idle' | 'running' | 'done' | 'failed'>('idle')
  const looked = ref(0)
  const found = ref<number | null>(null)
  let worker: Worker | null = null

  function end(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
    if (found.value === null || how === 'running') return
    toast.problems(store.apply('a better back', setBacking({ seed: found.value })))
  }
  function run() {
    const { file } = store
    if (!file) return
    found.value = null
    looked.value = 0
    end('running')
    const hear = (data: FromBackWorker) => {
      if (data.kind !== 'looked') return end(data.kind)
      looked.value = data.looked
      if (data.isBetter) found.value = data.seed
    }
    worker = heardWorker(startWorker, hear, () => end('failed'))
    if (!worker) return end('failed')
    worker.postMessage({ file: toRaw(file) } satisfies ToBackWorker)
  }
  onBeforeUnmount(() => worker?.terminate())
  return { state, looked, found, run, stop: () => end('done') }
}
