import type { PieceOrder } from '../cutting/gather'
import { joinedLengths } from '../edge/joinedStrips'
import { sameLength, type Inches } from '../measure/ruler'
import { sewnAsCut } from '../methods/cutSize'
import type { PieceDraft, Workroom } from '../methods/method'
import type { Quilt } from '../quilt/quilt'
import type { SettingLayout } from './straight'

/** Strips wanted of one width: so many of each length. */
export interface LongStrips { cloth: string, depth: Inches, lengths: Inches[], long: 'along' | 'across', part: string, where: string, runs: 'upright' | 'level' }

/**
 * Long strips as pieces. Along: one piece each, cut with the length of the cloth. Across: one piece each where the cloth is wide
 * enough; longer ones are cut as strips that are joined end to end, with straight joins, into one length for all of them.
 * A print with an up decides for itself: upright strips run along the cloth, level ones across it.
 */
export function longStripOrders(strips: LongStrips, quilt: Quilt, room: Workroom, joinLoss: Inches): PieceOrder[] {
  const depth = sewnAsCut(strips.depth, room)
  const usable = room.longestStrip(strips.cloth)
  const directional = room.isDirectional(strips.cloth)
  const along = !room.isInPieces(strips.cloth) && (directional ? strips.runs === 'upright' : strips.long === 'along')
  const piece = (length: Inches, count: number, joined: boolean): PieceOrder => {
    const draft: PieceDraft = {
      cloth: strips.cloth, part: joined ? `${strips.part}-joined` : strips.part, shape: 'strip', width: length, height: depth.cut,
      exact: { width: length, height: depth.exact }, cuts: 'none', turn: !directional && !along, count, slots: [],
    }
    return { draft, method: 'rectangle', where: [strips.where], feeds: [], times: 0, ...(along ? { along: true } : {}) }
  }
  const single = along ? strips.lengths : strips.lengths.filter(length => length <= usable + 1e-6)
  const joined = along ? [] : strips.lengths.filter(length => length > usable + 1e-6)
  const total = joined.reduce((sum, length) => sum + length, 0)
  return [
    ...countEqual(single).map(({ length, count }) => piece(length, count, false)),
    ...(joined.length > 0 ? joinedLengths(total, usable, joinLoss, quilt.ruler).map(({ length, count }) => piece(length, count, true)) : []),
  ]
}

/** Sashes and cornerstones of the setting. Sashes are cut to length, widths go to the nearest half step of the ruler. */
export function settingOrders(quilt: Quilt, setting: SettingLayout, room: Workroom): PieceOrder[] {
  const { sashing } = quilt.setting
  if (!sashing) return []
  const raw = (finished: Inches) => finished + 2 * room.seam
  const strips = (run: 'upright' | 'level'): PieceOrder[] => {
    const lengths = setting.sashes.filter(sash => sash.run === run).map(sash => run === 'upright' ? sash.height : sash.width)
    return countEqual(lengths).map(({ length, count }) => {
      const across = sewnAsCut(raw(length), room), depth = sewnAsCut(raw(sashing.width), room)
      // as it lies in the quilt, so that a print with an up keeps it
      const [width, height] = run === 'upright' ? [depth, across] : [across, depth]
      return {
        draft: {
          cloth: sashing.cloth, part: 'sashes', shape: 'rectangle', width: width.cut, height: height.cut, exact: { width: width.exact, height: height.exact },
          cuts: 'none', turn: !room.isDirectional(sashing.cloth), count, slots: [],
        }, method: 'rectangle', where: ['sashing'], feeds: [], times: 0,
      }
    })
  }
  const long = setting.sashes.filter(sash => sash.run === 'long').map(sash => sewnAsCut(raw(sash.width), room).cut)
  const corner = sewnAsCut(raw(sashing.width), room)
  return [
    ...mergeTurned([...strips('upright'), ...strips('level')]),
    ...(long.length > 0 ? longStripOrders({ cloth: sashing.cloth, depth: raw(sashing.width), lengths: long, long: sashing.long, part: 'long-sashes', where: 'sashing', runs: 'level' }, quilt, room, 2 * room.seam) : []),
    ...(setting.cornerstones.length > 0 && sashing.cornerstones
      ? [{
          draft: {
            cloth: sashing.cornerstones.cloth, part: 'cornerstones', shape: 'square' as const, width: corner.cut, height: corner.cut, exact: { width: corner.exact, height: corner.exact },
            cuts: 'none' as const, turn: !room.isDirectional(sashing.cornerstones.cloth), count: setting.cornerstones.length, slots: [],
          }, method: 'rectangle', where: ['sashing'], feeds: [], times: 0,
        }]
      : []),
  ]
}

/** Upright and level sashes of one size are one pile, unless their print has an up. */
function mergeTurned(orders: readonly PieceOrder[]): PieceOrder[] {
  return orders.map((order) => {
    const { draft } = order
    return draft.turn && draft.width > draft.height ? { ...order, draft: { ...draft, width: draft.height, height: draft.width, exact: { width: draft.exact.height, height: draft.exact.width } } } : order
  })
}

function countEqual(lengths: readonly Inches[]): { length: Inches, count: number }[] {
  const groups: { length: Inches, count: number }[] = []
  for (const length of lengths) {
    const group = groups.find(candidate => sameLength(candidate.length, length))
    if (group) group.count += 1
    else groups.push({ length, count: 1 })
  }
  return groups
}
