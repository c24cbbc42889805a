import type { DealtHeap } from '../core/edits/heaps'
import type { ClothNames } from './joinedPart'
import { plural } from './speech'

/** In how many places each cloth stands: `Soot 8, Brass 8, Signal red 4`. */
export function countsText(counts: DealtHeap['counts'], cloths: ClothNames): string {
  return counts.map(({ cloth, count }) => `${cloths.get(cloth) ?? cloth} ${count}`).join(', ')
}

/** Whether likes had to stay side by side, and why. */
export function dealtText({ alike, short, unlike }: Pick<DealtHeap, 'alike' | 'short' | 'unlike'>): string {
  const lacking =
    short > 0 ? ` The cloth in hand is short by ${plural(short, 'place')}; the largest cloth fills in.` : ''
  if (alike === 0) return `No two alike lie side by side.${lacking}`
  const why =
    unlike < 2
      ? 'All these cloths look alike.'
      : unlike < 4
        ? `Of these cloths only ${unlike} look unlike, and four places meet in a corner: take another, or level them.`
        : 'Locked places, or few pieces of a cloth, leave no better way.'
  return `In ${plural(alike, 'pair')} of places alike still stands beside alike. ${why}${lacking}`
}
