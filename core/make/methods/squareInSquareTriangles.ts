import { boundingBox } from '../../geometry/polygon'
import { box, cloth, line, picture } from '../steps/picture'
import { allowance, legSquare, trimmedLater } from './cutSize'
import { pressAndTrim } from './finishing'
import { cornerOf } from './halfSquareTriangleSingle'
import type { Method } from './method'
import { patchAt } from '../units/dressedUnit'
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
    const f = unit.width
    const apart = (polygon: typeof centre.polygon, by: number) => {
      const b = boundingBox(polygon)
      const dx = Math.sign(b.x + b.width / 2 - f / 2) * by
      const dy = Math.sign(b.y + b.height / 2 - f / 2) * by
      return polygon.map(([x, y]) => [x + dx, y + dy] as const)
    }
    const isFalling = (slot: string) => slot === 'nw' || slot === 'se'
    const pair = (first: boolean, by: number) =>
      corners
        .filter(corner => isFalling(corner.slot) === first)
        .map(corner => cloth(corner.cloth, apart(corner.polygon, by)))
    const side = size.total
    const oneSquare = picture([cloth(corners[0]!.cloth, box(0, 0, side, side))], [line('cut', [0, side], [side, 0])])
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
          picture: picture([cloth(centre.cloth, centre.polygon), ...pair(true, f * 0.08)]),
        },
        {
          do: 'sew',
          code: 'sew-other-corners',
          adds: ['ne', 'sw'],
          data: { seam: room.seam },
          picture: picture([cloth(centre.cloth, centre.polygon), ...pair(true, 0), ...pair(false, f * 0.08)]),
        },
        ...pressAndTrim(unit, room, 'square-in-square'),
      ],
    }
  },
}
