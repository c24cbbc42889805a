import type { PieceOrder } from '../cut/piece'
import type { Quilt } from '../file/quilt'
import { exactly } from '../make/methods/cutSize'
import type { MethodContext } from '../make/methods/method'
import { pieceOf } from '../make/methods/pieces'
import { planAsYouGo } from './asYouGo'
import { edgeOrder } from './binding/edgeOrder'

/** The backs of blocks that are quilted one by one. */
export function backOrders(quilt: Quilt, room: MethodContext): PieceOrder[] {
  const made = planAsYouGo(quilt)
  if (!made || !quilt.backing) return []
  const { cloth } = quilt.backing
  return made.sizes.map(({ back, count }) =>
    edgeOrder(
      pieceOf(exactly(back.width.terms), exactly(back.height.terms), {
        cloth,
        part: 'backs',
        cuts: 'none',
        turn: !room.isDirectional(cloth),
        count,
        counted: [{ what: 'blocks', count, each: 1 }],
        slots: [],
      }),
    ),
  )
}
