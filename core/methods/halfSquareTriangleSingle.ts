import { squareCorner } from '../block/unit'
import { boundingBox, type Polygon } from '../geometry/polygon'
import { sameLength } from '../measure/ruler'
import { box, cloth, line, picture } from '../sewing/picture'
import { legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method } from './method'
import { trianglePiece } from './pieces'

/**
 * Half-square triangles one at a time: a square of f + (2 + √2)·seam, cut once, gives two triangles; two triangles make a unit.
 * The only way for a cloth with an up, since each triangle can be chosen. Source: offset rule (see `LEG_GAIN`); at ¼″ f + ⅞″.
 */
export const halfSquareTriangleSingle: Method = {
  id: 'hst-single', kinds: ['half-square'],
  fits: () => true,
  make(unit, count, room) {
    const size = legSquare(unit.width, room)
    const side = size.cut
    const [first, second] = unit.patches as [typeof unit.patches[0], typeof unit.patches[0]]
    return {
      pieces: unit.patches.map(patch => trianglePiece(
        patch.cloth, 'half-squares', size, count, [patch.slot], 'one-diagonal', patch.isUpright ? cornerOf(patch.polygon) : undefined)),
      made: count, trim: true, seams: 1, cuts: 1, biasEdges: 0,
      steps: [
        { do: 'cut', code: 'cut-once', data: { side }, picture: picture(
          [cloth(first.cloth, box(0, 0, side, side)), cloth(second.cloth, box(side * 1.2, 0, side, side))],
          [line('cut', [0, side], [side, 0]), line('cut', [side * 1.2, side], [side * 2.2, 0])]) },
        { do: 'sew', code: 'sew-long-sides', data: { seam: room.seam }, picture: picture(
          [cloth(first.cloth, [[0, 0], [side, 0], [0, side]]), cloth(second.cloth, [[0.12 * side, 0.06 * side], [1.06 * side, 0.06 * side], [0.12 * side, side]], 'wrong')],
          [line('sew', [side - room.seam * Math.SQRT2, 0.06 * side], [0.12 * side, side - room.seam * Math.SQRT2 - 0.06 * side])]) },
        ...pressAndTrim(unit, room, 'half-square'),
      ],
    }
  },
}

/** The corner of its square in which the triangle has its right angle. */
export function cornerOf(triangle: Polygon): string {
  const at = squareCorner(triangle)!.at
  const b = boundingBox(triangle)
  return `${sameLength(at[1], b.y) ? 'n' : 's'}${sameLength(at[0], b.x) ? 'w' : 'e'}`
}
