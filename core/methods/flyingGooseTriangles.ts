import { boundingBox } from '../geometry/polygon'
import { sameLength } from '../measure/ruler'
import { squareCorner } from '../block/unit'
import { box, cloth, line, picture } from '../sewing/picture'
import { legSquare, longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { cornerOf } from './halfSquareTriangleSingle'
import { patchAt, type DressedPatch, type Method } from './method'
import { trianglePiece } from './pieces'

/**
 * Flying geese from triangles: the goose is a quarter-square triangle of w (square w + 2(1 + √2)·seam cut twice), its skies
 * half-square triangles of h (square h + (2 + √2)·seam cut once). At ¼″ w + 1¼″ and h + ⅞″ by the usual ruler.
 */
export const flyingGooseTriangles: Method = {
  id: 'goose-triangles', kinds: ['goose'],
  fits: () => true,
  make(unit, count, room) {
    const goose = patchAt(unit, 'goose'), left = patchAt(unit, 'left'), right = patchAt(unit, 'right')
    const large = longSideSquare(Math.max(unit.width, unit.height), room)
    const small = legSquare(Math.min(unit.width, unit.height), room)
    const L = large.cut, q = small.cut
    const skies = left.cloth === right.cloth && !left.isUpright
      ? [trianglePiece(left.cloth, 'points', small, 2 * count, ['left', 'right'], 'one-diagonal')]
      : [left, right].map(sky => trianglePiece(sky.cloth, 'points', small, count, [sky.slot], 'one-diagonal', sky.isUpright ? cornerOf(sky.polygon) : undefined))
    const gap = unit.width * 0.06
    return {
      pieces: [trianglePiece(goose.cloth, 'geese', large, count, ['goose'], 'two-diagonals', goose.isUpright ? longSide(goose) : undefined), ...skies],
      made: count, trim: true, seams: 2, cuts: 1.5, biasEdges: 0,
      steps: [
        { do: 'cut', code: 'cut-large-twice-small-once', data: { large: L, small: q }, picture: picture(
          [cloth(goose.cloth, box(0, 0, L, L)), cloth(left.cloth, box(L * 1.15, L - q, q, q))],
          [line('cut', [0, 0], [L, L]), line('cut', [0, L], [L, 0]), line('cut', [L * 1.15, L], [L * 1.15 + q, L - q])]) },
        { do: 'sew', code: 'sew-skies', data: { seam: room.seam }, picture: picture([
          cloth(goose.cloth, goose.polygon),
          cloth(left.cloth, left.polygon.map(([x, y]) => [x - gap, y] as const)), cloth(right.cloth, right.polygon.map(([x, y]) => [x + gap, y] as const)),
        ]) },
        ...pressAndTrim(unit, room, 'goose'),
      ],
    }
  },
}

/** The side of its square along which the triangle's long side lies. */
function longSide(patch: DressedPatch): string {
  const b = boundingBox(patch.polygon)
  const tip = squareCorner(patch.polygon)!.at
  if (b.width > b.height) return sameLength(tip[1], b.y) ? 'south' : 'north'
  return sameLength(tip[0], b.x) ? 'east' : 'west'
}
