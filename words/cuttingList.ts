// The piles of a quilt as rows, for a spreadsheet, and as labels to lie on them.
import type { Piece } from '../core/cut/piece'
import { clothOf, type Quilt } from '../core/file/quilt'
import { formatExactLength, formatSize } from './length'
import { capital, useName } from './names'
import { inEnglish, plural, type Speech } from './speech'

/** Heads of the columns, and a row for each pile. Lengths as they are set on the ruler, in the quilter's units. */
export function cuttingRows(
  quilt: Quilt,
  pieces: readonly Piece[],
  names: ReadonlyMap<string, string>,
  speech: Speech,
): { heads: string[]; rows: (string | number)[][] } {
  const unit = speech.units === 'cm' ? 'cm' : 'inches'
  const heads = ['Cloth', 'Pile', `Width, ${unit}`, `Height, ${unit}`, 'Pieces', 'Of them spare', 'Cut again', 'For']
  const length = (inches: number) => formatExactLength(inches, speech).replace(/[″\s]*$|\s*cm$/g, '')
  const rows = pieces.map(piece => [
    clothOf(quilt, piece.cloth).name,
    piece.letter,
    length(piece.width),
    length(piece.height),
    piece.count,
    piece.spare,
    CUTS[piece.cuts],
    inEnglish(useName(piece, names), speech),
  ])
  return { heads, rows }
}

const CUTS: Readonly<Record<Piece['cuts'], string>> = {
  'none': '',
  'one-diagonal': 'once, corner to corner',
  'two-diagonals': 'twice, corner to corner',
  'angle': 'at an angle, see the sheet',
}

export interface PileLabel {
  id: string
  letter: string
  cloth: string
  size: string
  count: string
  use: string
}

/** What lies on each pile. */
export function pileLabels(
  quilt: Quilt,
  pieces: readonly Piece[],
  names: ReadonlyMap<string, string>,
  speech: Speech,
): PileLabel[] {
  return pieces
    .filter(({ letter }) => letter !== '')
    .map(piece => ({
      id: piece.id,
      letter: piece.letter,
      cloth: clothOf(quilt, piece.cloth).name,
      size: formatSize(piece.width, piece.height, speech),
      count: plural(piece.count, 'piece'),
      use: capital(inEnglish(useName(piece, names), speech)) + (piece.hand === 'either' ? '' : `, ${piece.hand} hand`),
    }))
}
