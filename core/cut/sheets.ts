// In: piles of one cloth that comes in pieces of one size. Out: strips on as few of them as are found.
import { TOLERANCE, type Inches } from '../measure/ruler'
import { lowerBound } from './bound'
import { largestFirst, liesOf, type CutPiece, type LooseStrip, type Strip } from './cutPiece'
import { byDepth, place, type Layout } from './layout'
import { endOfSheet, leftovers } from './leftovers'
import { looseStrips } from './looseStrips'
import { layOutOnMixed } from './mixedSheets'
import { lengthOf } from './ownStrips'

/**
 * Pieces laid on cloth that comes in pieces of one size (fat quarters, leftovers), none of whose strips is deeper than
 * a piece of cloth is long. Of two ways the one that opens fewer: strips as on yardage, packed by depth into the first
 * that has room; or one piece of cloth after the other filled with what fills it best. `length` counts them.
 */
export function layOutOnSheets(pieces: readonly CutPiece[], usable: Inches, sheetLength: Inches): Layout {
  const wanted = pieces.filter(piece => piece.count > 0)
  const fits = largestFirst(wanted).filter(piece => liesOf(piece, usable, sheetLength).length > 0)
  const unplaced = wanted.filter(piece => liesOf(piece, usable, sheetLength).length === 0)
  const bound = Math.ceil(lowerBound(fits, usable) / sheetLength - TOLERANCE)
  let strips = packedByDepth(fits, usable, sheetLength)
  if (sheetsOf(strips) > bound) {
    const inTurn = layOutOnMixed(fits, [{ width: usable, height: sheetLength, count: Infinity }])
    if (inTurn.opened.length < sheetsOf(strips)) strips = inTurn.strips
  }
  const length = sheetsOf(strips)
  const ends = Array.from({ length }, (_, sheet) => {
    const cut = lengthOf(strips.filter(strip => strip.sheet === sheet))
    return endOfSheet(sheet, cut, sheetLength, usable)
  })
  return { length, bound, strips, left: [...strips.flatMap(leftovers), ...ends.flat()], unplaced }
}

const sheetsOf = (strips: readonly Strip[]) => strips.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)

function packedByDepth(pieces: readonly CutPiece[], usable: Inches, sheetLength: Inches): Strip[] {
  const { strips } = looseStrips(pieces, usable, () => 1, Infinity, sheetLength)
  const sheets: LooseStrip[][] = []
  for (const strip of byDepth(strips)) {
    const sheet = sheets.find(own => sheetLength - lengthOf(own) >= strip.height - TOLERANCE)
    if (sheet) sheet.push(strip)
    else sheets.push([strip])
  }
  return sheets.flatMap((own, i) => place(own, 0, 0, usable, i))
}
