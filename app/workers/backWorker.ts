import { isBetterBack } from '~~/core/layers/leftovers/fillBack'
import { pieceBack, type PiecedBack } from '~~/core/layers/leftovers/pieceBack'
import { thingsInHand } from '~~/core/layers/leftovers/things'
import { planBacking } from '~~/core/layers/backing'
import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import { makePlan } from '~~/core/plan/plan'

export interface ToBackWorker {
  file: QuiltFile
}
export type FromBackWorker =
  /** So many ways were looked at; `seed` is the best of them so far. */
  { kind: 'looked'; looked: number; seed: number; isBetter: boolean } | { kind: 'done' } | { kind: 'failed' }

/** Ways to piece the back that are looked at, unless it is stopped. */
const MOST = 400

const answer = (message: FromBackWorker) => postMessage(message)

addEventListener('message', ({ data: { file } }: MessageEvent<ToBackWorker>) => {
  const quilt = readQuilt(file)
  if (!quilt.ok || !quilt.value.backing) return answer({ kind: 'failed' })
  const { value } = quilt
  const backing = value.backing!
  const { work } = makePlan(value)
  const { width, height } = work.dimensions.top.stages.at(-1)!
  const first = planBacking(value, { width: width.total, height: height.total }, work.needs)?.pieced
  const size = planBacking(value, { width: width.total, height: height.total }, [])
  if (!first || !size) return answer({ kind: 'failed' })
  const things = thingsInHand(value, work.needs)
  let best: PiecedBack = first
  let seed = backing.seed
  for (let looked = 1; looked <= MOST; looked++) {
    const other = pieceBack({ ...value, backing: { ...backing, seed: looked } }, size, things)
    const isBetter = isBetterBack(other.filled, best.filled)
    if (isBetter) {
      best = other
      seed = looked
    }
    answer({ kind: 'looked', looked, seed, isBetter })
  }
  answer({ kind: 'done' })
})
