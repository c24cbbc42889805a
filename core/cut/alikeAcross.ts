// In: the strips of several cloths. Out: those that are cut up alike in more than one, to be laid on each other.
import type { Inches } from '../measure/ruler'
import { columnsOf } from './columns'
import type { Strip } from './cutPiece'
import { alikeKey } from './cutsNeeded'

export interface AlikeAcross {
  depth: Inches
  /** How many of each cloth, and the place of the first among its strips. */
  cloths: { cloth: string; count: number; first: number }[]
}

/** The deepest first. `isStraight`: a piece that is cut from its strip by straight cuts alone. */
export function alikeAcross(
  cloths: readonly { id: string; strips: readonly Strip[] }[],
  isStraight: (piece: string) => boolean,
): AlikeAcross[] {
  const kinds = new Map<string, AlikeAcross>()
  for (const { id, strips } of cloths)
    strips.forEach((strip, first) => {
      if (strip.run === 'along' || !strip.cuts.every(({ piece }) => isStraight(piece))) return
      const key = alikeKey(strip, columnsOf(strip))
      const kind = kinds.get(key) ?? { depth: strip.height, cloths: [] }
      kinds.set(key, kind)
      const known = kind.cloths.find(({ cloth }) => cloth === id)
      if (known) known.count += 1
      else kind.cloths.push({ cloth: id, count: 1, first })
    })
  return [...kinds.values()].filter(kind => kind.cloths.length > 1).sort((a, b) => b.depth - a.depth)
}
