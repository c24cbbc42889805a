import { besideLine, box, cloth, line, picture } from '../sewing/picture'
import { longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { hasUp, patchAt, type DressedUnit, type Method } from './method'
import { squarePiece } from './pieces'

/**
 * Hourglass two at a time: two squares of f + 2(1 + √2)·seam make two half-square units; those, seams locked and crossing, are
 * sewn on both sides of the other diagonal and cut again. Gives opposite triangles of one cloth. At ¼″ f + 1.207″, usually
 * f + 1¼″. Source: the long side of a quarter-square triangle (see `LONG_SIDE_GAIN`).
 */
export const quarterSquareTwo: Method = {
  id: 'qst-2', kinds: ['quarter-square'],
  fits: unit => !hasUp(unit) && hourglassCloths(unit) !== null,
  make(unit, count, room) {
    const size = longSideSquare(unit.width, room)
    const side = size.cut, pairs = Math.ceil(count / 2)
    const [a, b] = hourglassCloths(unit)!
    const shift = side * 0.05
    const squares = [cloth(a, box(0, 0, side, side)), cloth(b, box(shift, shift, side, side), 'wrong')]
    const rising = [[shift, shift + side], [shift + side, shift]] as const, falling = [[0, 0], [side, side]] as const
    const halves = [cloth(a, [[0, 0], [side, 0], [0, side]]), cloth(b, [[side, 0], [side, side], [0, side]])]
    return {
      pieces: [squarePiece(a, 'quarters', size, pairs, ['north', 'south']), squarePiece(b, 'quarters', size, pairs, ['east', 'west'])],
      made: pairs * 2, trim: true, seams: 2, cuts: 1, biasEdges: 0,
      steps: [
        { do: 'layer', code: 'layer-and-mark', data: { side }, picture: picture(squares, [line('mark', ...rising)]) },
        { do: 'sew', code: 'sew-both-sides', data: { seam: room.seam }, picture: picture(squares, [line('mark', ...rising), ...besideLine('sew', ...rising, room.seam)]) },
        { do: 'cut-apart', code: 'cut-on-line-and-press', data: { gives: 2 }, picture: picture(squares, [line('cut', ...rising), ...besideLine('sew', ...rising, room.seam)]) },
        { do: 'layer', code: 'lock-and-mark-across', data: { seam: room.seam }, picture: picture(halves, [line('mark', ...falling), ...besideLine('sew', ...falling, room.seam)]) },
        { do: 'cut-apart', code: 'cut-on-line', data: { gives: 2 }, picture: picture(halves, [line('cut', ...falling), ...besideLine('sew', ...falling, room.seam)]) },
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
