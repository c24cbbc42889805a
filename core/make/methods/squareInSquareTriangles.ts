import { boundingBox, movePolygon, type Polygon } from '../../geometry/polygon'
import { box, cloth, line, picture, type Picture } from '../steps/picture'
import { allowance, legSquare, trimmedLater } from './cutSize'
import { pressAndTrim } from './finishing'
import { cornerOf } from './halfSquareTriangleSingle'
import type { Method } from './method'
import { patchAt, type DressedUnit } from '../units/dressedUnit'
import { squarePiece, trianglePiece } from './pieces'

/** What a generous cut adds to the centre and to the corner squares. Source: handbook §3. */
const SPARE = 1 / 2

/**
 * Square in a square from triangles: a centre of f/√2 + 2·seam standing on its tip, and four corner triangles,
 * half-square triangles of f/2 with their long side on the centre (square f/2 + (2 + √2)·seam cut once). At ¼″
 * corners f/2 + ⅞″.
 */
export const squareInSquareTriangles: Method = {
  id: 'square-in-square-triangles',
  // cut on the straight grain and stood on its tip, the centre's print would lean
  fits: unit => !patchAt(unit, 'centre').isUpright,
  make(unit, count, room) {
    const centre = patchAt(unit, 'centre')
    const corners = unit.patches.filter(patch => patch.slot !== 'centre')
    const middle = trimmedLater(
      [{ what: 'finished', value: unit.width / Math.SQRT2 }, ...allowance(2, room.seam)],
      room,
      SPARE,
    )
    const size = legSquare(unit.width / 2, room, 1, SPARE)
    const side = size.total
    const oneSquare = picture([cloth(corners[0]!.cloth, box(0, 0, side, side))], [line('cut', [0, side], [side, 0])])
    const [opposite, others] = cornersLaidOn(unit)
    return {
      pieces: [
        squarePiece(centre.cloth, 'centres', middle, { count, perUnit: 1 }, ['centre']),
        ...corners.map(corner =>
          trianglePiece(
            corner.cloth,
            'corners',
            size,
            count,
            [corner.slot],
            'one-diagonal',
            corner.isUpright ? cornerOf(corner.polygon) : undefined,
          ),
        ),
      ],
      made: count,
      trim: true,
      seams: 4,
      cuts: 2,
      biasEdges: 0,
      steps: () => [
        { do: 'cut', code: 'cut-corner-squares-once', data: { side: size, centre: middle }, picture: oneSquare },
        {
          do: 'sew',
          code: 'sew-opposite-corners',
          data: { seam: room.seam },
          picture: opposite,
        },
        {
          do: 'sew',
          code: 'sew-other-corners',
          adds: ['ne', 'sw'],
          data: { seam: room.seam },
          picture: others,
        },
        ...pressAndTrim(unit, room, 'square-in-square'),
      ],
    }
  },
}

/** The centre with a pair of corners about to be sewn on, then with the other. */
function cornersLaidOn(unit: DressedUnit): [Picture, Picture] {
  const { cloth: name, polygon } = patchAt(unit, 'centre')
  const middle = unit.width / 2
  const apart = (corner: Polygon, by: number) => {
    const { x, y, width, height } = boundingBox(corner)
    return movePolygon(corner, Math.sign(x + width / 2 - middle) * by, Math.sign(y + height / 2 - middle) * by)
  }
  const pair = (slots: readonly string[], by: number) =>
    slots.map(slot => patchAt(unit, slot)).map(corner => cloth(corner.cloth, apart(corner.polygon, by)))
  const gap = unit.width * 0.08
  const centre = cloth(name, polygon)
  return [
    picture([centre, ...pair(['nw', 'se'], gap)]),
    picture([centre, ...pair(['nw', 'se'], 0), ...pair(['ne', 'sw'], gap)]),
  ]
}
