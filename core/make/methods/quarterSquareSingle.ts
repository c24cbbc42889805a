import { box, cloth, line, picture } from '../steps/picture'
import { longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method } from './method'
import type { DressedPatch } from '../units/dressedUnit'
import { trianglePiece } from './pieces'

/**
 * Quarter-square triangles one at a time: a square of f + 2(1 + √2)·seam cut on both diagonals gives four, straight
 * grain on the long side. For any dressing, and for a cloth with an up. At ¼″ f + 1.207″, usually f + 1¼″.
 */
export const quarterSquareSingle: Method = {
  id: 'qst-single',
  fits: () => true,
  make(unit, count, room) {
    const size = longSideSquare(unit.width, room)
    const side = size.total
    const [north, east, south, west] = unit.patches as [DressedPatch, DressedPatch, DressedPatch, DressedPatch]
    const gap = unit.width * 0.12
    const apart = ({ cloth: name, polygon }: DressedPatch, dx: number, dy: number) =>
      cloth(
        name,
        polygon.map(([x, y]) => [x + dx, y + dy] as const),
      )
    const pairs = [
      apart(north, 0, 0),
      apart(east, gap / 2, 0),
      apart(south, gap * 2, gap * 2),
      apart(west, gap * 1.5, gap * 2),
    ]
    const cuts = [line('cut', [0, 0], [side, side]), line('cut', [0, side], [side, 0])]
    return {
      pieces: unit.patches.map(patch =>
        trianglePiece(
          patch.cloth,
          'quarters',
          size,
          count,
          [patch.slot],
          'two-diagonals',
          patch.isUpright ? patch.slot : undefined,
        ),
      ),
      made: count,
      trim: true,
      seams: 3,
      cuts: 2,
      biasEdges: 0,
      steps: () => [
        {
          do: 'cut',
          code: 'cut-twice',
          data: { side: size },
          picture: picture([cloth(north.cloth, box(0, 0, side, side))], cuts),
        },
        { do: 'sew', code: 'sew-pairs-then-halves', data: { seam: room.seam }, picture: picture(pairs) },
        ...pressAndTrim(unit, room, 'quarter-square'),
      ],
    }
  },
}
