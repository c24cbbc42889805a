// In: a print that repeats, a piece with the motif in its middle. Out: how many a length gives, and what one takes.
import { TOLERANCE, type Inches } from '../measure/ruler'

/** A print's repeat on the cloth as it is cut; `first`: from the edge to the middle of the first motif. */
export interface PrintRepeat {
  across: Inches
  down: Inches
  first?: Inches | undefined
}

/** A piece as it is cut, seams included. */
export interface OnMotif {
  width: Inches
  height: Inches
}

/** From a place that is not known: at the least, and at the most. */
interface MotifCount {
  least: number
  most: number
}

export interface Motifs extends MotifCount {
  /** In one row across the cloth, and rows along the length. */
  across: MotifCount
  rows: MotifCount
}

/** Pieces wider than a repeat leave motifs between them out: from one to the next are so many whole repeats. */
function motifStep(size: Inches, repeat: Inches): Inches {
  return Math.max(1, Math.ceil((size - TOLERANCE) / repeat)) * repeat
}

/**
 * Pieces with a motif in the middle of each from cloth of a usable `width` and a `length`. Where the print begins on
 * the length is as the shop cut it; across as well, where `first` does not say. A row begins with offset φ, 0 ≤ φ <
 * repeat, and holds ⌊(room − size − φ) ÷ step⌋ + 1.
 */
export function motifsOn(length: Inches, width: Inches, repeat: PrintRepeat, piece: OnMotif): Motifs {
  const across = alongOne(width, piece.width, repeat.across, repeat.first)
  const rows = alongOne(length, piece.height, repeat.down)
  return { across, rows, least: across.least * rows.least, most: across.most * rows.most }
}

function alongOne(room: Inches, size: Inches, repeat: Inches, first?: Inches): MotifCount {
  const step = motifStep(size, repeat)
  // the first motif that has room before it
  const skipped = first === undefined ? 0 : Math.max(0, Math.ceil((size / 2 - first - TOLERANCE) / repeat))
  const offset = first === undefined ? 0 : first + skipped * repeat - size / 2
  const most = countFrom(room - size - offset, step)
  // just short of a whole repeat further in: the quotient itself is not reached
  const least = first === undefined ? countFrom(room - size - repeat, step) : most
  return { least, most }
}

function countFrom(room: Inches, step: Inches): number {
  return Math.max(0, Math.floor((room + TOLERANCE) / step) + 1)
}

/** The length from which `count` pieces are cut for sure, wherever the print begins; null: none fits across. */
export function lengthForMotifs(count: number, width: Inches, repeat: PrintRepeat, piece: OnMotif): Inches | null {
  const { least } = alongOne(width, piece.width, repeat.across, repeat.first)
  if (least === 0) return null
  const rows = Math.ceil(count / least)
  return (rows - 1) * motifStep(piece.height, repeat.down) + piece.height + repeat.down
}

/** What lies between the pieces: strips across the cloth between rows, and between two of a row; 0: nothing. */
export function betweenMotifs(repeat: PrintRepeat, piece: OnMotif): { rows: Inches; pieces: Inches } {
  return {
    rows: motifStep(piece.height, repeat.down) - piece.height,
    pieces: motifStep(piece.width, repeat.across) - piece.width,
  }
}
