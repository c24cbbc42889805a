import { besideLine, box, cloth, line, picture } from '../sewing/picture'
import { legSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { hasUp, type Method } from './method'
import { squarePiece } from './pieces'

/**
 * Half-square triangles two at a time: squares of f + (2 + √2)·seam, one of each cloth, sewn a seam away on both sides of a
 * marked diagonal and cut on it. Source: offset rule (see `LEG_GAIN`); at ¼″ f + 0.854″, usually f + ⅞″.
 */
export const halfSquareTriangleTwo: Method = {
  id: 'hst-2', kinds: ['half-square'],
  fits: unit => !hasUp(unit),
  make(unit, count, room) {
    const size = legSquare(unit.width, room)
    const side = size.cut, pairs = Math.ceil(count / 2)
    const [under, over] = unit.patches as [typeof unit.patches[0], typeof unit.patches[0]]
    const layers = [cloth(under.cloth, box(0, 0, side, side)), cloth(over.cloth, box(side * 0.05, side * 0.05, side, side), 'wrong')]
    const diagonal = [[side * 0.05, side * 1.05], [side * 1.05, side * 0.05]] as const
    const sewn = besideLine('sew', ...diagonal, room.seam)
    return {
      pieces: unit.patches.map(patch => squarePiece(patch.cloth, 'half-squares', size, pairs, [patch.slot])),
      made: pairs * 2, trim: true, seams: 1, cuts: 0.5, biasEdges: 0,
      steps: [
        { do: 'layer', code: 'layer-and-mark', data: { side }, picture: picture(layers, [line('mark', ...diagonal)]) },
        { do: 'sew', code: 'sew-both-sides', data: { seam: room.seam }, picture: picture(layers, [line('mark', ...diagonal), ...sewn]) },
        { do: 'cut-apart', code: 'cut-on-line', data: { gives: 2 }, picture: picture(layers, [line('cut', ...diagonal), ...sewn]) },
        ...pressAndTrim(unit, room, 'half-square'),
      ],
    }
  },
}
