import { heardWorker } from '~/workers/heardWorker'

/** How a run of a worker stands: `stopped` by the quilter, `failed` by itself. */
export type RunState = 'idle' | 'running' | 'done' | 'stopped' | 'failed'

/** A worker that tells what it finds until it is done, is stopped or dies. One at a time; it ends with the page. */
export function useWorkerRun<To, From>(startWorker: () => Worker) {
  const state = ref<RunState>('idle')
  let worker: Worker | null = null

  function close(how: RunState) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  function run(message: To, hear: (message: From) => void) {
    close('running')
    worker = heardWorker(startWorker, hear, () => close('failed'))
    if (!worker) return close('failed')
    worker.postMessage(message)
  }
  onBeforeUnmount(() => close('idle'))
  return { state, run, close }
}
