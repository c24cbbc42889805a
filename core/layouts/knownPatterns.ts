// In: strips of a layout. Out: the same in whole cells of an order, to be searched from.
import { columnsOf } from '../cut/columns'
import type { Cut, Strip } from '../cut/cutPiece'
import { sameLength } from '../measure/ruler'
import type { Order } from './order'
import { patternOf, type ColumnPart, type Pattern } from './pattern'

/** `strips` run across the whole cloth and hold pieces of this order. */
export function knownPatterns(order: Order, strips: readonly Strip[]): Pattern[] {
  const sizeOf = new Map(order.sizes.flatMap(({ piles }, size) => piles.map(({ id }) => [id, size] as const)))
  const lieOf = ({ piece, width }: Cut) => {
    const size = sizeOf.get(piece)!
    const isTurned = !sameLength(width, order.sizes[size]!.width)
    return order.lies.findIndex(lie => lie.size === size && lie.isTurned === isTurned)
  }
  return strips.map(strip =>
    patternOf(
      order,
      columnsOf(strip).map(column => {
        const parts = partsOf(column.map(lieOf))
        return { width: Math.max(...parts.map(({ lie }) => order.lies[lie]!.width)), parts }
      }),
    ),
  )
}

/** Like pieces on top of each other counted together. */
function partsOf(lies: readonly number[]): ColumnPart[] {
  const times = new Map<number, number>()
  for (const lie of lies) times.set(lie, (times.get(lie) ?? 0) + 1)
  return [...times].map(([lie, count]) => ({ lie, times: count }))
}
