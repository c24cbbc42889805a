// In: a cloth and its piles. Out: the cloth it takes, laid out, and what to buy, with reasons.
import type { Explainable } from '../measure/explained'
import { layOut, QUICK, type Layout, type Search } from './layout'
import type { Leftover } from './leftovers'
import { layOutOnSheets } from './sheets'
import type { CutPiece, Strip } from './cutPiece'
import { quickLayout } from './knownLayouts'
import type { Piece } from './piece'
import { sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import { sumOf, termValue, type Sum, type Term } from '../measure/sum'
import type { Cloth, Quilt } from '../file/quilt'
import { clothToBuy } from './clothToBuy'

export interface ClothNeed {
  id: string
  /** Length of cloth, or pieces of cloth opened. */
  need: Sum
  buy: Sum
  unit: 'in' | 'piece'
  bound: number
  area: number
  waste: number
  parts: { why: (typeof PARTS)[number]; length: Inches }[]
  strips: Strip[]
  /** How many strips there are. */
  laid: number
  left: Explainable<Leftover>[]
  unplaced: CutPiece[]
}

/** A layout of these pieces that was found before, where there is one. */
export type KeptLayout = (quilt: Quilt, cloth: Cloth, pieces: readonly CutPiece[]) => Layout | null

/** What a length of cloth to buy is made of, before it is rounded. */
const PARTS = ['long-pieces', 'strips', 'square-up', 'margin', 'shrinkage'] as const

/** How one pile lies on the cloth. A piece to be cut along the cloth has its length down it. */
export function toCutPiece(piece: Piece): CutPiece {
  const along = piece.grain === 'along'
  return {
    id: piece.id,
    count: piece.count,
    turn: piece.grain === 'any',
    ...(along ? { along: true } : {}),
    width: along ? piece.height : piece.width,
    height: along ? piece.width : piece.height,
  }
}

/**
 * What one cloth has to give, laid out, and what to buy of it. Length to buy = (need + margin·need + 1″ squaring up)
 * ÷ (1 − shrink), rounded up to ⅛ yd or 10 cm. Source: handbook §5.
 */
export function clothNeed(
  quilt: Quilt,
  cloth: Cloth,
  pieces: readonly Piece[],
  search: Search = QUICK,
  keptLayout: KeptLayout = () => null,
): ClothNeed {
  const cutPieces = pieces.filter(piece => piece.cloth === cloth.id).map(toCutPiece)
  const area = cutPieces.reduce((sum, piece) => sum + piece.width * piece.height * piece.count, 0)
  if (cloth.form === 'piece') return onSheets(cloth, cutPieces, area)
  const layout =
    keptLayout(quilt, cloth, cutPieces)
    ?? (search === QUICK ? quickLayout(cutPieces, cloth.usable) : layOut(cutPieces, cloth.usable, search))
  const along = alongLength(layout)
  const need = sumOf([{ what: 'long-pieces', value: along }, ...stripTerms(layout, along)])
  const buy = clothToBuy(quilt, cloth.shrink, [
    { what: 'long-pieces', value: along },
    { what: 'strips', value: layout.length - along },
  ])
  return {
    id: cloth.id,
    need,
    unit: 'in',
    bound: layout.bound,
    area,
    waste: layout.length > 0 ? 1 - area / (layout.length * cloth.usable) : 0,
    buy,
    parts: PARTS.flatMap(why => {
      const term = buy.terms.find(({ what }) => what === why)
      return term ? [{ why, length: termValue(term) }] : []
    }),
    strips: layout.strips,
    laid: layout.strips.length,
    left: layout.left,
    unplaced: layout.unplaced,
  }
}

/** The strips below the long ones, so many of each depth, in the order in which they lie. */
function stripTerms({ strips }: Layout, along: Inches): Term[] {
  const below = strips.filter(({ y }) => y >= along - TOLERANCE)
  const depths: { what: 'strips-deep'; count: number; each: Inches }[] = []
  for (const { height } of below) {
    const known = depths.find(({ each }) => sameLength(each, height))
    if (known) known.count += 1
    else depths.push({ what: 'strips-deep', count: 1, each: height })
  }
  return depths
}

/** Down to where the long strips reach; the strips beside them cost nothing more. */
function alongLength(layout: Layout): Inches {
  const ends = layout.strips.filter(strip => strip.run === 'along').map(strip => strip.y + strip.height)
  return ends.length > 0 ? Math.max(...ends) : 0
}

function onSheets(cloth: Cloth, pieces: readonly CutPiece[], area: number): ClothNeed {
  const length = cloth.usableLength
  const layout = layOutOnSheets(
    pieces.map(piece => ({ ...piece, along: false })),
    cloth.usable,
    length,
  )
  const count = sumOf([{ what: 'pieces-of-cloth', value: layout.length }])
  return {
    id: cloth.id,
    need: count,
    buy: count,
    unit: 'piece',
    bound: layout.bound,
    area,
    waste: layout.length > 0 ? 1 - area / (layout.length * cloth.usable * length) : 0,
    parts: [],
    strips: layout.strips,
    laid: layout.strips.length,
    left: layout.left,
    unplaced: layout.unplaced,
  }
}
