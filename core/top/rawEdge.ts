import type { Quilt } from '../file/quilt'
import type { Term } from '../measure/sum'

/**
 * What lies beyond the finished top on so many of its edges, out to the raw edge: a seam, and what the outermost border
 * is cut wider for a binding sewn with a wider seam.
 */
export function beyondFinished({ seam, borders }: Pick<Quilt, 'seam' | 'borders'>, edges: number): Term[] {
  return [{ what: 'seams', count: edges, each: seam }, ...beyondSeam(borders.at(-1)?.beyond ?? 0, edges)]
}

/** What a border is cut wider than finished and two seams, on so many of its outer edges. */
export function beyondSeam(beyond: number, edges: number): Term[] {
  return beyond > 0 ? [{ what: 'for-wide-binding', count: edges, each: beyond }] : []
}
