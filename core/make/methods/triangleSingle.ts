import { squareCorner } from '../units/unit'
import { boundingBox } from '../../geometry/polygon'
import { sameLength } from '../../measure/ruler'
import { box, cloth, line, picture } from '../steps/picture'
import { legSquare, longSideSquare } from './cutSize'
import { cornerOf } from './halfSquareTriangleSingle'
import type { Method } from './method'
import type { DressedUnit } from '../units/dressedUnit'
import { trianglePiece } from './pieces'

/**
 * Right triangles with equal legs, such as the corners round a square on its tip, cut from squares: once where its
 * legs lie along the block's edges, twice where its long side does, so that no bias lies on the outside. Cut up to
 * the ruler and trimmed as the block is squared. Source: offset rule; leg + (2 + √2)·seam, long side + 2(1 +
 * √2)·seam.
 */
export const triangleSingle: Method = {
  id: 'triangle-single',
  fits: unit => lies(unit) !== null && (lies(unit) === 'legs' || !unit.patches[0]!.isUpright),
  make(unit, count, room) {
    const [patch] = unit.patches
    const isTwice = lies(unit) === 'long-side'
    const { leg } = squareCorner(patch!.polygon)!
    const size = isTwice ? longSideSquare(leg * Math.SQRT2, room) : legSquare(leg, room)
    const side = size.total
    const cuts = isTwice
      ? [line('cut', [0, side], [side, 0]), line('cut', [0, 0], [side, side])]
      : [line('cut', [0, side], [side, 0])]
    const corner = patch!.isUpright ? cornerOf(patch!.polygon) : undefined
    return {
      pieces: [
        trianglePiece(
          patch!.cloth,
          'triangles',
          size,
          count,
          [patch!.slot],
          isTwice ? 'two-diagonals' : 'one-diagonal',
          corner,
        ),
      ],
      made: count,
      trim: true,
      seams: 0,
      cuts: 0.5,
      biasEdges: isTwice ? 2 : 1,
      steps: () => [
        {
          do: 'cut',
          code: isTwice ? 'cut-twice' : 'cut-once',
          data: { side: size },
          picture: picture([cloth(patch!.cloth, box(0, 0, side, side))], cuts),
        },
      ],
    }
  },
}

/** Which of its sides lie along the edges of the block; null for any other triangle, or one that lies slanted. */
function lies(unit: DressedUnit): 'legs' | 'long-side' | null {
  const polygon = unit.patches[0]!.polygon
  const corner = squareCorner(polygon)
  if (!corner) return null
  const b = boundingBox(polygon)
  return sameLength(b.width, corner.leg) && sameLength(b.height, corner.leg)
    ? 'legs'
    : sameLength(Math.max(b.width, b.height), corner.leg * Math.SQRT2)
      ? 'long-side'
      : null
}
