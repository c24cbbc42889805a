import { besideLine, box, cloth, line, picture } from '../sewing/picture'
import { legSquare, longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { hasUp, patchAt, type Method } from './method'
import { squarePiece } from './pieces'

/**
 * Flying geese four at a time, without waste: one large square w + 2(1 + √2)·seam and four small ones h + (2 + √2)·seam. Two small
 * squares lie on a diagonal of the large one; sewn on both sides, cut, pressed into hearts; one more square on each heart.
 * The goose is a quarter-square triangle of w, its skies half-square triangles of h. At ¼″ w + 1.207″ and h + 0.854″.
 */
export const flyingGooseFour: Method = {
  id: 'goose-4', kinds: ['goose'],
  fits: unit => !hasUp(unit) && patchAt(unit, 'left').cloth === patchAt(unit, 'right').cloth,
  make(unit, count, room) {
    const goose = patchAt(unit, 'goose').cloth, sky = patchAt(unit, 'left').cloth
    const large = longSideSquare(Math.max(unit.width, unit.height), room)
    const small = legSquare(Math.min(unit.width, unit.height), room)
    const sets = Math.ceil(count / 4)
    const L = large.cut, q = small.cut
    const layered = [cloth(goose, box(0, 0, L, L)), cloth(sky, box(0, L - q, q, q), 'wrong'), cloth(sky, box(L - q, 0, q, q), 'wrong')]
    const diagonal = [[0, L], [L, 0]] as const
    const sewn = besideLine('sew', ...diagonal, room.seam)
    // a heart: half of the large square with two small triangles folded out
    const heart = [
      cloth(goose, [[0, 0], [L, 0], [0, L]]), cloth(sky, [[0, L], [q, L - q], [q, L]]), cloth(sky, [[L, 0], [L - q, q], [L, q]]),
    ]
    const third = [...heart, cloth(sky, box(0, 0, q, q), 'wrong')]
    const across = [[0, 0], [q, q]] as const
    return {
      pieces: [squarePiece(goose, 'geese', large, sets, ['goose']), squarePiece(sky, 'points', small, 4 * sets, ['left', 'right'])],
      made: sets * 4, trim: true, seams: 1.5, cuts: 0.75, biasEdges: 0,
      steps: [
        { do: 'layer', code: 'layer-two-on-large', data: { large: L, small: q }, picture: picture(layered, [line('mark', ...diagonal)]) },
        { do: 'sew', code: 'sew-both-sides', data: { seam: room.seam }, picture: picture(layered, [line('mark', ...diagonal), ...sewn]) },
        { do: 'cut-apart', code: 'cut-and-press-hearts', picture: picture(heart) },
        { do: 'layer', code: 'square-on-each-heart', data: { small: q, seam: room.seam }, picture: picture(third, [line('mark', ...across), ...besideLine('sew', ...across, room.seam)]) },
        { do: 'cut-apart', code: 'cut-on-line', data: { gives: 4 }, picture: picture(third, [line('cut', ...across), ...besideLine('sew', ...across, room.seam)]) },
        ...pressAndTrim(unit, room, 'goose'),
      ],
    }
  },
}
