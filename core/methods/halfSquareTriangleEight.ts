import { besideLine, box, cloth, line, picture } from '../sewing/picture'
import { LEG_GAIN, legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { clothsOf, hasUp, type Method } from './method'
import { squarePiece } from './pieces'

/**
 * Half-square triangles eight at a time: squares of 2f + 2(2 + √2)·seam, one of each cloth; both diagonals marked, sewn a seam
 * away on both sides of each, cut in four squares and across. Each quarter is the two-at-a-time square, so the size is
 * twice that one. At ¼″ 2f + 1.707″, usually 2f + 1¾″.
 */
export const halfSquareTriangleEight: Method = {
  id: 'hst-8', kinds: ['half-square'],
  fits: (unit, room) => !hasUp(unit)
    && clothsOf(unit).every(name => 2 * (unit.width + LEG_GAIN * room.seam) + room.ruler <= room.usableWidth(name)),
  make(unit, count, room) {
    const size = legSquare(unit.width, room, 2)
    const side = size.cut, sets = Math.ceil(count / 8)
    const [under, over] = unit.patches as [typeof unit.patches[0], typeof unit.patches[0]]
    const shift = side * 0.04
    const layers = [cloth(under.cloth, box(0, 0, side, side)), cloth(over.cloth, box(shift, shift, side, side), 'wrong')]
    const rising = [[shift, shift + side], [shift + side, shift]] as const, falling = [[shift, shift], [shift + side, shift + side]] as const
    const sewn = [...besideLine('sew', ...rising, room.seam), ...besideLine('sew', ...falling, room.seam)]
    const crosswise = [line('cut', [shift + side / 2, shift], [shift + side / 2, shift + side]), line('cut', [shift, shift + side / 2], [shift + side, shift + side / 2])]
    return {
      pieces: unit.patches.map(patch => squarePiece(patch.cloth, 'half-squares', size, sets, [patch.slot])),
      made: sets * 8, trim: true, seams: 0.5, cuts: 0.5, biasEdges: 0,
      steps: [
        { do: 'layer', code: 'layer-and-mark-both', data: { side }, picture: picture(layers, [line('mark', ...rising), line('mark', ...falling)]) },
        { do: 'sew', code: 'sew-both-sides', data: { seam: room.seam }, picture: picture(layers, [line('mark', ...rising), line('mark', ...falling), ...sewn]) },
        { do: 'cut-apart', code: 'cut-in-four-and-across', data: { gives: 8 }, picture: picture(layers, [line('cut', ...rising), line('cut', ...falling), ...crosswise, ...sewn]) },
        ...pressAndTrim(unit, room, 'half-square'),
      ],
    }
  },
}
