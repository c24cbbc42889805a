import { readQuilt } from '~~/core/file/readQuilt'
import type { QuiltFile } from '~~/core/file/schema'
import type { SpreadAim } from '~~/core/spread/aim'
import type { SpreadLayout } from '~~/core/spread/layout'
import { spreadProblem } from '~~/core/spread/problem'
import { spreadSearch } from '~~/core/spread/search'
import { dimensionsOf } from '~~/core/top/dimensions'
import { wallOf } from '~~/core/wall/wall'

export interface ToSpreadWorker {
  file: QuiltFile
  aim: SpreadAim
  canTurn: boolean
  seed: number
}
export type FromSpreadWorker =
  { kind: 'better'; layout: SpreadLayout; part: number } | { kind: 'done' } | { kind: 'failed' }

/** By moves and not by the clock, so that a seed gives the same on every machine; of large quilts fewer a block. */
const MOVES = 1_200_000
/** No more answers than the eye can follow. */
const EVERY_MS = 100

const answer = (message: FromSpreadWorker) => postMessage(message)

addEventListener('message', ({ data: { file, aim, canTurn, seed } }: MessageEvent<ToSpreadWorker>) => {
  const quilt = readQuilt(file)
  if (!quilt.ok) return answer({ kind: 'failed' })
  const wall = wallOf(quilt.value, dimensionsOf(quilt.value))
  const numbers = new Map(wall.places.map(({ row, column }, i) => [`${row},${column}`, i]))
  const locked = new Set(quilt.value.wall.locked.map(place => numbers.get(place.join())!))
  let told = { cost: Infinity, at: 0 }
  let last: FromSpreadWorker | null = null
  for (const { layout, cost, moves } of spreadSearch(spreadProblem(wall, { locked, canTurn, aim }), seed, MOVES)) {
    if (cost >= told.cost) continue
    last = { kind: 'better', layout, part: Math.min(1, moves / MOVES) }
    if (performance.now() - told.at < EVERY_MS) continue
    answer(last)
    last = null
    told = { cost, at: performance.now() }
  }
  if (last) answer(last)
  answer({ kind: 'done' })
})
