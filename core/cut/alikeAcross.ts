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

/** Strips that may be laid on each other: cut up into several pieces, none of them slanted (those want one layer). */
export function isCutInLayers({ run, cuts }: Strip, isStraight: (piece: string) => boolean): boolean {
  return run === 'across' && cuts.length > 1 && cuts.every(({ piece }) => isStraight(piece))
}

/** The deepest first. `isStraight`: a piece that is cut from its strip by straight cuts alone. */
export function alikeAcross(
  cloths: readonly { id: string; strips: readonly Strip[] }[],
  isStraight: (piece: string) => boolean,
): AlikeAcross[] {
  const kinds = new Map<string, AlikeAcross>()
  for (const { id, strips } of cloths)
    strips.forEach((strip, first) => {
      if (!isCutInLayers(strip, isStraight)) return
      const key = alikeKey(strip, columnsOf(strip))
      const kind = kinds.get(key) ?? { depth: strip.height, cloths: [] }
      kinds.set(key, kind)
      const known = kind.cloths.find(({ cloth }) => cloth === id)
      if (known) known.count += 1
      else kind.cloths.push({ cloth: id, count: 1, first })
    })
  return [...kinds.values()].filter(kind => kind.cloths.length > 1).sort((a, b) => b.depth - a.depth)
}
