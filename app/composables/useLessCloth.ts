import { toCutPiece } from '~~/core/cut/need'
import type { Strip } from '~~/core/cut/cutPiece'
import { keepLayout } from '~~/core/edits/layouts'
import { clothOf } from '~~/core/file/quilt'
import { layoutKey } from '~~/core/layouts/knownBound'
import { TOLERANCE } from '~~/core/measure/ruler'
import { heardWorker } from '~/workers/heardWorker'
import type { FromLayoutWorker, ToLayoutWorker } from '~/workers/layoutWorker'

const startWorker = () => new Worker(new URL('../workers/layoutWorker.ts', import.meta.url), { type: 'module' })

/**
 * Looks for a shorter layout of one cloth in a worker of its own. What is there when it ends, or is stopped, or the
 * worker dies, is kept as one step of work; nothing is, where none is shorter than that of the plan.
 */
export function useLessCloth(id: () => string) {
  const store = useQuilt()
  const edit = useEdit()
  const state = ref<'idle' | 'running' | 'found' | 'nothing' | 'failed'>('idle')
  const looked = shallowRef<{ length: number; bound: number; part: number } | null>(null)
  /** What it took before. */
  const before = ref(0)
  let key = ''
  let best: Strip[] | null = null
  let worker: Worker | null = null

  function close(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  /** What is to be laid out, as the plan has it now. */
  function wanted() {
    const { plan, plannedQuilt } = store
    const need = plan?.cloths.find(cloth => cloth.id === id())
    if (!plan || !plannedQuilt || !need) return null
    const pieces = plan.pieces.filter(piece => piece.cloth === id()).map(toCutPiece)
    const { usable } = clothOf(plannedQuilt, id())
    return { pieces, usable, length: need.need, key: layoutKey(pieces, usable) }
  }
  function start() {
    const now = wanted()
    if (!now) return
    const { pieces, usable } = now
    key = now.key
    best = looked.value = null
    before.value = now.length
    close('running')
    const hear = (data: FromLayoutWorker) => {
      if (data.kind !== 'looked') return stop()
      const { length, bound, part, strips } = data
      looked.value = { length, bound, part }
      if (strips && length < before.value - TOLERANCE) best = strips
    }
    worker = heardWorker(startWorker, hear, () => stop('failed'))
    if (!worker) return close('failed')
    worker.postMessage({ pieces, usable } satisfies ToLayoutWorker)
  }
  /** `otherwise`: what is said where nothing shorter was found. */
  function stop(otherwise: 'nothing' | 'failed' = 'nothing') {
    const found = best
    best = null
    close(found ? 'found' : otherwise)
    if (found) edit('shorter layout', keepLayout(id(), key, found))
  }
  // other pieces, or what was found was undone: what was looked for is of no use, and not so any more
  watch([id, () => store.plan], () => {
    if (state.value === 'idle') return
    const now = wanted()
    const isUndone = state.value === 'found' && Math.abs((now?.length ?? 0) - looked.value!.length) > TOLERANCE
    if (now?.key !== key || isUndone) close('idle')
  })
  onBeforeUnmount(() => worker?.terminate())
  return { state, looked, before, start, stop: () => stop() }
}
