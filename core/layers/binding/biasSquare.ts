// In: how long a bias binding is, and how wide its strip. Out: the square it is cut from in one go.
import { roundUpToRuler, type Inches } from '../../measure/ruler'

/** A square larger than this is unwieldy, and no cloth is as wide. */
export const LARGEST_SQUARE: Inches = 36

/**
 * A square of side S, cut on its diagonal, its halves sewn along a side and the tube sewn and cut round and round: two
 * seams of S each take two allowances, so that (S² − 4·S·seam) ÷ strip comes out. Source: areas; the handbook's S² ÷
 * strip (§11) leaves the seams out.
 */
export function biasLength(side: Inches, strip: Inches, seam: Inches): Inches {
  return Math.max(0, (side * side - 4 * side * seam) / strip)
}

/** The smallest side, on the ruler, of so many like squares that give the length; joining them takes `loss` each. */
export function biasSide(
  length: Inches,
  strip: Inches,
  { seam, ruler, count, loss }: { seam: Inches; ruler: Inches; count: number; loss: Inches },
): Inches {
  const each = (length + (count - 1) * loss) / count
  // S² − 4·seam·S − each·strip = 0
  return roundUpToRuler(2 * seam + Math.sqrt(4 * seam * seam + each * strip), ruler)
}

/** As few squares as cloth and hands allow. */
export function biasSquares(
  length: Inches,
  strip: Inches,
  room: { seam: Inches; ruler: Inches; loss: Inches; usable: Inches },
): { side: Inches; count: number } | null {
  const most = Math.min(LARGEST_SQUARE, room.usable)
  for (let count = 1; count <= 60; count++) {
    const side = biasSide(length, strip, { ...room, count })
    if (side <= most) return { side, count }
  }
  return null
}
