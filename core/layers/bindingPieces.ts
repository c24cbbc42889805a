import type { PieceOrder } from '../cut/piece'
import { exactly } from '../make/methods/cutSize'
import type { Workroom } from '../make/methods/method'
import { pieceOf } from '../make/methods/pieces'
import type { Quilt } from '../file/quilt'
import type { Binding } from './binding'

/** Binding strips, whole widths of cloth. */
export function bindingOrders(quilt: Quilt, binding: Binding | null, room: Workroom): PieceOrder[] {
  if (!binding || !quilt.binding || binding.strips.total === 0) return []
  const cloth = quilt.binding.cloth
  const length = exactly([{ what: 'usable-width', value: room.longestStrip(cloth) }])
  const width = exactly([{ what: 'strip-as-chosen', value: binding.strip }])
  const count = binding.strips.total
  const draft = pieceOf(length, width, {
    cloth,
    part: 'binding',
    shape: 'strip',
    cuts: 'none',
    turn: true,
    count,
    counted: [{ what: 'binding-strips', count, each: 1 }],
    slots: [],
  })
  return [{ draft, method: 'rectangle', places: [{ part: 'edge' }], feeds: [], times: 0 }]
}
