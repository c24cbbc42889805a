// In: what the quilt is hung by, and its label. Out: what is cut for them.
import type { PieceOrder } from '../cut/piece'
import type { Quilt } from '../file/quilt'
import { exactly, type CutSize } from '../make/methods/cutSize'
import type { MethodContext } from '../make/methods/method'
import type { PartName } from '../make/methods/partName'
import { pieceOf } from '../make/methods/pieces'
import { TOLERANCE } from '../measure/ruler'
import type { Sum } from '../measure/sum'
import { edgeOrder } from './binding/edgeOrder'
import type { HangingCorners, Sleeve } from './hanging'
import { planLabel } from './label'

/** Sleeves too long for their cloth are joined from strips as long as it gives. */
export function lastOrders(quilt: Quilt, hanging: Sleeve | HangingCorners | null, room: MethodContext): PieceOrder[] {
  const label = planLabel(quilt)
  return [
    ...(hanging && quilt.hanging ? hangingOrders(quilt.hanging.cloth, hanging, room) : []),
    ...(label && quilt.label
      ? [order(quilt.label.cloth, 'label', exactly(label.width.terms), exactly(label.height.terms), 1, room)]
      : []),
  ]
}

function hangingOrders(cloth: string, hanging: Sleeve | HangingCorners, room: MethodContext): PieceOrder[] {
  if (hanging.way === 'corners') {
    const side = exactly(hanging.square.terms)
    return [order(cloth, 'hanging-corners', side, side, 2, room)]
  }
  const { length, width, sections } = hanging
  const longest = room.longestStrip(cloth)
  const parts = partsOf(length, longest, room)
  const long = parts === 1 ? exactly(length.terms) : exactly([{ what: 'usable-width', value: longest }])
  return [order(cloth, 'sleeve', long, exactly(width.terms), parts * sections, room)]
}

/** Strips that are joined straight for one length. */
function partsOf({ total }: Sum, longest: number, { seam }: MethodContext): number {
  if (total <= longest + TOLERANCE) return 1
  return Math.ceil((total - 2 * seam) / (longest - 2 * seam) - TOLERANCE)
}

function order(
  cloth: string,
  part: PartName,
  width: CutSize,
  height: CutSize,
  count: number,
  room: MethodContext,
): PieceOrder {
  return edgeOrder(
    pieceOf(width, height, {
      cloth,
      part,
      cuts: 'none',
      turn: !room.isDirectional(cloth),
      count,
      counted: [{ what: 'pieces-to-cut', count, each: 1 }],
      slots: [],
    }),
  )
}
