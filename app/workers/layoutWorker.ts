import type { CutPiece, Strip } from '~~/core/cut/cutPiece'
import { betterLayouts } from '~~/core/layouts/betterLayouts'
import { cutsIn, easyLayouts } from '~~/core/layouts/easyLayouts'
import { TOLERANCE } from '~~/core/measure/ruler'

/** What is looked for: less cloth, or fewer cuts. */
export type LayoutAim = 'shorter' | 'easier'

export interface ToLayoutWorker {
  aim: LayoutAim
  pieces: CutPiece[]
  usable: number
  /** The layout as it is. */
  strips: readonly Strip[]
}
/** The best so far: what it takes, and its cuts. */
export interface LookedLayout {
  length: number
  cuts: number
  /** No layout is shorter; null where only fewer cuts are looked for. */
  bound: number | null
  /** All layouts in strips up to so deep were tried: none of those is shorter. Null: not all. */
  triedTo: number | null
}
export type FromLayoutWorker =
  /** Its strips where they are new; `part` of the search is done. */
  { kind: 'looked'; looked: LookedLayout; part: number; strips: readonly Strip[] | null } | { kind: 'done' }

/** By steps and not by the clock, so that the same cloth is laid out alike on every machine. */
const STEPS = { shorter: 5000, easier: 2000 }
/** No more answers than the eye can follow. */
const EVERY_MS = 100

/** The best so far after each step; less of `measure` is better. */
interface SearchStep {
  measure: number
  length: number
  bound: number | null
  triedTo: number | null
  strips: () => readonly Strip[]
}

function* shorter({ pieces, usable }: ToLayoutWorker): Generator<SearchStep> {
  for (const layout of betterLayouts(pieces, usable)) yield { ...layout, measure: layout.length }
}
function* easier({ pieces, usable, strips }: ToLayoutWorker): Generator<SearchStep> {
  for (const layout of easyLayouts(pieces, usable, strips))
    yield { ...layout, measure: layout.cuts, bound: null, triedTo: null }
}

const answer = (message: FromLayoutWorker) => postMessage(message)

addEventListener('message', ({ data }: MessageEvent<ToLayoutWorker>) => {
  const { aim } = data
  let step = 0
  let told = { at: 0, measure: Infinity, cuts: 0 }
  for (const { measure, length, bound, triedTo, strips } of aim === 'shorter' ? shorter(data) : easier(data)) {
    if ((step += 1) > STEPS[aim]) break
    const found = measure < told.measure - TOLERANCE ? strips() : null
    if (!found && triedTo === null && performance.now() - told.at < EVERY_MS) continue
    const cuts = found ? cutsIn(found) : told.cuts
    answer({ kind: 'looked', looked: { length, cuts, bound, triedTo }, part: step / STEPS[aim], strips: found })
    told = { at: performance.now(), measure, cuts }
  }
  answer({ kind: 'done' })
})
