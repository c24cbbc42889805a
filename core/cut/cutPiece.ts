import { TOLERANCE, type Inches } from '../measure/ruler'

/** Like pieces wanted from one cloth, as they lie: `width` across the cloth. Sizes under the knife, seam included. */
export interface CutPiece {
  id: string
  width: Inches
  height: Inches
  count: number
  /** May lie the other way round as well. */
  turn: boolean
  /** To be cut along the length of the cloth, `height` along it: a long strip without joins. */
  along?: boolean
}

/** One place of a piece on the cloth, in cloth coordinates. */
export interface Cut {
  x: Inches
  y: Inches
  width: Inches
  height: Inches
  piece: string
}

/** Cut edge to edge first, then cut across into its pieces. */
export interface Strip {
  x: Inches
  y: Inches
  width: Inches
  height: Inches
  run: 'across' | 'along'
  /** Which piece of cloth, counted from 0, for cloth that comes in pieces. */
  sheet: number
  cuts: Cut[]
}

/** A strip before it has its place down the cloth. */
export interface LooseStrip {
  height: Inches
  columns: Column[]
}
/** Like pieces on top of each other within a strip. */
export interface Column {
  piece: string
  width: Inches
  height: Inches
  stack: number
}

/** A way a piece may lie. */
export interface Lie {
  width: Inches
  height: Inches
}

/** The ways a piece may lie across a cloth of this width; none when it is too large. */
export function liesOf(piece: CutPiece, usable: Inches, most: Inches = Infinity): Lie[] {
  const lies: Lie[] = [{ width: piece.width, height: piece.height }]
  if (piece.turn && Math.abs(piece.width - piece.height) > TOLERANCE)
    lies.push({ width: piece.height, height: piece.width })
  return lies.filter(lie => lie.width <= usable + TOLERANCE && lie.height <= most + TOLERANCE)
}

/** How many of a size fit in a length. */
export function fitsIn(room: Inches, size: Inches): number {
  return Math.floor((room + TOLERANCE) / size)
}

/** In an order that no list decides: a quilt whose blocks are seen in the mirror is cut the same way. */
export function largestFirst(pieces: readonly CutPiece[]): CutPiece[] {
  return [...pieces].sort(
    (a, b) =>
      b.width * b.height - a.width * a.height
      || b.height - a.height
      || b.count - a.count
      || Number(b.turn) - Number(a.turn),
  )
}
