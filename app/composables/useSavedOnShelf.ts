import type { Saved } from '~~/core/supply/savedOn'
import { heardWorker } from '~/workers/heardWorker'
import type { FromSavedWorker, ToSavedWorker } from '~/workers/savedWorker'

const startWorker = () => new Worker(new URL('../workers/savedWorker.ts', import.meta.url), { type: 'module' })

/** What layouts saved on every quilt of the shelf: each is planned in a worker of its own, and shown as it is done. */
export function useSavedOnShelf() {
  const shelf = useShelf()
  const state = ref<'idle' | 'running' | 'done' | 'failed'>('idle')
  const rows = shallowRef<{ id: string; name: string; saved: Saved | null }[]>([])
  let worker: Worker | null = null

  function close(how: typeof state.value) {
    worker?.terminate()
    worker = null
    state.value = how
  }
  async function start() {
    close('running')
    rows.value = []
    await shelf.load()
    const quilts = shelf.quilts.map(({ id, file }) => ({ id, file: toRaw(file) }))
    const names = new Map(quilts.map(({ id, file }) => [id, file.name ?? 'Quilt']))
    const hear = (message: FromSavedWorker) => {
      if (message.kind === 'done') close('done')
      else rows.value = [...rows.value, { id: message.id, name: names.get(message.id)!, saved: message.saved }]
    }
    worker = heardWorker(startWorker, hear, () => close('failed'))
    if (!worker) return close('failed')
    worker.postMessage({ quilts } satisfies ToSavedWorker)
  }
  onBeforeUnmount(() => worker?.terminate())
  return { state, rows, start, stop: () => close('done') }
}
