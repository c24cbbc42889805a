// In: strips of one cloth, and which of them are cut. Out: the pieces of cloth there should be left.
import { splitReasons } from '../measure/explained'
import { lengthKey, TOLERANCE, type Inches } from '../measure/ruler'
import type { Strip } from './cutPiece'
import { isWorthKeeping, leftovers, type Leftover } from './leftovers'

/** So many pieces of cloth, across and along it. */
export interface PieceOfCloth {
  width: Inches
  length: Inches
  count: number
}

/**
 * Of each sheet what is left below the strips that are cut, and what those leave over; like ones together, the largest
 * first. `sheets`: the cloth in one length, or its pieces in their order. As planned: what really lies there is
 * measured by hand.
 */
export function whatIsLeft(
  sheets: readonly { width: Inches; height: Inches }[],
  strips: readonly Strip[],
  isCut: (strip: number) => boolean,
): PieceOfCloth[] {
  const pieces = sheets.flatMap(({ width, height }, sheet) => {
    const own = strips.filter((strip, i) => strip.sheet === sheet && isCut(i))
    const along = own.filter(({ run }) => run === 'along')
    // the band of long strips is cut as one
    const band = Math.max(0, ...along.map(strip => strip.y + strip.height))
    const below = own.filter(({ run, y }) => run === 'across' && y >= band - TOLERANCE)
    const used = band + below.reduce((sum, strip) => sum + strip.height, 0)
    const rest = splitReasons<Leftover[]>(own.flatMap(leftovers)).plain
    return [{ width, height: height - used }, ...rest].filter(isWorthKeeping)
  })
  const kinds = new Map<string, PieceOfCloth>()
  for (const { width, height } of pieces) {
    const key = `${lengthKey(width)} ${lengthKey(height)}`
    const kind = kinds.get(key) ?? { width, length: height, count: 0 }
    kinds.set(key, { ...kind, count: kind.count + 1 })
  }
  return [...kinds.values()].sort((a, b) => b.width * b.length - a.width * a.length)
}
