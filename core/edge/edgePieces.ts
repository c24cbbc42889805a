import type { PieceOrder } from '../cutting/gather'
import type { Workroom } from '../methods/method'
import type { Inches } from '../measure/ruler'
import type { Quilt } from '../quilt/quilt'
import { longStripOrders } from '../setting/settingPieces'
import type { Binding } from './binding'
import type { BorderedTop } from './borders'

/** Cut longer than planned by this, and trimmed when the top has been measured. Source: handbook §6. */
export const ROUGH_EXTRA: Inches = 3

/** Border strips at their rough length: the planned length and a little, always by the plan before measures. */
export function borderOrders(quilt: Quilt, planned: BorderedTop, room: Workroom): PieceOrder[] {
  return quilt.borders.flatMap((border, i) => {
    const mine = planned.strips.filter(strip => strip.border === i + 1)
    const order = (finishedWidth: Inches, lengths: Inches[], runs: 'upright' | 'level') => longStripOrders(
      { cloth: border.cloth, depth: finishedWidth + 2 * room.seam, lengths, long: border.long, part: 'border', where: `border ${i + 1}`, runs }, quilt, room, 2 * room.seam)
    const lengths = (upright: boolean) => mine.filter(strip => (strip.side === 'left' || strip.side === 'right') === upright).map(strip => strip.length.total + ROUGH_EXTRA)
    // sides and ends of one width are cut, and joined, as one
    return Math.abs(border.sides - border.ends) < 1e-6 && !room.isDirectional(border.cloth)
      ? order(border.sides, [...lengths(true), ...lengths(false)], 'upright')
      : [...order(border.sides, lengths(true), 'upright'), ...order(border.ends, lengths(false), 'level')]
  })
}

/** Binding strips, whole widths of cloth. */
export function bindingOrders(quilt: Quilt, binding: Binding | null, room: Workroom): PieceOrder[] {
  if (!binding || !quilt.binding || binding.strips.total === 0) return []
  const usable = room.longestStrip(quilt.binding.cloth)
  return [{
    draft: {
      cloth: quilt.binding.cloth, part: 'binding', shape: 'strip', width: usable, height: binding.strip, exact: { width: usable, height: binding.strip },
      cuts: 'none', turn: true, count: binding.strips.total, slots: [],
    }, method: 'rectangle', where: ['edge'], feeds: [], times: 0,
  }]
}
