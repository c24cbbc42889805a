import type { PieceOrder } from './piece'
import type { PiecePlace } from './place'
import { joinedLengths } from './joinedStrips'
import { sameLength, type Inches } from '../measure/ruler'
import type { Sum, Term } from '../measure/sum'
import { plainSide, type CutSize } from '../make/methods/cutSize'
import type { PieceDraft, MethodContext } from '../make/methods/method'
import type { LongPartName } from '../make/methods/partName'
import { pieceOf } from '../make/methods/pieces'
import { joinedSide } from '../file/joinedSide'
import type { Quilt } from '../file/quilt'
import { stripStripes } from '../file/stripRun'
import type { StripStripes } from '../file/stripStripes'
import { beyondSeam } from '../top/regions/rawEdge'
import { ownSize } from '../top/regions/region'
import { cornerstoneFabric } from '../top/regions/cornerstoneFabric'
import type { Setting } from '../top/settings/setting'
import { fillerOrders } from './fillerPieces'

/** Strips wanted of one finished width: so many of each cut length. */
export interface LongStrips {
  cloth: string
  finishedWidth: Inches
  /** Cut wider by this on one edge. */
  beyond?: Inches
  lengths: readonly Sum[]
  long: 'along' | 'across'
  /** How the stripes of its cloth are to run, where it has some. */
  stripes: StripStripes | null
  part: LongPartName
  place: PiecePlace
  runs: 'upright' | 'level'
  /** Of a border whose two pairs are not cut as one. */
  pair?: 'sides' | 'ends'
}

/**
 * Long strips as pieces. Along: one piece each, cut with the length of the cloth. Across: one piece each where the
 * cloth is wide enough; longer ones are cut as strips that are joined end to end, with straight joins, into one
 * length for all of them. A print with an up decides for itself: upright strips run along the cloth, level ones
 * across it; stripes decide where it was said how they run.
 */
export function longStripOrders(strips: LongStrips, quilt: Quilt, room: MethodContext, joinLoss: Inches): PieceOrder[] {
  const depth = plainSide(strips.finishedWidth, room, beyondSeam(strips.beyond ?? 0, 1))
  const usable = room.longestStrip(strips.cloth)
  const directional = room.isDirectional(strips.cloth)
  const isAlong = directional ? strips.runs === 'upright' : (strips.stripes ?? strips.long) === 'along'
  const along = !room.isInPieces(strips.cloth) && isAlong
  const piece = (length: Sum, rest: Pick<PieceDraft, 'part' | 'count' | 'counted'>): PieceOrder => {
    const draft = pieceOf({ ...length, exact: length.total }, depth, {
      cloth: strips.cloth,
      shape: 'strip',
      cuts: 'none',
      turn: !directional && !along && strips.stripes === null,
      ...(strips.stripes ? { isStriped: true } : {}),
      slots: [],
      ...rest,
    })
    return {
      draft,
      method: 'rectangle',
      places: [strips.place],
      feeds: [],
      times: 0,
      ...(strips.pair ? { pair: strips.pair } : {}),
      ...(along ? { along: true } : {}),
    }
  }
  const fits = ({ total }: Sum) => along || total <= usable + 1e-6
  const single = strips.lengths.filter(fits)
  const joined = strips.lengths.filter(length => !fits(length))
  const counted = (count: number): { count: number; counted: Term[] } => ({
    count,
    counted: [{ what: 'strips-wanted', count, each: 1 }],
  })
  return [
    ...countEqual(single).map(({ length, count }) => piece(length, { part: strips.part, ...counted(count) })),
    ...joinedLengths(joined, usable, joinLoss, quilt.ruler).map(({ length, count, counted }) =>
      piece(length, { part: `${strips.part}-joined`, count, counted }),
    ),
  ]
}

/**
 * Sashes and cornerstones of the setting. Sashes are cut to length, widths go to the nearest half step of the ruler.
 */
