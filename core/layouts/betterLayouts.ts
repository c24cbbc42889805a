// In: piles of one cloth and its usable width. Out: ever shorter layouts, and a length that none can beat.
import { lowerBound } from '../cut/bound'
import { liesOf, type CutPiece, type Strip } from '../cut/cutPiece'
import { layOut } from '../cut/layout'
import { lengthOf } from '../cut/ownStrips'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { barBound } from './barBound'
import { belowBand } from './belowBand'
import { FEW_PIECES, shortestStrips } from './fewPieces'
import { orderOf } from './order'
import { placedStrips } from './placed'
import type { Pattern } from './pattern'
import { deepestStrip, searchStrips, steps } from './search'

export interface BetterLayout {
  length: Inches
  /** No layout is shorter than this. */
  bound: Inches
  /** Which part of the search found it. */
  by: 'greedy' | 'search'
  strips: () => Strip[]
  /** All layouts in strips up to so deep, columns and trims were tried: none of those is shorter. Null: not all. */
  triedTo: Inches | null
}

/** A piece narrower than this is no piece of cloth. */
const NARROWEST: Inches = 1 / 16

/** A length of cloth that no layout of these pieces can beat. */
export function provedBound(pieces: readonly CutPiece[], usable: Inches): Inches {
  const fits = fitting(pieces, usable)
  if (fits.length === 0) return 0
  return Math.max(lowerBound(fits, usable), areAllWide(fits) ? barBound(orderOf(fits, usable), usable) : 0)
}

/**
 * The quick layout, then after every step of the search the shortest so far: never longer than the one before. Long
 * pieces along the cloth, and what lies beside them, stay as the quick layout has them. Ends where none can be shorter;
 * the same for the same pieces, however they are named or listed.
 */
export function* betterLayouts(pieces: readonly CutPiece[], usable: Inches): Generator<BetterLayout> {
  const fits = fitting(pieces, usable)
  const quick = layOut(fits, usable)
  let best: BetterLayout = {
    length: quick.length,
    bound: quick.bound,
    by: 'greedy',
    strips: () => quick.strips,
    triedTo: null,
  }
  yield best
  const bound = provedBound(fits, usable)
  best = { ...best, bound }
  yield best
  const { band, rest, depth } = belowBand(quick.strips, fits)
  if (best.length <= bound + TOLERANCE || rest.length === 0 || !areAllWide(fits)) return
  const order = orderOf(rest, usable)
  const down = (cells: number) => depth + cells * order.cell.down
  const laid = (strips: readonly Pattern[], cells: number) => {
    if (down(cells) >= best.length - TOLERANCE) return
    const below = placedStrips(order, strips, { y: depth, width: usable })
    best = { ...best, length: depth + lengthOf(below), by: 'search', strips: () => [...band, ...below] }
  }
  if (rest.reduce((sum, { count }) => sum + count, 0) <= FEW_PIECES) {
    const deepest = deepestStrip(order)
    const lengths = { deepest, most: Math.round((best.length - depth) / order.cell.down) }
    const shortest = yield* steps(shortestStrips(order, lengths), () => best)
    if (shortest) laid(shortest.strips, shortest.depth)
    // a long piece along the cloth, and sizes off the ruler's steps, may lie otherwise
    if (band.length === 0 && order.isExact) best = { ...best, triedTo: deepest * order.cell.down }
    yield best
    if (best.triedTo !== null) return
  }
  const least = Math.ceil((bound - depth) / order.cell.down - 1e-6)
  for (const { strips, depth: cells } of searchStrips(order, least)) {
    laid(strips, cells)
    yield best
    if (best.length <= bound + TOLERANCE) return
  }
}

/** Pieces that are wanted and fit across. */
export const fitting = (pieces: readonly CutPiece[], usable: Inches) =>
  pieces.filter(piece => piece.count > 0 && liesOf(piece, usable).length > 0)
export const areAllWide = (pieces: readonly CutPiece[]) =>
  pieces.every(({ width, height }) => Math.min(width, height) >= NARROWEST)
