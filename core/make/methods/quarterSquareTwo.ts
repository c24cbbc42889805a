import { movePolygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import { bothSides, halfSquareFaces, type BothSides } from '../steps/bothSides'
import { cloth } from '../steps/picture'
import { longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { layeredSteps } from './layeredSteps'
import { lighterOnTop } from './layers'
import type { Method } from './method'
import { isDirectional, patchAt, type DressedUnit } from '../units/dressedUnit'
import { squarePiece } from './pieces'

/**
 * Hourglass two at a time: two squares of f + 2(1 + √2)·seam make two half-square units; those, seams locked and
 * crossing, are sewn on both sides of the other diagonal and cut again. Gives opposite triangles of one cloth. At ¼″
 * f + 1.207″, usually f + 1¼″. Source: the long side of a quarter-square triangle (see `LONG_SIDE_GAIN`).
 */
export const quarterSquareTwo: Method = {
  id: 'qst-2',
  fits: unit => !isDirectional(unit) && hourglassCloths(unit) !== null,
  make(unit, count, room) {
    const size = longSideSquare(unit.width, room)
    const side = size.total
    const pairs = Math.ceil(count / 2)
    const [a, b] = hourglassCloths(unit)!
    const { under, over } = lighterOnTop(a, b, room)
    const shift = side * 0.05
    const crossed = halvesAcross(under, over, side, shift, room.seam)
    const each = { count: pairs, perUnit: 1 / 2 }
    return {
      pieces: [
        squarePiece(a, 'quarters', size, each, ['north', 'south']),
        squarePiece(b, 'quarters', size, each, ['east', 'west']),
      ],
      made: pairs * 2,
      trim: true,
      seams: 2,
      cuts: 1,
      biasEdges: 0,
      steps: () => [
        ...layeredSteps(
          { under, over },
          { side: size, of: pairs, aside: shift, seam: room.seam },
          'cut-on-line-and-press',
        ),
        {
          do: 'layer',
          code: 'lock-and-mark-across',
          of: pairs,
          data: { seam: room.seam },
          picture: crossed.sewn,
        },
        {
          do: 'cut-apart',
          code: 'cut-on-line',
          data: { gives: 2 },
          picture: crossed.cut,
        },
        ...pressAndTrim(unit, room, 'quarter-square'),
      ],
    }
  },
}

/** The two cloths of an hourglass: north and south, east and west; null when the triangles are dressed otherwise. */
function hourglassCloths(unit: DressedUnit): [string, string] | null {
  const [north, east, south, west] = ['north', 'east', 'south', 'west'].map(side => patchAt(unit, side).cloth)
  return north === south && east === west ? [north!, east!] : null
}

/**
 * Two half-squares right sides together, unlike cloths facing, the upper one a little aside: the lower one shows its
 * faces, the upper one its wrong side. Sewn on the diagonal that crosses their seams.
 */
function halvesAcross(under: string, over: string, side: Inches, aside: Inches, seam: Inches): BothSides {
  const upper = halfSquareFaces(over, under, side).map(({ cloth: name, points }) =>
    cloth(name, movePolygon(points, aside, aside), 'wrong'),
  )
  const layers = [...halfSquareFaces(under, over, side), ...upper]
  return bothSides(layers, [aside, aside], [aside + side, aside + side], seam)
}
