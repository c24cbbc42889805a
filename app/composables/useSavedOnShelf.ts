import type { Saved } from '~~/core/supply/savedOn'
import type { FromSavedWorker, ToSavedWorker } from '~/workers/savedWorker'

const startWorker = () => new Worker(new URL('../workers/savedWorker.ts', import.meta.url), { type: 'module' })

/** What layouts saved on every quilt of the shelf: each is planned in a worker of its own, and shown as it is done. */
export function useSavedOnShelf() {
  const shelf = useShelf()
  const { state, run, close } = useWorkerRun<ToSavedWorker, FromSavedWorker>(startWorker)
  const rows = shallowRef<{ id: string; name: string; saved: Saved | null }[]>([])

  async function start() {
    close('running')
    rows.value = []
    await shelf.load()
    // stopped, or the page left, while the shelf was read
    if (state.value !== 'running') return
    const quilts = shelf.quilts.map(({ id, file }) => ({ id, file: toRaw(file) }))
    const names = new Map(quilts.map(({ id, file }) => [id, file.name ?? 'Quilt']))
    run({ quilts }, message => {
      if (message.kind === 'done') close('done')
      else rows.value = [...rows.value, { id: message.id, name: names.get(message.id)!, saved: message.saved }]
    })
  }
  return { state, rows, start, stop: () => close('stopped') }
}
