// In: pieces that stages and units ask for. Out: piles of like pieces, numbered, counted with their reasons.
import type { Piece, PieceOrder } from './piece'
import { clothOf, type Quilt } from '../file/quilt'
import type { Polygon } from '../geometry/polygon'
import { lengthKey } from '../measure/ruler'
import type { PieceDraft } from '../make/methods/method'
import { distinctPlaces, useOf } from './place'
import { countOf } from './pileCount'
import { shortHash } from '../measure/shortHash'

/**
 * Like pieces of the whole quilt in one pile each, numbered by cut size in the order of the work. Piles for blocks
 * get so many `spares`; what is cut to length for one place (sashes, borders, binding, strips of a strip set) gets
 * none.
 */
export function gatherPieces(orders: readonly PieceOrder[], spares: (cloth: string) => number = () => 0): Piece[] {
  const numbers = new Map<string, string>()
  return pilesOf(orders).map(({ id, pile }) => {
    const size = sizeKey(pile[0]!.draft)
    const number = numbers.get(size) ?? String(numbers.size + 1)
    numbers.set(size, number)
    return pieceOfPile(id, pile, number, spares(pile[0]!.draft.cloth))
  })
}

/** Spares that the quilter wants in each pile; of blocks that are sewn there are as many as there are. */
export function sparesOf(quilt: Quilt): (cloth: string) => number {
  return cloth => (clothOf(quilt, cloth).tray === undefined ? quilt.spares : 0)
}

/** The same under the numbers of another sheet; sizes that are not on it have none. */
export function gatherBeside(orders: readonly PieceOrder[], sheet: readonly Piece[]): Piece[] {
  const numbers = new Map(sheet.map(piece => [sizeKey(piece), piece.letter]))
  return pilesOf(orders).map(({ id, pile }) => pieceOfPile(id, pile, numbers.get(sizeKey(pile[0]!.draft)) ?? '', 0))
}

function pilesOf(orders: readonly PieceOrder[]): { id: string; pile: PieceOrder[] }[] {
  const piles = new Map<string, PieceOrder[]>()
  for (const order of orders) {
    if (order.draft.count === 0) continue
    const id = pieceId(order)
    piles.set(id, [...(piles.get(id) ?? []), order])
  }
  return [...piles].map(([id, pile]) => ({ id, pile }))
}

function pieceOfPile(id: string, pile: readonly PieceOrder[], letter: string, spares: number): Piece {
  const { draft, method, along } = pile[0]!
  const places = distinctPlaces(pile.flatMap(order => order.places))
  const ofBlocks = draft.slots.length > 0 && draft.shape !== 'strip' ? spares : 0
  const spare = pile.reduce((sum, order) => sum + (order.spare ?? 0), ofBlocks)
  const count = countOf(pile, spare)
  return {
    id,
    cloth: draft.cloth,
    use: useOf(places, draft.part),
    places,
    part: draft.part,
    letter,
    count: count.total,
    spare,
    patches: pile.reduce((sum, order) => sum + servedInWhole(order) * order.draft.slots.length, 0),
    for: fedBy(pile),
    shape: draft.shape,
    width: draft.width,
    height: draft.height,
    exact: draft.exact,
    why: { ...draft.why, count },
    cuts: draft.cuts,
    ...(draft.angled ? { angled: draft.angled } : {}),
    hand: draft.hand ?? 'either',
    method,
    ...(draft.outline ? { outline: draft.outline } : {}),
    ...(draft.isStriped ? { isStriped: true } : {}),
    grain: along ? 'along' : draft.turn ? 'any' : 'across',
  }
}

/** Units of whole blocks that these pieces feed. */
function servedInWhole({ draft, times, timesInWhole }: PieceOrder): number {
  return timesInWhole ?? draft.serves ?? times
}

function fedBy(pile: readonly PieceOrder[]): Piece['for'] {
  const found = new Map<string, Set<number>>()
  for (const {
    feeds,
    draft: { slots },
  } of pile) {
    for (const feed of feeds) {
      if (slots.includes(feed.slot)) found.set(feed.block, (found.get(feed.block) ?? new Set()).add(feed.patch))
    }
  }
  return [...found].map(([block, patches]) => ({ block, patches: [...patches].sort((a, b) => a - b) }))
}

/** Made from what a piece is: all that are alike share it. */
export function pieceId({ draft, along }: Pick<PieceOrder, 'draft' | 'along'>): string {
  const parts = [draft.cloth, draft.shape, `${lengthKey(draft.width)}x${lengthKey(draft.height)}`, draft.part]
  if (draft.cuts === 'one-diagonal' || draft.cuts === 'two-diagonals') {
    parts.push(
      draft.cuts,
      diagonalOf(draft.pool?.corner),
      draft.hand === undefined || draft.hand === 'either' ? '' : draft.hand,
    )
  }
  if (draft.outline) parts.push(draft.hand ?? 'either', outlineKey(draft.outline))
  if (draft.angled)
    parts.push(
      `${Math.round(draft.angled.angle * 100) / 100}`,
      draft.hand === undefined || draft.hand === 'either' ? '' : draft.hand,
    )
  if (along) parts.push('along')
  else if (!draft.turn) parts.push(draft.isStriped ? 'striped' : 'upright')
  if (draft.ownPile !== undefined) parts.push(draft.ownPile)
  return parts.filter(part => part !== '').join('.')
}

/** Which diagonal a directional square is cut on: the triangles of one are no use for the other. */
function diagonalOf(corner: string | undefined): string {
  if (corner === undefined) return ''
  return corner === 'nw' || corner === 'se' ? 'rising' : corner === 'ne' || corner === 'sw' ? 'falling' : 'both'
}

function sizeKey(draft: Pick<PieceDraft, 'width' | 'height' | 'cuts' | 'outline' | 'hand'>): string {
  const sides = [draft.width, draft.height]
    .sort((a, b) => a - b)
    .map(lengthKey)
    .join('x')
  return `${sides} ${draft.cuts} ${draft.hand ?? 'either'} ${draft.outline ? outlineKey(draft.outline) : ''}`
}

/** Short and the same for the same outline. */
function outlineKey(outline: Polygon): string {
  return shortHash(
    outline
      .map(([x, y]) => `${lengthKey(x)},${lengthKey(y)}`)
      .sort()
      .join(' '),
  )
}
