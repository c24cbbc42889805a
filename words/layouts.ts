// How a layout stands against the least that is possible, and what a search for a shorter or an easier one found.
import type { Inches } from '../core/measure/ruler'
import { formatLength } from './length'
import { plural, type Speech } from './speech'

export interface LayoutSearch {
  state: 'idle' | 'running' | 'found' | 'nothing' | 'failed'
  aim: 'shorter' | 'easier'
  /** What the strips took when the search began. */
  before: { length: number; cuts: number }
  /** The best so far. */
  looked: { length: number; cuts: number; bound: number | null; triedTo: Inches | null } | null
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
  search: LayoutSearch,
  speech: Speech,
): { isProved: boolean; tried: string | null; isLoose: boolean; told: string } {
  const { state, aim, before, looked, need, isBegun } = search
  const isProved = need.need <= need.bound + NEAR
  const isOver = state === 'found' || state === 'nothing'
  const depth = isOver && aim === 'shorter' ? (looked?.triedTo ?? null) : null
  const tried = depth === null ? null : triedText(depth, speech)
  return { isProved, tried, isLoose: need.need > need.bound * (1 + LOOSE), told: toldOf() }

  function toldOf(): string {
    switch (state) {
      case 'running':
        if (!looked) return 'Looking …'
        return aim === 'shorter' ? shorterText(before, looked, speech) : `${easierText(before, looked, speech)} so far.`
      case 'found':
        return aim === 'shorter'
          ? `Found: ${formatLength(looked!.length, speech)} in place of ${formatLength(before.length, speech)}.`
          : `Found: ${easierText(before, looked!, speech)}.`
      case 'nothing':
        if (aim === 'easier') return 'None with fewer cuts was found.'
        return isProved || tried !== null ? '' : 'No shorter one was found.'
      case 'failed':
        return 'The search stopped by itself. The layout is as it was.'
      case 'idle':
        return isBegun && !isProved ? 'Strips of it are cut: the others stay as they are.' : ''
    }
  }
}

/** Deeper strips were not tried: nobody cuts them. */
function triedText(depth: Inches, speech: Speech): string {
  return `No layout in strips up to ${formatLength(depth, speech)} deep and their subcuts takes less: proved.`
}

function shorterText(
  before: LayoutSearch['before'],
  { length, bound }: NonNullable<LayoutSearch['looked']>,
  speech: Speech,
): string {
  const now = formatLength(Math.min(length, before.length), speech)
  const least = bound === null ? '' : `; no layout takes less than ${formatLength(bound, speech)}`
  return length < before.length - NEAR
    ? `${now} so far, in place of ${formatLength(before.length, speech)}${least}.`
    : `${now} so far${least}.`
}

/** Cuts first, then what they cost or save of cloth. */
function easierText(
  before: LayoutSearch['before'],
  { length, cuts }: NonNullable<LayoutSearch['looked']>,
  speech: Speech,
): string {
  const fewer = cuts < before.cuts ? `${plural(cuts, 'cut')} in place of ${before.cuts}` : plural(before.cuts, 'cut')
  const more = length - before.length
  if (cuts >= before.cuts || Math.abs(more) <= NEAR) return fewer
  return `${fewer}, for ${formatLength(Math.abs(more), speech)} ${more > 0 ? 'more' : 'less'} cloth`
}
