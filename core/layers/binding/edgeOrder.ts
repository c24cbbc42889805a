import type { PieceOrder } from '../../cut/piece'
import type { PieceDraft } from '../../make/methods/method'

/** A pile of what is sewn to the whole quilt: it feeds no block. */
export function edgeOrder(draft: PieceDraft): PieceOrder {
  return { draft, method: 'rectangle', places: [{ part: 'edge' }], feeds: [], times: 0 }
}
