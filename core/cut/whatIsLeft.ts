// In: strips of one cloth, and which of them are cut. Out: the pieces of cloth there should be left.
import { Explained, type Explainable } from '../measure/explained'
import { lengthKey, TOLERANCE, type Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import type { Strip } from './cutPiece'
import { isWorthKeeping, leftovers, type Leftover } from './leftovers'

/** So many pieces of cloth, across and along it. */
export interface PieceOfCloth {
  width: Inches
  length: Inches
  count: number
  /** Where one of them comes from. */
  why: { width: Sum; length: Sum }
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
    const rest = sumOf([
      { what: 'length-of-cloth', value: height },
      { what: 'cut-from-it', value: -depthOf(own) },
    ])
    const main = { width: sumOf([{ what: 'usable-width', value: width }]), length: rest }
    return [main, ...own.flatMap(leftovers).map(sidesOf)]
  })
  const kinds = new Map<string, PieceOfCloth>()
  for (const why of pieces) {
    const [width, length] = [why.width.total, why.length.total]
    if (!isWorthKeeping({ width, height: length })) continue
    const key = `${lengthKey(width)} ${lengthKey(length)}`
    const kind = kinds.get(key) ?? { width, length, count: 0, why }
    kinds.set(key, { ...kind, count: kind.count + 1 })
  }
  return [...kinds.values()].sort((a, b) => b.width * b.length - a.width * a.length)
}

/** What strips take along the cloth: the band of long strips is cut as one. */
function depthOf(strips: readonly Strip[]): Inches {
  const along = strips.filter(({ run }) => run === 'along')
  const band = Math.max(0, ...along.map(strip => strip.y + strip.height))
  const below = strips.filter(({ run, y }) => run === 'across' && y >= band - TOLERANCE)
  return band + below.reduce((sum, strip) => sum + strip.height, 0)
}

function sidesOf({ width, height }: Explainable<Leftover>): PieceOfCloth['why'] {
  const sumFor = (side: number | Explained) =>
    side instanceof Explained ? side.sum : sumOf([{ what: 'length', value: side }])
  return { width: sumFor(width), length: sumFor(height) }
}
