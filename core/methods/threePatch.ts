import type { Step } from '../sewing/step'
import { besideLine, box, cloth, line, picture } from '../sewing/picture'
import { legSquare, longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import { hasUp, patchAt, type DressedUnit, type Method, type PieceDraft, type Workroom } from './method'
import { squarePiece, trianglePiece } from './pieces'

/** The sizes both ways share: quarters are cut from squares f + 2(1 + √2)·seam, the half from f + (2 + √2)·seam. */
function sizesOf(unit: DressedUnit, room: Workroom) {
  return { quarter: longSideSquare(unit.width, room), half: legSquare(unit.width, room) }
}

/**
 * Three-patch triangle units in mirrored pairs: two squares make two half-square units; on each lies a square of the large
 * triangle's cloth, and a line across the seam is sewn on both sides and cut. One unit of each hand comes out, so where
 * only one hand is wanted the other half is left over.
 */
export const threePatchPairs: Method = {
  id: 'three-patch-pairs', kinds: ['three-patch'],
  fits: unit => !hasUp(unit),
  make(unit, count, room, mirrored = 0) {
    const { quarter, half } = sizesOf(unit, room)
    const [a, b, c] = ['first', 'second', 'half'].map(slot => patchAt(unit, slot).cloth) as [string, string, string]
    // a pair of quarter squares gives two half-square units, each of which gives one unit of the hand that is wanted
    const sets = Math.ceil(count / 2)
    // squares are counted by the hand that is more in need: each gives as much of the other
    const hand = a < b ? 'left' : 'right'
    const shared = (piece: PieceDraft): PieceDraft => ({ ...piece, pool: { needed: piece.count, gives: mirrored > 0 ? 2 : 1, corner: hand } })
    const q = quarter.cut, h = half.cut
    const rising = [[0, q], [q, 0]] as const, falling = [[0, 0], [h, h]] as const
    const layers = [cloth(a, box(0, 0, q, q)), cloth(b, box(q * 0.04, q * 0.04, q, q), 'wrong')]
    const seamed = [cloth(a, [[0, 0], [h, 0], [0, h]]), cloth(b, [[h, 0], [h, h], [0, h]]), cloth(c, box(h * 0.04, h * 0.04, h, h), 'wrong')]
    return {
      pieces: [
        shared(squarePiece(a, 'quarter-pairs', quarter, sets, ['first'])), shared(squarePiece(b, 'quarter-pairs', quarter, sets, ['second'])), shared(squarePiece(c, 'large-triangles', half, 2 * sets, ['half'])),
      ],
      made: 2 * sets, trim: true, seams: 2, cuts: 1.5, biasEdges: 0, mirrored: Math.max(0, 2 * sets - mirrored),
      steps: [
        { do: 'layer', code: 'layer-and-mark', data: { side: q }, picture: picture(layers, [line('mark', ...rising)]) },
        { do: 'sew', code: 'sew-both-sides', data: { seam: room.seam }, picture: picture(layers, [line('mark', ...rising), ...besideLine('sew', ...rising, room.seam)]) },
        { do: 'cut-apart', code: 'cut-on-line-and-press', data: { gives: 2 }, picture: picture(layers, [line('cut', ...rising), ...besideLine('sew', ...rising, room.seam)]) },
        { do: 'layer', code: 'square-on-half-square', data: { side: h, seam: room.seam }, picture: picture(seamed, [line('mark', ...falling), ...besideLine('sew', ...falling, room.seam)]) },
        { do: 'cut-apart', code: 'cut-mirrored-pair', data: { gives: 2 }, picture: picture(seamed, [line('cut', ...falling), ...besideLine('sew', ...falling, room.seam)]) },
        ...pressAndTrim(unit, room, 'quarter-square'),
      ],
    }
  },
}

/**
 * Three-patch triangle units all alike: on two layered squares only half of each line is sewn, always on the same hand of it, so
 * that cut on both diagonals they fall into four pairs of quarters of one hand. Each is sewn to a half of its own square.
 */
export const threePatchAlike: Method = {
  id: 'three-patch-alike', kinds: ['three-patch'],
  fits: unit => !hasUp(unit),
  make(unit, count, room) {
    const { quarter, half } = sizesOf(unit, room)
    const [a, b, c] = ['first', 'second', 'half'].map(slot => patchAt(unit, slot).cloth) as [string, string, string]
    const sets = Math.ceil(count / 4)
    const q = quarter.cut, s = room.seam / Math.SQRT2, m = q / 2
    const layers = [cloth(a, box(0, 0, q, q)), cloth(b, box(0, 0, q, q), 'wrong')]
    // from each corner to the middle, a seam to the left of the line as it is walked
    const sewn = ([[0, 0], [q, 0], [q, q], [0, q]] as const).map(([x, y]) => {
      const dx = Math.sign(m - x), dy = Math.sign(m - y)
      return line('sew', [x + dy * s, y - dx * s], [m + dy * s, m - dx * s])
    })
    const marks = [line('mark', [0, 0], [q, q]), line('mark', [q, 0], [0, q])]
    const cuts = [line('cut', [0, 0], [q, q]), line('cut', [q, 0], [0, q])]
    const sew: Step[] = [
      { do: 'layer', code: 'layer-and-mark-both', data: { side: q }, picture: picture(layers, marks) },
      { do: 'sew', code: 'sew-half-lines', data: { seam: room.seam }, picture: picture(layers, [...marks, ...sewn]) },
      { do: 'cut-apart', code: 'cut-pairs-alike', data: { gives: 4 }, picture: picture(layers, [...cuts, ...sewn]) },
      { do: 'cut', code: 'cut-once', data: { side: half.cut }, picture: picture([cloth(c, box(0, 0, half.cut, half.cut))], [line('cut', [0, half.cut], [half.cut, 0])]) },
      { do: 'sew', code: 'sew-half-to-quarters', data: { seam: room.seam }, picture: picture(unit.patches.map(patch => cloth(patch.cloth, patch.polygon))) },
    ]
    return {
      pieces: [squarePiece(a, 'quarter-pairs', quarter, sets, ['first']), squarePiece(b, 'quarter-pairs', quarter, sets, ['second']), trianglePiece(c, 'large-triangles', half, count, ['half'], 'one-diagonal')],
      made: sets * 4, trim: true, seams: 2, cuts: 1, biasEdges: 0, steps: [...sew, ...pressAndTrim(unit, room, 'quarter-square')],
    }
  },
}