export function settingOrders(quilt: Quilt, setting: Setting, room: MethodContext): PieceOrder[] {
  return [...sashingOrders(quilt, setting, room), ...fillerOrders(setting, room)]
}

function sashingOrders(quilt: Quilt, setting: Setting, room: MethodContext): PieceOrder[] {
  const { sashing } = quilt.setting
  if (!sashing) return []
  const depth = plainSide(sashing.width, room)
  const sashes = (['upright', 'level'] as const).flatMap((run): PieceOrder[] => {
    const lengths = setting.regions
      .filter(sash => sash.run === run && 'cloth' in sash.fabric)
      .map(sash => plainSide(run === 'upright' ? ownSize(sash).height : ownSize(sash).width, room))
    return countEqual(lengths).map(({ length, count }) => {
      const stripes = stripStripes(quilt, sashing.cloth, sashing.stripes)
      const isPlain = !room.isDirectional(sashing.cloth)
      // as it lies in the quilt, so that a print with an up keeps it; without one all stand, stripes along or across
      const isUpright = isPlain ? stripes !== 'across' : run === 'upright'
      const [width, height] = isUpright ? [depth, length] : [length, depth]
      const draft = pieceOf(width, height, {
        cloth: sashing.cloth,
        part: 'sashes',
        shape: 'rectangle',
        cuts: 'none',
        turn: isPlain && stripes === null,
        ...(stripes ? { isStriped: true } : {}),
        count,
        counted: [{ what: `${run}-sashes`, count, each: 1 }],
        slots: [],
      })
      return { draft, method: 'rectangle', places: [{ part: 'sashing' }], feeds: [], times: 0 }
    })
  })
  const long = setting.regions.filter(sash => sash.run === 'long')
  const runs = joinedSide(quilt.setting) === 'height' ? 'upright' : 'level'
  const lengths = long.map(({ width, height }) => plainSide(runs === 'upright' ? height : width, room))
  return [...sashes, ...longSashes(quilt, lengths, runs, room), ...cornerstones(quilt, setting, depth, room)]
}

function longSashes(
  quilt: Quilt,
  lengths: readonly CutSize[],
  runs: LongStrips['runs'],
  room: MethodContext,
): PieceOrder[] {
  const { sashing } = quilt.setting
  if (!sashing || lengths.length === 0) return []
  return longStripOrders(
    {
      cloth: sashing.cloth,
      finishedWidth: sashing.width,
      lengths,
      long: sashing.long,
      stripes: stripStripes(quilt, sashing.cloth, sashing.stripes),
      part: 'long-sashes',
      place: { part: 'sashing' },
      runs,
    },
    quilt,
    room,
    2 * room.seam,
  )
}

function cornerstones(quilt: Quilt, setting: Setting, side: CutSize, room: MethodContext): PieceOrder[] {
  const stones = setting.regions.filter(({ part, fabric }) => part.kind === 'cornerstone' && 'cloth' in fabric)
  if (stones.length === 0) return []
  const fabric = cornerstoneFabric(quilt)
  const cloth = 'cloth' in fabric ? fabric.cloth : ''
  const draft = pieceOf(side, side, {
    cloth,
    part: 'cornerstones',
    cuts: 'none',
    turn: !room.isDirectional(cloth),
    count: stones.length,
    counted: [{ what: 'cornerstones', count: stones.length, each: 1 }],
    slots: [],
  })
  return [{ draft, method: 'rectangle', places: [{ part: 'sashing' }], feeds: [], times: 0 }]
}

function countEqual<T extends Sum>(lengths: readonly T[]): { length: T; count: number }[] {
  const groups: { length: T; count: number }[] = []
  for (const length of lengths) {
    const group = groups.find(candidate => sameLength(candidate.length.total, length.total))
    if (group) group.count += 1
    else groups.push({ length, count: 1 })
  }
  return groups
}
