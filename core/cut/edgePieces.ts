import type { PieceOrder } from './piece'
import { sameLength, type Inches } from '../measure/ruler'
import { plus, type Sum } from '../measure/sum'
import type { MethodContext } from '../make/methods/method'
import type { Border, Quilt } from '../file/quilt'
import { stripStripes } from '../file/stripRun'
import { plainSide } from '../make/methods/cutSize'
import { pieceOf } from '../make/methods/pieces'
import { longStripOrders } from './settingPieces'
import type { BorderStrip } from '../top/borders/border'
import { beyondSeam } from '../top/regions/rawEdge'
import type { BorderedTop } from '../top/borders/index'

/** Cut longer than planned by this, and trimmed when the top has been measured. Source: handbook §6. */
export const ROUGH_EXTRA: Inches = 3

/** How long a border strip is cut: as planned, and a little. */
export function roughLength(strip: BorderStrip): Sum {
  return plus(strip.length, { what: 'rough-extra', value: ROUGH_EXTRA })
}

/** Border strips at their rough length, always by the plan before measures. */
export function borderOrders(quilt: Quilt, planned: BorderedTop, room: MethodContext): PieceOrder[] {
  return quilt.borders.flatMap((border, i) => {
    const corners = cornerPieces(border, i + 1, room)
    // a pieced border is made of its units, as a block is
    if (border.pieced) return corners
    const mine = planned.strips.filter(strip => strip.border === i + 1)
    const order = (finishedWidth: Inches, strips: readonly BorderStrip[], pair?: 'sides' | 'ends') =>
      longStripOrders(
        {
          cloth: border.cloth,
          finishedWidth,
          beyond: border.beyond,
          lengths: strips.map(roughLength),
          long: border.long,
          stripes: stripStripes(quilt, border.cloth, border.stripes),
          part: 'border',
          place: { border: i + 1 },
          runs: pair === 'ends' ? 'level' : 'upright',
          ...(pair ? { pair } : {}),
        },
        quilt,
        room,
        2 * room.seam,
      )
    const sides = mine.filter(strip => strip.side === 'left' || strip.side === 'right')
    const ends = mine.filter(strip => strip.side === 'top' || strip.side === 'bottom')
    // sides and ends of one width are cut, and joined, as one
    return sameLength(border.sides, border.ends) && !room.isDirectional(border.cloth)
      ? [...order(border.sides, [...sides, ...ends]), ...corners]
      : [...order(border.sides, sides, 'sides'), ...order(border.ends, ends, 'ends'), ...corners]
  })
}

/** Four corners as wide and as high as the borders that meet in them, where they are of one cloth. */
function cornerPieces({ cornerWears, sides, ends, beyond }: Border, at: number, room: MethodContext): PieceOrder[] {
  if (!cornerWears || !('cloth' in cornerWears)) return []
  const { cloth } = cornerWears
  const wider = beyondSeam(beyond, 1)
  const draft = pieceOf(plainSide(sides, room, wider), plainSide(ends, room, wider), {
    cloth,
    part: 'corner',
    cuts: 'none',
    turn: !room.isDirectional(cloth),
    count: 4,
    counted: [{ what: 'corners', count: 4, each: 1 }],
    slots: [],
  })
  return [{ draft, method: 'rectangle', places: [{ border: at }], feeds: [], times: 0 }]
}
