import type { Inches } from './ruler'
import { sumOf, type Sum } from './sum'

/** A side from raw edge to raw edge: finished, and a seam on either side. */
export function unfinishedSide(finished: Inches, seam: Inches): Sum {
  return sumOf([
    { what: 'finished', value: finished },
    { what: 'seams', count: 2, each: seam },
  ])
}
