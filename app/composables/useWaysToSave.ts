import type { QuiltFile } from '~~/core/file/schema'
import { spanOf, type Draws } from '~~/core/time/span'
import type { Amounts } from '~~/core/time/paceKinds'
import type { WayToSave } from '~~/core/time/waysToSave'
import type { FromTimeWorker } from '~/workers/timeWorker'

/** What would leave less to do, the most first, with minutes saved: each quilt is planned in a worker. */
export function useWaysToSave(now: () => { left: Amounts; draws: Draws } | null) {
  const { state, run, close } = useWorkerRun<QuiltFile, FromTimeWorker>(
    () => new Worker(new URL('../workers/timeWorker.ts', import.meta.url), { type: 'module' }),
  )
  const ways = ref<{ way: WayToSave; saved: number }[]>([])
  function look(file: QuiltFile) {
    const known = now()
    if (!known) return
    const before = spanOf(known.draws, known.left).minutes
    ways.value = []
    run(file, message => {
      if (message.kind === 'done') return close('done')
      const saved = before - spanOf(known.draws, message.left).minutes
      if (saved > 1) ways.value = [...ways.value, { way: message.way, saved }].sort((a, b) => b.saved - a.saved)
    })
  }
  return { state, ways, look, stop: () => close('stopped'), forget: () => close('idle') }
}
