// In: piles of one cloth and its usable width. Out: strips edge to edge, what is left, and a proven bound.
import { TOLERANCE, type Inches } from '../measure/ruler'
import { lowerBound } from './bound'
import type { Explainable } from '../measure/explained'
import { leftovers, type Leftover } from './leftovers'
import { largestFirst, liesOf, type Cut, type CutPiece, type LooseStrip, type Strip } from './cutPiece'
import { looseStrips } from './looseStrips'
import { lengthOf, ownStrips } from './ownStrips'

export interface Layout {
  /** Length of cloth the strips take. */
  length: Inches
  bound: Inches
  strips: Strip[]
  left: Explainable<Leftover>[]
  /** Pieces that fit no way. */
  unplaced: CutPiece[]
}

/** When to give up looking for better. Asked between layouts. */
export interface Search {
  stop: (tries: number) => boolean
}

/** A few fixed weights: the same first good layout every time. */
export const QUICK: Search = { stop: tries => tries >= 4 }

/**
 * Pieces laid on cloth of one usable width and any length, in strips edge to edge. Long strips along the cloth come
 * first, with the width beside them used for strips of its own; then strips across the whole width. Of several
 * layouts the shortest, and never longer than each size in its own strips.
 */
export function layOut(pieces: readonly CutPiece[], usable: Inches, search: Search = QUICK): Layout {
  const fits = largestFirst(pieces).filter(piece => liesOf(piece, usable).length > 0 && piece.count > 0)
  const unplaced = pieces.filter(piece => liesOf(piece, usable).length === 0 && piece.count > 0)
  const along = fits.filter(piece => piece.along)
  const across = fits.filter(piece => !piece.along)
  const bound = lowerBound(fits, usable)
  let best = shortest([fromOwnStrips(fits, usable), withAlong(along, across, usable, equalWorth, true)])
  if (along.length > 0) best = shortest([best, withAlong(along, across, usable, equalWorth, false)])
  for (let tries = 1; best.length > bound + TOLERANCE && !search.stop(tries); tries++) {
    best = shortest([best, withAlong(along, across, usable, worthFor(tries), tries % 3 !== 2)])
  }
  const strips = best.place()
  return { length: best.length, bound, strips, left: strips.flatMap(leftovers), unplaced }
}

/** How long a layout is; its strips get their places only when it is taken. */
interface Candidate {
  length: Inches
  place: () => Strip[]
}

function shortest(layouts: readonly Candidate[]): Candidate {
  return layouts.reduce((a, b) => (b.length < a.length - TOLERANCE ? b : a))
}

const equalWorth = () => 1

/** Large pieces worth a little more than their area, by a different amount each try; then small fixed disturbances. */
function worthFor(tries: number): (piece: CutPiece) => number {
  if (tries <= 4) return piece => (piece.width * piece.height) ** (0.05 * tries)
  return piece => 1 + 0.3 * disturbance(piece.id, tries)
}

/** A number from 0 to 1 fixed by the text and the try: the same layout every time. FNV-1a. */
function disturbance(text: string, tries: number): number {
  let hash = 2166136261 ^ (tries * 2654435761)
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 16777619)
  hash ^= hash >>> 15
  return (hash >>> 0) / 4294967296
}

function fromOwnStrips(pieces: readonly CutPiece[], usable: Inches): Candidate {
  const strips = ownStrips(pieces, usable)
  return { length: lengthOf(strips), place: () => place(strips, 0, 0, usable) }
}

/**
 *  +---+---+----------------+
 *  |   |   | across strips  |   a band of long strips side by side, as long as the longest;
 *  | l | l | in the width   |   what is left of the width is cut across, as far as the band goes
 *  |   |   | that is left   |
 *  +---+---+----------------+
 *  | strips across the whole width …
 */
function withAlong(
  along: readonly CutPiece[],
  across: readonly CutPiece[],
  usable: Inches,
  worth: (piece: CutPiece) => number,
  useBeside: boolean,
): Candidate {
  const bands: (() => Strip[])[] = []
  let y = 0
  let rest = across
  for (const band of bandsOf(along, usable)) {
    const top = y
    const wide = band.reduce((sum, piece) => sum + piece.width, 0)
    const height = Math.max(...band.map(piece => piece.height))
    bands.push(() => placeAlong(band, top))
    if (useBeside && usable - wide > 1) {
      const beside = looseStrips(rest, usable - wide, worth, height)
      bands.push(() => place(byDepth(beside.strips), wide, top, usable - wide))
      rest = rest.map(piece => ({ ...piece, count: beside.left.get(piece.id)! }))
    }
    y += height
  }
  const whole = looseStrips(rest, usable, worth).strips
  return {
    length: y + lengthOf(whole),
    place: () => [...bands.flatMap(band => band()), ...place(byDepth(whole), 0, y, usable)],
  }
}

/** Long strips side by side, from the left. */
function placeAlong(band: readonly CutPiece[], y: Inches): Strip[] {
  let x = 0
  return band.map(({ id, width, height }) => {
    const cut = { x, y, width, height }
    x += width
    return { ...cut, run: 'along', sheet: 0, cuts: [{ ...cut, piece: id }] }
  })
}

/** Long strips side by side, first fit by length. */
function bandsOf(along: readonly CutPiece[], usable: Inches): CutPiece[][] {
  const single = along
    .flatMap(piece => Array.from({ length: piece.count }, () => piece))
    .sort((a, b) => b.height - a.height)
  const bands: { pieces: CutPiece[]; room: Inches }[] = []
  for (const piece of single) {
    const band = bands.find(candidate => candidate.room >= piece.width - TOLERANCE)
    if (band) {
      band.pieces.push(piece)
      band.room -= piece.width
    } else bands.push({ pieces: [piece], room: usable - piece.width })
  }
  return bands.map(band => band.pieces)
}

/** Deepest first: large pieces are cut while the cloth is whole. */
export function byDepth(strips: readonly LooseStrip[]): LooseStrip[] {
  return [...strips].sort((a, b) => b.height - a.height)
}

/** Gives strips their place, one below the other, and their pieces theirs within. */
export function place(strips: readonly LooseStrip[], x0: Inches, y0: Inches, width: Inches, sheet = 0): Strip[] {
  let y = y0
  return strips.map(strip => {
    const cuts: Cut[] = []
    let x = x0
    for (const column of [...strip.columns].sort(
      (a, b) => b.height * b.stack - a.height * a.stack || a.piece.localeCompare(b.piece),
    )) {
      for (let i = 0; i < column.stack; i++)
        cuts.push({ x, y: y + i * column.height, width: column.width, height: column.height, piece: column.piece })
      x += column.width
    }
    const placed: Strip = { x: x0, y, width, height: strip.height, run: 'across', sheet, cuts }
    y += strip.height
    return placed
  })
}
