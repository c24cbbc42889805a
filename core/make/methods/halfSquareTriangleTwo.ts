import { besideLine, box, cloth, line, picture } from '../steps/picture'
import { legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { lighterOnTop } from './layers'
import type { Method } from './method'
import { isDirectional } from '../units/dressedUnit'
import { squarePiece } from './pieces'

/**
 * Half-square triangles two at a time: squares of f + (2 + √2)·seam, one of each cloth, sewn a seam away on both
 * sides of a marked diagonal and cut on it. Source: offset rule (see `LEG_GAIN`); at ¼″ f + 0.854″, usually f + ⅞″.
 */
export const halfSquareTriangleTwo: Method = {
  id: 'hst-2',
  fits: unit => !isDirectional(unit),
  make(unit, count, room) {
    const size = legSquare(unit.width, room)
    const side = size.total
    const pairs = Math.ceil(count / 2)
    const { under, over } = lighterOnTop(unit.patches[0]!.cloth, unit.patches[1]!.cloth, room)
    const shift = side * 0.05
    const layers = [cloth(under, box(0, 0, side, side)), cloth(over, box(shift, shift, side, side), 'wrong')]
    const diagonal = [
      [shift, shift + side],
      [shift + side, shift],
    ] as const
    const sewn = besideLine('sew', ...diagonal, room.seam)
    return {
      pieces: unit.patches.map(patch =>
        squarePiece(patch.cloth, 'half-squares', size, { count: pairs, perUnit: 1 / 2 }, [patch.slot]),
      ),
      made: pairs * 2,
      trim: true,
      seams: 1,
      cuts: 0.5,
      biasEdges: 0,
      steps: () => [
        {
          do: 'layer',
          code: 'layer-and-mark',
          of: pairs,
          data: { side: size, over, under },
          picture: picture(layers, [line('mark', ...diagonal)]),
        },
        {
          do: 'sew',
          code: 'sew-both-sides',
          data: { seam: room.seam },
          picture: picture(layers, [line('mark', ...diagonal), ...sewn]),
        },
        {
          do: 'cut-apart',
          code: 'cut-on-line',
          data: { gives: 2 },
          picture: picture(layers, [line('cut', ...diagonal), ...sewn]),
        },
        ...pressAndTrim(unit, room, 'half-square'),
      ],
    }
  },
}
