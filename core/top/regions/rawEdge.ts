import { makingRules } from '../../file/makings'
import type { Quilt } from '../../file/quilt'
import type { Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'

/**
 * What lies beyond the finished top on so many of its edges, out to the raw edge: a seam, and what the outermost border
 * is cut wider for a binding sewn with a wider seam.
 */
export function beyondFinished(
  { seam, borders, making }: Pick<Quilt, 'seam' | 'borders' | 'making'>,
  edges: number,
): Term[] {
  // made as you go its blocks end where the batting ends
  if (!makingRules(making).hasTop) return []
  return [{ what: 'seams', count: edges, each: seam }, ...beyondSeam(borders.at(-1)?.beyond ?? 0, edges)]
}

/** What a border is cut wider than finished and two seams, on so many of its outer edges. */
export function beyondSeam(beyond: number, edges: number): Term[] {
  return beyond > 0 ? [{ what: 'for-wide-binding', count: edges, each: beyond }] : []
}

/** What each side of a join takes: as you go the backs are joined along the batting. */
export function joinAllowance(quilt: Pick<Quilt, 'seam' | 'making' | 'asYouGo'>): Inches {
  return makingRules(quilt.making).joinAllowance(quilt)
}
