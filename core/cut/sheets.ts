// In: piles of one cloth that comes in pieces. Out: strips on as few of them as are found, and what is left of each.
import { TOLERANCE, type Inches } from '../measure/ruler'
import { lowerBound } from './bound'
import { largestFirst, liesOf, type CutPiece, type LooseStrip, type Strip } from './cutPiece'
import { place, type Layout } from './layout'
import { endOfSheet, leftovers } from './leftovers'
import { looseStrips } from './looseStrips'

/** Large pieces worth a little more than their area, by so much more each try. */
const POWERS = [0, 0.05, 0.1, 0.2, 0.35, 0.5]

/** The strips of one piece of cloth. */
type SheetStrips = LooseStrip[]

/**
 * Pieces laid on cloth that comes in pieces of one size (fat quarters, leftovers), none of whose strips is deeper than
 * a piece of cloth is long. Of several ways the one that opens the fewest: strips as on yardage, packed by depth into
 * the first that has room; or one piece of cloth after the other filled with what fills it best. `length` counts them.
 */
export function layOutOnSheets(pieces: readonly CutPiece[], usable: Inches, sheetLength: Inches): Layout {
  const fits = largestFirst(pieces).filter(piece => piece.count > 0 && liesOf(piece, usable, sheetLength).length > 0)
  const unplaced = pieces.filter(piece => piece.count > 0 && liesOf(piece, usable, sheetLength).length === 0)
  const bound = Math.ceil(lowerBound(fits, usable) / sheetLength - TOLERANCE)
  let sheets = packedByDepth(fits, usable, sheetLength)
  for (const power of POWERS) {
    if (sheets.length <= bound) break
    const other = filledInTurn(fits, usable, sheetLength, power)
    if (other.length < sheets.length) sheets = other
  }
  const placed: Strip[] = sheets.flatMap((sheet, i) => place(sheet, 0, 0, usable, i))
  const ends = sheets.flatMap((sheet, i) => endOfSheet(i, depthOf(sheet), sheetLength, usable))
  return { length: sheets.length, bound, strips: placed, left: [...placed.flatMap(leftovers), ...ends], unplaced }
}

const depthOf = (sheet: SheetStrips) => sheet.reduce((sum, { height }) => sum + height, 0)
const byDepth = (strips: readonly LooseStrip[]) => [...strips].sort((a, b) => b.height - a.height)

function packedByDepth(pieces: readonly CutPiece[], usable: Inches, sheetLength: Inches): SheetStrips[] {
  const { strips } = looseStrips(pieces, usable, () => 1, Infinity, sheetLength)
  const sheets: SheetStrips[] = []
  for (const strip of byDepth(strips)) {
    const sheet = sheets.find(candidate => sheetLength - depthOf(candidate) >= strip.height - TOLERANCE)
    if (sheet) sheet.push(strip)
    else sheets.push([strip])
  }
  return sheets
}

function filledInTurn(pieces: readonly CutPiece[], usable: Inches, sheetLength: Inches, power: number): SheetStrips[] {
  const worth = ({ width, height }: CutPiece) => (width * height) ** power
  const sheets: SheetStrips[] = []
  let rest = pieces
  while (rest.some(({ count }) => count > 0)) {
    const { strips, left } = looseStrips(rest, usable, worth, sheetLength)
    sheets.push(byDepth(strips))
    rest = rest.map(piece => ({ ...piece, count: left.get(piece.id)! }))
  }
  return sheets
}
