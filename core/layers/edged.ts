import type { Quilt } from '../file/quilt'
import { addTerms, plus, type Sum } from '../measure/sum'
import { beyondFinished } from '../top/regions/rawEdge'

/** A side of the quilt with what its binding adds: it folds round the raw edge of the top. */
export function edgedSide(quilt: Quilt, finished: Sum): Sum {
  return plus(finished, {
    what: 'binding-edge',
    count: 2,
    each: quilt.binding ? addTerms(beyondFinished(quilt, 1)) : 0,
  })
}
