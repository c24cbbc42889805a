import type { PieceOrder } from './piece'
import { sameLength, type Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import type { Workroom } from '../make/methods/method'
import type { Quilt } from '../file/quilt'
import { longStripOrders } from './settingPieces'
import type { BorderStrip } from '../top/border'
import type { BorderedTop } from '../top/borders/index'

/** Cut longer than planned by this, and trimmed when the top has been measured. Source: handbook §6. */
export const ROUGH_EXTRA: Inches = 3

/** How long a border strip is cut: as planned, and a little. */
export function roughLength(strip: BorderStrip): Sum {
  return plus(strip.length, { what: 'rough-extra', value: ROUGH_EXTRA })
}

/** Border strips at their rough length, always by the plan before measures. */
export function borderOrders(quilt: Quilt, planned: BorderedTop, room: Workroom): PieceOrder[] {
  return quilt.borders.flatMap((border, i) => {
    const mine = planned.strips.filter(strip => strip.border === i + 1)
    const order = (finishedWidth: Inches, strips: readonly BorderStrip[], runs: 'upright' | 'level') =>
      longStripOrders(
        {
          cloth: border.cloth,
          finishedWidth,
          lengths: strips.map(roughLength),
          long: border.long,
          part: 'border',
          place: { border: i + 1 },
          runs,
        },
        quilt,
        room,
        2 * room.seam,
      )
    const sides = mine.filter(strip => strip.side === 'left' || strip.side === 'right')
    const ends = mine.filter(strip => strip.side === 'top' || strip.side === 'bottom')
    // sides and ends of one width are cut, and joined, as one
    return sameLength(border.sides, border.ends) && !room.isDirectional(border.cloth)
      ? order(border.sides, [...sides, ...ends], 'upright')
      : [...order(border.sides, sides, 'upright'), ...order(border.ends, ends, 'level')]
  })
}
