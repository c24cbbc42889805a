import { besideLine, box, cloth, line, picture } from '../steps/picture'
import { longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
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
    const squares = [cloth(under, box(0, 0, side, side)), cloth(over, box(shift, shift, side, side), 'wrong')]
    const rising = [
      [shift, shift + side],
      [shift + side, shift],
    ] as const
    const falling = [
      [shift, shift],
      [shift + side, shift + side],
    ] as const
    const sewn = besideLine('sew', ...rising, room.seam)
    // two half-squares right sides together, unlike cloths facing: the lower one shows its faces, the upper one its
    // wrong side
    const halves = [
      cloth(under, [
        [0, 0],
        [side, 0],
        [0, side],
      ]),
      cloth(over, [
        [side, 0],
        [side, side],
        [0, side],
      ]),
      cloth(
        over,
        [
          [shift, shift],
          [shift + side, shift],
          [shift, shift + side],
        ],
        'wrong',
      ),
      cloth(
        under,
        [
          [shift + side, shift],
          [shift + side, shift + side],
          [shift, shift + side],
        ],
        'wrong',
      ),
    ]
    const crossed = besideLine('sew', ...falling, room.seam)
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
        {
          do: 'layer',
          code: 'layer-and-mark',
          of: pairs,
          data: { side: size, over, under },
          picture: picture(squares, [line('mark', ...rising)]),
        },
        {
          do: 'sew',
          code: 'sew-both-sides',
          data: { seam: room.seam },
          picture: picture(squares, [line('mark', ...rising), ...sewn]),
        },
        {
          do: 'cut-apart',
          code: 'cut-on-line-and-press',
          data: { gives: 2 },
          picture: picture(squares, [line('cut', ...rising), ...sewn]),
        },
        {
          do: 'layer',
          code: 'lock-and-mark-across',
          of: pairs,
          data: { seam: room.seam },
          picture: picture(halves, [line('mark', ...falling), ...crossed]),
        },
        {
          do: 'cut-apart',
          code: 'cut-on-line',
          data: { gives: 2 },
          picture: picture(halves, [line('cut', ...falling), ...crossed]),
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
