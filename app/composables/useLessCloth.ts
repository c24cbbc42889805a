import { toCutPiece } from '~~/core/cut/need'
import type { Strip } from '~~/core/cut/cutPiece'
import { keepLayout } from '~~/core/edits/layouts'
import { clothOf } from '~~/core/file/quilt'
import { layoutKey } from '~~/core/layouts/knownBound'
import { TOLERANCE } from '~~/core/measure/ruler'
import { heardWorker } from '~/workers/heardWorker'
import type { FromLayoutWorker, LayoutAim, LookedLayout, ToLayoutWorker } from '~/workers/layoutWorker'

const startWorker = () => new Worker(new URL('../workers/layoutWorker.ts', import.meta.url), { type: 'module' })

/** What was found is better than this, by what was looked for. */
const isBetter = (aim: LayoutAim, one: { length: number; cuts: number }, other: { length: number; cuts: number }) =>
  aim === 'shorter' ? one.length < other.length - TOLERANCE : one.cuts < other.cuts

/** What is to be laid out of a cloth, as the plan has it now. */
function laidOutNow({ plan, plannedQuilt }: Pick<ReturnType<typeof useQuilt>, 'plan' | 'plannedQuilt'>, id: string) {
  const need = plan?.cloths.find(cloth => cloth.id === id)
  if (!plan || !plannedQuilt || !need) return null
  const pieces = plan.pieces.filter(piece => piece.cloth === id).map(toCutPiece)
  const { usable } = clothOf(plannedQuilt, id)
  const now = { length: need.need, cuts: need.cuts }
  return { pieces, usable, strips: need.strips, now, key: layoutKey(pieces, usable) }
}

/**
 * Looks for a layout of one cloth that takes less cloth, or fewer cuts, in a worker of its own. What is there when it
 * ends, or is stopped, or the worker dies, is kept as one step of work; nothing is, where none is better than that of
 * the plan.
 */
export function useLessCloth(id: () => string) {
  const store = useQuilt()
  const edit = useEdit()
  const aim = ref<LayoutAim>('shorter')
  const state = ref<'idle' | 'running' | 'found' | 'nothing' | 'failed'>('idle')
  const looked = shallowRef<(LookedLayout & { part: number }) | null>(null)
  /** What it took before. */
  const before = shallowRef({ length: 0, cuts: 0 })
  let key = ''
  let best: readonly Strip[] | null = null
  let worker: Worker | null = null

  function close(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  function start(what: LayoutAim) {
    const plan = laidOutNow(store, id())
    if (!plan) return
    const { pieces, usable, strips, now } = plan
    key = plan.key
    best = looked.value = null
    aim.value = what
    before.value = now
    close('running')
    const hear = (data: FromLayoutWorker) => {
      if (data.kind !== 'looked') return stop()
      looked.value = { ...data.looked, part: data.part }
      if (data.strips && isBetter(what, data.looked, now)) best = data.strips
    }
    worker = heardWorker(startWorker, hear, () => stop('failed'))
    if (!worker) return close('failed')
    worker.postMessage({ aim: what, pieces, usable, strips: toRaw(strips) } satisfies ToLayoutWorker)
  }
  /** `otherwise`: what is said where nothing better was found. */
  function stop(otherwise: 'nothing' | 'failed' = 'nothing') {
    const found = best
    best = null
    close(found ? 'found' : otherwise)
    if (found) edit(aim.value === 'shorter' ? 'shorter layout' : 'easier layout', keepLayout(id(), key, found))
  }
  // other pieces, or what was found was undone: what was looked for is of no use, and not so any more
  watch([id, () => store.plan], () => {
    if (state.value === 'idle') return
    const plan = laidOutNow(store, id())
    const isUndone = state.value === 'found' && !!plan && isBetter(aim.value, looked.value!, plan.now)
    if (plan?.key !== key || isUndone) close('idle')
  })
  onBeforeUnmount(() => worker?.terminate())
  return { aim, state, looked, before, start, stop: () => stop() }
}
