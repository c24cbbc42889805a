import { squareCorner } from '../units/unit'
import { boundingBox } from '../../geometry/polygon'
import { sameLength } from '../../measure/ruler'
import { box, cloth, line, picture } from '../steps/picture'
import { legSquare, longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { cornerOf } from './halfSquareTriangleSingle'
import type { Method } from './method'
import { patchAt, type DressedPatch } from '../units/dressedUnit'
import { trianglePiece } from './pieces'

/**
 * Flying geese from triangles: the goose is a quarter-square triangle of w (square w + 2(1 + √2)·seam cut twice), its
 * skies half-square triangles of h (square h + (2 + √2)·seam cut once). At ¼″ w + 1¼″ and h + ⅞″ by the usual ruler.
 */
export const flyingGooseTriangles: Method = {
  id: 'goose-triangles',
  fits: () => true,
  make(unit, count, room) {
    const [goose, left, right] = [patchAt(unit, 'goose'), patchAt(unit, 'left'), patchAt(unit, 'right')]
    const large = longSideSquare(Math.max(unit.width, unit.height), room)
    const small = legSquare(Math.min(unit.width, unit.height), room)
    const L = large.total
    const q = small.total
    const skies =
      left.cloth === right.cloth && !left.isUpright
        ? [trianglePiece(left.cloth, 'points', small, 2 * count, ['left', 'right'], 'one-diagonal')]
        : [left, right].map(sky =>
            trianglePiece(
              sky.cloth,
              'points',
              small,
              count,
              [sky.slot],
              'one-diagonal',
              sky.isUpright ? cornerOf(sky.polygon) : undefined,
            ),
          )
    const upright = goose.isUpright ? longSide(goose) : undefined
    const beside = L * 1.15
    const squares = [cloth(goose.cloth, box(0, 0, L, L)), cloth(left.cloth, box(beside, L - q, q, q))]
    const cuts = [
      line('cut', [0, 0], [L, L]),
      line('cut', [0, L], [L, 0]),
      line('cut', [beside, L], [beside + q, L - q]),
    ]
    return {
      pieces: [trianglePiece(goose.cloth, 'geese', large, count, ['goose'], 'two-diagonals', upright), ...skies],
      made: count,
      trim: true,
      seams: 2,
      cuts: 1.5,
      biasEdges: 0,
      steps: () => [
        { do: 'cut', code: 'cut-large-twice-small-once', data: { large, small }, picture: picture(squares, cuts) },
        {
          do: 'sew',
          code: 'sew-skies',
          data: { seam: room.seam },
          picture: picture([
            cloth(goose.cloth, goose.polygon),
            ...[left, right].map(sky => cloth(sky.cloth, awayFrom(goose, sky, unit.width * 0.06))),
          ]),
        },
        ...pressAndTrim(unit, room, 'goose'),
      ],
    }
  },
}

/** A sky moved a little away from its goose, along the goose's long side. */
function awayFrom(goose: DressedPatch, sky: DressedPatch, by: number) {
  const [g, s] = [boundingBox(goose.polygon), boundingBox(sky.polygon)]
  const dx = g.width > g.height ? Math.sign(s.x + s.width / 2 - g.x - g.width / 2) * by : 0
  const dy = g.width > g.height ? 0 : Math.sign(s.y + s.height / 2 - g.y - g.height / 2) * by
  return sky.polygon.map(([x, y]) => [x + dx, y + dy] as const)
}

/** The side of its square along which the triangle's long side lies. */
function longSide(patch: DressedPatch): string {
  const b = boundingBox(patch.polygon)
  const tip = squareCorner(patch.polygon)!.at
  if (b.width > b.height) return sameLength(tip[1], b.y) ? 'south' : 'north'
  return sameLength(tip[0], b.x) ? 'east' : 'west'
}
