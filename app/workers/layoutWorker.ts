import type { CutPiece, Strip } from '~~/core/cut/cutPiece'
import { betterLayouts } from '~~/core/layouts/betterLayouts'
import { TOLERANCE } from '~~/core/measure/ruler'

export interface ToLayoutWorker {
  pieces: CutPiece[]
  usable: number
}
export type FromLayoutWorker =
  /** The shortest so far, its strips where it is new; none is shorter than `bound`. `part` of the search is done. */
  { kind: 'looked'; length: number; bound: number; part: number; strips: Strip[] | null } | { kind: 'done' }

/** By steps and not by the clock, so that the same cloth is laid out alike on every machine. */
const STEPS = 5000
/** No more answers than the eye can follow. */
const EVERY_MS = 100

const answer = (message: FromLayoutWorker) => postMessage(message)

addEventListener('message', ({ data: { pieces, usable } }: MessageEvent<ToLayoutWorker>) => {
  let step = 0
  let told = { at: 0, length: Infinity }
  for (const { length, bound, strips } of betterLayouts(pieces, usable)) {
    if ((step += 1) > STEPS) break
    const isBetter = length < told.length - TOLERANCE
    if (!isBetter && performance.now() - told.at < EVERY_MS) continue
    answer({ kind: 'looked', length, bound, part: step / STEPS, strips: isBetter ? strips() : null })
    told = { at: performance.now(), length }
  }
  answer({ kind: 'done' })
})
