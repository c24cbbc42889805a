import { TOLERANCE, type Inches } from '../measure/ruler'
import { lowerBound } from './bound'
import { largestFirst, liesOf, type CutPiece, type LooseStrip, type Strip } from './cutPiece'
import { place, type Layout } from './layout'
import { endOfSheet, leftovers } from './leftovers'
import { looseStrips } from './looseStrips'

/**
 * Pieces laid on cloth that comes in pieces of one size (fat quarters, leftovers): strips as on yardage, none deeper
 * than a piece of cloth is long, then the strips packed into as few pieces of cloth as first fit by depth finds.
 * `length` counts them.
 */
export function layOutOnSheets(pieces: readonly CutPiece[], usable: Inches, sheetLength: Inches): Layout {
  const fits = largestFirst(pieces).filter(piece => piece.count > 0 && liesOf(piece, usable, sheetLength).length > 0)
  const unplaced = pieces.filter(piece => piece.count > 0 && liesOf(piece, usable, sheetLength).length === 0)
  const { strips } = looseStrips(fits, usable, () => 1, Infinity, sheetLength)
  const sheets: { room: Inches; strips: LooseStrip[] }[] = []
  for (const strip of [...strips].sort((a, b) => b.height - a.height)) {
    const sheet = sheets.find(candidate => candidate.room >= strip.height - TOLERANCE)
    if (sheet) {
      sheet.strips.push(strip)
      sheet.room -= strip.height
    } else sheets.push({ room: sheetLength - strip.height, strips: [strip] })
  }
  const placed: Strip[] = sheets.flatMap((sheet, i) => place(sheet.strips, 0, 0, usable, i))
  const ends = sheets.flatMap((sheet, i) => endOfSheet(i, sheetLength - sheet.room, sheetLength, usable))
  return {
    length: sheets.length,
    bound: Math.ceil(lowerBound(fits, usable) / sheetLength - TOLERANCE),
    strips: placed,
    left: [...placed.flatMap(leftovers), ...ends],
    unplaced,
  }
}
