import type { Reach } from '~~/core/supply/howFar'
import type { FoundWay } from '~~/core/supply/waysToFit'
import type { FromSupplyWorker, ToSupplyWorker } from '~/workers/supplyWorker'

const startWorker = () => new Worker(new URL('../workers/supplyWorker.ts', import.meta.url), { type: 'module' })

/**
 * How far what is at hand goes, and what would make it enough: plans many quilts in a worker of its own, and shows what
 * is found as it is. What was found is forgotten when the quilt changes.
 */
export function useSupply() {
  const store = useQuilt()
  const { state, run, close } = useWorkerRun<ToSupplyWorker, FromSupplyWorker>(startWorker)
  const reaches = shallowRef<Reach[]>([])
  const ways = shallowRef<FoundWay[]>([])
  const plans = ref(0)

  function forget() {
    close('idle')
    reaches.value = []
    ways.value = []
    plans.value = 0
  }
  function hear(message: FromSupplyWorker) {
    if (message.kind === 'reach') reaches.value = [...reaches.value, message.reach]
    else if (message.kind === 'way') ways.value = sorted([...ways.value, message.found])
    else if (message.kind === 'plans') plans.value = message.count
    else close('done')
  }
  function start() {
    forget()
    if (store.file) run({ file: toRaw(store.file) }, hear)
  }
  watch(() => store.file, forget)
  return { state, reaches, ways, plans, start, stop: () => close('stopped') }
}

/** What is enough stands first; of those that are not, those that lack least. */
function sorted(ways: readonly FoundWay[]): FoundWay[] {
  return [...ways].sort((a, b) => a.short - b.short)
}
