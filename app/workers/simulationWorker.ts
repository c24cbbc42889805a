import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import { makePlan } from '~~/core/plan/plan'
import type { UnitsMade } from '~~/core/simulation/sewnUnit'
import { simulator, type Simulation } from '~~/core/simulation/quilt'

export interface ToSimulationWorker {
  file: QuiltFile
  /** Quilts to sew as planned; of the other ways a share of it is enough. */
  times: number
  seed: number
}
export type FromSimulationWorker =
  { kind: 'sewn'; units: UnitsMade; simulation: Simulation } | { kind: 'done' } | { kind: 'failed' }

/** Few at first, so that there is something to see at once. */
const FIRST = 300
const EACH = 1000
/** Of the other ways so many are sewn, to compare. */
const COMPARED = 2000
const OTHERS: readonly UnitsMade[] = ['trimmed', 'as-cut', 'papers']

const answer = (message: FromSimulationWorker) => postMessage(message)

addEventListener('message', ({ data: { file, times, seed } }: MessageEvent<ToSimulationWorker>) => {
  const quilt = readQuilt(file)
  if (!quilt.ok) return answer({ kind: 'failed' })
  const { work } = makePlan(quilt.value)
  const sew = (units: UnitsMade, all: number) => {
    const more = simulator(work, { units, seed })
    for (let done = 0; done < all;) {
      const next = Math.min(all - done, done === 0 ? FIRST : EACH)
      done += next
      answer({ kind: 'sewn', units, simulation: more(next) })
    }
  }
  sew('planned', times)
  for (const units of OTHERS) sew(units, Math.min(times, COMPARED))
  answer({ kind: 'done' })
})
