import type { Feed } from '../block/dressUnit'
import type { Polygon } from '../geometry/polygon'
import { lengthKey, type Inches } from '../measure/ruler'
import type { Hand } from '../geometry/handOf'
import type { Cuts, PieceDraft, Shape } from '../methods/method'
import { letterAt } from '../quilt/letters'
import { shortHash } from './shortHash'

/** A pile of like pieces on the cutting sheet. Cut sizes, seam included. */
export interface Piece {
  /** Made from what it is, so that ticks outlive a change of plan. */
  id: string
  cloth: string
  /** `star: points`; for people, with the words made elsewhere. */
  use: string
  /** The last part of `use`. */
  part: string
  letter: string
  count: number
  /** Pieces of `count` beyond those needed. */
  spare: number
  /** Patches of the quilt that it feeds. */
  patches: number
  for: { block: string, patches: number[] }[]
  shape: Shape
  width: Inches
  height: Inches
  /** Before rounding to the ruler. */
  exact: { width: Inches, height: Inches }
  why?: PieceDraft['why']
  cuts: Cuts
  outline?: Polygon
  hand: Hand
  method: string
  /** Its stripes run with its height; left out where that does not matter. */
  isStriped?: boolean
  /** How its width runs on the cloth. */
  grain: 'across' | 'along' | 'any'
}

/** A draft with what only the quilt knows of it. */
export interface PieceOrder {
  draft: PieceDraft
  method: string
  /** Block ids, or a place such as `sashing`. */
  where: readonly string[]
  feeds: readonly Feed[]
  /** Units or places that each of its slots feeds. */
  times: number
  /** To be cut along the cloth. */
  along?: boolean
}

/**
 * Like pieces of the whole quilt in one pile each, lettered by cut size in the order of the work. Piles for blocks get so many
 * `spares`; what is cut to length for one place (sashes, borders, binding, strips of a strip set) gets none. Sizes that have
 * a letter in `known` keep it.
 */
export function gatherPieces(orders: readonly PieceOrder[], spares = 0, known: readonly Piece[] = []): Piece[] {
  const piles = new Map<string, PieceOrder[]>()
  for (const order of orders) {
    if (order.draft.count === 0) continue
    const id = pieceId(order)
    piles.set(id, [...(piles.get(id) ?? []), order])
  }
  const letters = new Map(known.map(piece => [sizeKey(piece), piece.letter]))
  return [...piles].map(([id, pile]): Piece => {
    const { draft, method, along } = pile[0]!
    const size = sizeKey(draft)
    const letter = letters.get(size) ?? letterAt(letters.size)
    letters.set(size, letter)
    const where = [...new Set(pile.flatMap(order => order.where))]
    const forBlocks = new Map<string, Set<number>>()
    for (const { feeds, draft: { slots } } of pile) {
      for (const feed of feeds) {
        if (slots.includes(feed.slot)) forBlocks.set(feed.block, (forBlocks.get(feed.block) ?? new Set()).add(feed.patch))
      }
    }
    const spare = draft.slots.length > 0 && draft.shape !== 'strip' ? spares : 0
    return {
      id, cloth: draft.cloth, use: `${where.join(' + ')}: ${draft.part}`, part: draft.part, letter, count: countOf(pile) + spare, spare,
      patches: pile.reduce((sum, order) => sum + (order.draft.serves ?? order.times) * order.draft.slots.length, 0),
      for: [...forBlocks].map(([block, patches]) => ({ block, patches: [...patches].sort((a, b) => a - b) })),
      shape: draft.shape, width: draft.width, height: draft.height, exact: draft.exact, ...(draft.why ? { why: draft.why } : {}), cuts: draft.cuts, hand: draft.hand ?? 'either', method,
      ...(draft.outline ? { outline: draft.outline } : {}), ...(draft.isStriped ? { isStriped: true } : {}), grain: along ? 'along' : draft.turn ? 'any' : 'across',
    }
  })
}

/**
 * Squares for single triangles are counted once for all the triangles they give: together where a triangle may come from any
 * corner, else as many squares as the corner most in need wants.
 */
function countOf(pile: readonly PieceOrder[]): number {
  let count = 0, free = 0, gives = 1
  const byCorner = new Map<string, number>()
  for (const { draft } of pile) {
    if (!draft.pool) count += draft.count
    else {
      gives = draft.pool.gives
      if (draft.pool.corner === undefined) free += draft.pool.needed
      else byCorner.set(draft.pool.corner, (byCorner.get(draft.pool.corner) ?? 0) + draft.pool.needed)
    }
  }
  return count + Math.ceil(free / gives) + Math.max(0, ...byCorner.values())
}

/** Ways whose pieces are piled apart from others of their size, for a piece of theirs feeds another number of patches. */
const OWN_PILES: Readonly<Record<string, string>> = { 'strip-set': 'set', 'wedge-strip-set': 'set', 'hst-4': 'four', 'hst-8': 'eight' }

/** Made from what a piece is: all that are alike share it. */
export function pieceId({ draft, along, method }: Pick<PieceOrder, 'draft' | 'along' | 'method'>): string {
  const parts = [draft.cloth, draft.shape, `${lengthKey(draft.width)}x${lengthKey(draft.height)}`, draft.part]
  if (draft.cuts === 'one-diagonal' || draft.cuts === 'two-diagonals') parts.push(draft.cuts, diagonalOf(draft.pool?.corner), draft.hand === undefined || draft.hand === 'either' ? '' : draft.hand)
  if (draft.outline) parts.push(draft.hand ?? 'either', outlineKey(draft.outline))
  if (along) parts.push('along')
  else if (!draft.turn) parts.push(draft.isStriped ? 'striped' : 'upright')
  const pile = OWN_PILES[method]
  if (pile) parts.push(pile)
  return parts.filter(part => part !== '').join('.')
}

/** Which diagonal a directional square is cut on: the triangles of one are no use for the other. */
function diagonalOf(corner: string | undefined): string {
  if (corner === undefined) return ''
  return corner === 'nw' || corner === 'se' ? 'rising' : corner === 'ne' || corner === 'sw' ? 'falling' : 'both'
}

function sizeKey(draft: Pick<PieceDraft, 'width' | 'height' | 'cuts' | 'outline' | 'hand'>): string {
  const sides = [draft.width, draft.height].sort((a, b) => a - b).map(lengthKey).join('x')
  return `${sides} ${draft.cuts} ${draft.hand ?? 'either'} ${draft.outline ? outlineKey(draft.outline) : ''}`
}

/** Short and the same for the same outline. */
function outlineKey(outline: Polygon): string {
  return shortHash(outline.map(([x, y]) => `${lengthKey(x)},${lengthKey(y)}`).sort().join(' '))
}
