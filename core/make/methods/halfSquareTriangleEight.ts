import { besideLine, box, cloth, line, picture } from '../steps/picture'
import { legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { lighterOnTop } from './layers'
import type { Method, MethodContext } from './method'
import { clothsOf, isDirectional, type DressedUnit } from '../units/dressedUnit'
import { squarePiece } from './pieces'

/**
 * Half-square triangles eight at a time: squares of 2f + 2(2 + √2)·seam, one of each cloth; both diagonals marked,
 * sewn a seam away on both sides of each, cut in four squares and across. Each quarter is the two-at-a-time square,
 * so the size is twice that one. At ¼″ 2f + 1.707″, usually 2f + 1¾″.
 */
export const halfSquareTriangleEight: Method = {
  id: 'hst-8',
  ownPile: 'eight',
  fits: (unit, room) =>
    !isDirectional(unit) && clothsOf(unit).every(name => sizeOf(unit, room).total <= room.usableWidth(name)),
  make(unit, count, room) {
    const size = sizeOf(unit, room)
    const side = size.total
    const sets = Math.ceil(count / 8)
    const { under, over } = lighterOnTop(unit.patches[0]!.cloth, unit.patches[1]!.cloth, room)
    const shift = side * 0.04
    const near = shift
    const far = shift + side
    const middle = shift + side / 2
    const layers = [cloth(under, box(0, 0, side, side)), cloth(over, box(shift, shift, side, side), 'wrong')]
    const rising = [
      [near, far],
      [far, near],
    ] as const
    const falling = [
      [near, near],
      [far, far],
    ] as const
    const marks = [line('mark', ...rising), line('mark', ...falling)]
    const sewn = [...besideLine('sew', ...rising, room.seam), ...besideLine('sew', ...falling, room.seam)]
    const across = [line('cut', [middle, near], [middle, far]), line('cut', [near, middle], [far, middle])]
    const cuts = [line('cut', ...rising), line('cut', ...falling), ...across]
    return {
      pieces: unit.patches.map(patch =>
        squarePiece(patch.cloth, 'half-squares', size, { count: sets, perUnit: 1 / 8 }, [patch.slot]),
      ),
      made: sets * 8,
      trim: true,
      seams: 0.5,
      cuts: 0.5,
      biasEdges: 0,
      steps: () => [
        {
          do: 'layer',
          code: 'layer-and-mark-both',
          of: sets,
          data: { side: size, over, under },
          picture: picture(layers, marks),
        },
        { do: 'sew', code: 'sew-both-sides', data: { seam: room.seam }, picture: picture(layers, [...marks, ...sewn]) },
        {
          do: 'cut-apart',
          code: 'cut-in-four-and-across',
          data: { gives: 8 },
          picture: picture(layers, [...cuts, ...sewn]),
        },
        ...pressAndTrim(unit, room, 'half-square'),
      ],
    }
  },
}

function sizeOf(unit: DressedUnit, room: MethodContext) {
  return legSquare(unit.width, room, 2)
}
