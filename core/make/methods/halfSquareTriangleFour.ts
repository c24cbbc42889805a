import { box, cloth, line, picture } from '../steps/picture'
import { longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { lighterOnTop } from './layers'
import type { Method } from './method'
import { isDirectional } from '../units/dressedUnit'
import { squarePiece } from './pieces'

/**
 * Half-square triangles four at a time: two squares sewn together all round, a seam from the edge, and cut on both
 * diagonals. A quarter has its seam along the square's side: finished it is a half-square turned by 45°, its leg (S −
 * 2·seam)/√2 less the allowance at the two cut edges, so that S = √2·f + 2(1 + √2)·seam. Every outer edge ends on the
 * bias. At ¼″ √2·f + 1.207″.
 */
export const halfSquareTriangleFour: Method = {
  id: 'hst-4',
  ownPile: 'four',
  fits: unit => !isDirectional(unit),
  make(unit, count, room) {
    const size = longSideSquare(Math.SQRT2 * unit.width, room)
    const side = size.total
    const sets = Math.ceil(count / 4)
    const { under, over } = lighterOnTop(unit.patches[0]!.cloth, unit.patches[1]!.cloth, room)
    const shift = side * 0.04
    const layers = [cloth(under, box(0, 0, side, side)), cloth(over, box(shift, shift, side, side), 'wrong')]
    const near = shift + room.seam
    const far = shift + side - room.seam
    const round = [
      line('sew', [near, near], [far, near]),
      line('sew', [far, near], [far, far]),
      line('sew', [far, far], [near, far]),
      line('sew', [near, far], [near, near]),
    ]
    const cuts = [
      line('cut', [shift, shift], [shift + side, shift + side]),
      line('cut', [shift + side, shift], [shift, shift + side]),
    ]
    return {
      pieces: unit.patches.map(patch =>
        squarePiece(patch.cloth, 'half-squares', size, { count: sets, perUnit: 1 / 4 }, [patch.slot]),
      ),
      made: sets * 4,
      trim: true,
      seams: 1,
      cuts: 0.5,
      biasEdges: 4,
      steps: () => [
        { do: 'layer', code: 'layer-squares', of: sets, data: { side: size, over, under }, picture: picture(layers) },
        { do: 'sew', code: 'sew-round-the-edge', data: { seam: room.seam }, picture: picture(layers, round) },
        {
          do: 'cut-apart',
          code: 'cut-both-diagonals',
          data: { gives: 4 },
          picture: picture(layers, [...round, ...cuts]),
        },
        ...pressAndTrim(unit, room, 'half-square'),
      ],
    }
  },
}
