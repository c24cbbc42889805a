import type { UnitsMade } from '~~/core/simulation/sewnUnit'
import type { Simulation } from '~~/core/simulation/quilt'
import { heardWorker } from '~/workers/heardWorker'
import type { FromSimulationWorker, ToSimulationWorker } from '~/workers/simulationWorker'

const TIMES = 10_000

const startWorker = () => new Worker(new URL('../workers/simulationWorker.ts', import.meta.url), { type: 'module' })

/** Sews the quilt of now many times over in a worker of its own; stopped, what was sewn so far stays on show. */
export function useSimulation() {
  const store = useQuilt()
  const found = shallowRef<Partial<Record<UnitsMade, Simulation>>>({})
  const state = ref<'idle' | 'running' | 'done' | 'stopped' | 'failed'>('idle')
  let worker: Worker | null = null

  function end(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  function run() {
    const { file } = store
    if (!file) return
    end('running')
    found.value = {}
    const hear = (data: FromSimulationWorker) => {
      if (data.kind === 'sewn') found.value = { ...found.value, [data.units]: data.simulation }
      else end(data.kind)
    }
    worker = heardWorker(startWorker, hear, () => end('failed'))
    if (!worker) return end('failed')
    worker.postMessage({ file: toRaw(file), times: TIMES, seed: 1 } satisfies ToSimulationWorker)
  }
  onBeforeUnmount(() => worker?.terminate())
  return { found, state, run, stop: () => end('stopped'), times: TIMES }
}
