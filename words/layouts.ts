// How a layout stands against the least that is possible, and what a search for a shorter one found.
import { formatLength } from './length'
import type { Speech } from './speech'

export interface LayoutSearch {
  state: 'idle' | 'running' | 'found' | 'nothing' | 'failed'
  /** What the strips took when the search began. */
  before: number
  looked: { length: number; bound: number } | null
  need: { need: number; bound: number }
  /** Something of the cloth is cut. */
  isBegun: boolean
}

/** Nothing is shorter than this. */
const NEAR = 1e-6

/** A bound as far off as this proves little: of few pieces it is not near what any layout can do. */
const LOOSE = 0.15

/** How near the layout is proved to be to the shortest, and what is said of the search. */
export function layoutState(
  { state, before, looked, need, isBegun }: LayoutSearch,
  speech: Speech,
): { isProved: boolean; isLoose: boolean; told: string } {
  const isProved = need.need <= need.bound + NEAR
  return { isProved, isLoose: need.need > need.bound * (1 + LOOSE), told: toldOf() }

  function toldOf(): string {
    switch (state) {
      case 'running':
        return looked ? runningText(before, looked, speech) : 'Looking …'
      case 'found':
        return `Found: ${formatLength(looked!.length, speech)} in place of ${formatLength(before, speech)}.`
      case 'nothing':
        return isProved ? '' : 'No shorter one was found.'
      case 'failed':
        return 'The search stopped by itself. The layout is as it was.'
      case 'idle':
        return isBegun && !isProved ? 'Strips of it are cut: the others stay as they are.' : ''
    }
  }
}

function runningText(before: number, { length, bound }: { length: number; bound: number }, speech: Speech): string {
  const now = formatLength(Math.min(length, before), speech)
  const least = `no layout takes less than ${formatLength(bound, speech)}`
  return length < before - NEAR
    ? `${now} so far, in place of ${formatLength(before, speech)}; ${least}.`
    : `${now} so far; ${least}.`
}
