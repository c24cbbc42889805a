import { squareCorner } from '../units/unit'
import { boundingBox, type Polygon } from '../../geometry/polygon'
import { sameLength } from '../../measure/ruler'
import { box, cloth, line, picture } from '../steps/picture'
import { legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method } from './method'
import { trianglePiece } from './pieces'

/**
 * Half-square triangles one at a time: a square of f + (2 + √2)·seam, cut once, gives two triangles; two triangles
 * make a unit. The only way for a cloth with an up, since each triangle can be chosen. Source: offset rule (see
 * `LEG_GAIN`); at ¼″ f + ⅞″.
 */
export const halfSquareTriangleSingle: Method = {
  id: 'hst-single',
  fits: () => true,
  make(unit, count, room) {
    const size = legSquare(unit.width, room)
    const side = size.total
    const [first, second] = unit.patches as [(typeof unit.patches)[0], (typeof unit.patches)[0]]
    const beside = side * 1.2
    const squares = [cloth(first.cloth, box(0, 0, side, side)), cloth(second.cloth, box(beside, 0, side, side))]
    const cuts = [line('cut', [0, side], [side, 0]), line('cut', [beside, side], [beside + side, 0])]
    const triangle: Polygon = [
      [0, 0],
      [side, 0],
      [0, side],
    ]
    const shift = side * 0.05
    const layers = [
      cloth(first.cloth, triangle),
      cloth(
        second.cloth,
        triangle.map(([x, y]) => [x + shift, y + shift] as const),
        'wrong',
      ),
    ]
    // a seam inside the long side of the upper triangle, from leg to leg
    const end = shift + side - room.seam * Math.SQRT2
    const seam = line('sew', [end, shift], [shift, end])
    return {
      pieces: unit.patches.map(patch =>
        trianglePiece(
          patch.cloth,
          'half-squares',
          size,
          count,
          [patch.slot],
          'one-diagonal',
          patch.isUpright ? cornerOf(patch.polygon) : undefined,
        ),
      ),
      made: count,
      trim: true,
      seams: 1,
      cuts: 1,
      biasEdges: 0,
      steps: () => [
        { do: 'cut', code: 'cut-once', data: { side: size }, picture: picture(squares, cuts) },
        { do: 'sew', code: 'sew-long-sides', data: { seam: room.seam }, picture: picture(layers, [seam]) },
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
