import { box, cloth, line, picture } from '../sewing/picture'
import { longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method } from './method'
import { trianglePiece } from './pieces'

/**
 * Quarter-square triangles one at a time: a square of f + 2(1 + √2)·seam cut on both diagonals gives four, straight grain on
 * the long side. For any dressing, and for a cloth with an up. At ¼″ f + 1.207″, usually f + 1¼″.
 */
export const quarterSquareSingle: Method = {
  id: 'qst-single', kinds: ['quarter-square'],
  fits: () => true,
  make(unit, count, room) {
    const size = longSideSquare(unit.width, room)
    const side = size.cut, f = unit.width
    const [north, east, south, west] = unit.patches as [typeof unit.patches[0], typeof unit.patches[0], typeof unit.patches[0], typeof unit.patches[0]]
    const gap = f * 0.12
    const pairs = [
      cloth(north.cloth, north.polygon.map(([x, y]) => [x, y] as const)), cloth(east.cloth, east.polygon.map(([x, y]) => [x + gap / 2, y] as const)),
      cloth(south.cloth, south.polygon.map(([x, y]) => [x + gap * 2, y + gap * 2] as const)), cloth(west.cloth, west.polygon.map(([x, y]) => [x + gap * 1.5, y + gap * 2] as const)),
    ]
    return {
      pieces: unit.patches.map(patch => trianglePiece(
        patch.cloth, 'quarters', size, count, [patch.slot], 'two-diagonals', patch.isUpright ? patch.slot : undefined)),
      made: count, trim: true, seams: 3, cuts: 2, biasEdges: 0,
      steps: [
        { do: 'cut', code: 'cut-twice', data: { side }, picture: picture([cloth(north.cloth, box(0, 0, side, side))], [line('cut', [0, 0], [side, side]), line('cut', [0, side], [side, 0])]) },
        { do: 'sew', code: 'sew-pairs-then-halves', data: { seam: room.seam }, picture: picture(pairs) },
        ...pressAndTrim(unit, room, 'quarter-square'),
      ],
    }
  },
}
