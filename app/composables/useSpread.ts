import { arranged, spreadOutcome } from '~~/core/edits/wall'
import type { SpreadAim } from '~~/core/spread/aim'
import type { SpreadLayout } from '~~/core/spread/layout'
import { heardWorker } from '~/workers/heardWorker'
import type { FromSpreadWorker, ToSpreadWorker } from '~/workers/spreadWorker'

const isOther = ({ blocks, turns }: SpreadLayout) =>
  blocks.some((block, place) => block !== place) || turns.some(quarters => quarters > 0)

const startWorker = () => new Worker(new URL('../workers/spreadWorker.ts', import.meta.url), { type: 'module' })

/**
 * Rearranges the blocks in a worker of its own. Each better layout is shown as it comes; what is there when it ends, or
 * is stopped, is one step of work, or is put back.
 */
export function useSpread() {
  const store = useQuilt()
  const edit = useEdit()
  const state = ref<'idle' | 'running' | 'found' | 'nothing' | 'failed'>('idle')
  /** How far it is, and how many better layouts it has shown. */
  const part = ref(0)
  const better = ref(0)
  const best = shallowRef<SpreadLayout | null>(null)
  /** What caught the eye before, and after the last that was taken. */
  const outcome = shallowRef<ReturnType<typeof spreadOutcome>>(null)
  let worker: Worker | null = null

  function end(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  function start(aim: SpreadAim, canTurn: boolean, seed: number) {
    const { file } = store
    if (!file) return
    end('running')
    best.value = outcome.value = null
    part.value = better.value = 0
    const hear = (data: FromSpreadWorker) => {
      if (data.kind === 'failed') return leave('failed')
      if (data.kind === 'done') return stop()
      best.value = data.layout
      part.value = data.part
      better.value += 1
      store.preview(arranged(data.layout))
    }
    worker = heardWorker(startWorker, hear, () => leave('failed'))
    if (!worker) return leave('failed')
    worker.postMessage({ file: toRaw(file), aim, canTurn, seed } satisfies ToSpreadWorker)
  }
  /** The quilt is shown as it is again. */
  function leave(how: typeof state.value) {
    end(how)
    store.preview(null)
  }
  /** Ends with what is there, to be taken or not. */
  function stop() {
    leave(best.value && isOther(best.value) ? 'found' : 'nothing')
    if (state.value !== 'found') return
    outcome.value = spreadOutcome(store.file!, store.quilt!, best.value!)
    store.preview(arranged(best.value!))
  }
  function take() {
    leave('idle')
    edit('spread of the blocks', arranged(best.value!))
  }
  // what was found is for the quilt as it was
  const isOfNow = () => state.value !== 'running' && state.value !== 'found'
  watch([() => store.file], () => isOfNow() || leave('idle'))
  onBeforeUnmount(() => {
    worker?.terminate()
    store.preview(null)
  })
  return { state, part, better, outcome, start, stop, take, putBack: () => leave('idle') }
}
