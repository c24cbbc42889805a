import { box, cloth, line, picture } from '../sewing/picture'
import { bonusFrom } from './bonus'
import { sewnAsCut } from './cutSize'
import { pressAndTrim } from './finishing'
import { patchAt, type Method } from './method'
import { plainPiece, squarePiece } from './pieces'

/**
 * Flying geese one at a time: a rectangle w + 2·seam by h + 2·seam, and two squares of h + 2·seam sewn over its corners on
 * their diagonal, folded up and trimmed behind. Exact as cut; the cut-off corners are lost or kept as small triangles.
 */
export const flyingGooseFlip: Method = {
  id: 'goose-flip', kinds: ['goose'],
  fits: () => true,
  make(unit, count, room) {
    const goose = patchAt(unit, 'goose')
    const sky = ['left', 'right'].map(slot => patchAt(unit, slot))
    const long = Math.max(unit.width, unit.height) + 2 * room.seam, short = Math.min(unit.width, unit.height) + 2 * room.seam
    const corner = sewnAsCut(short, room)
    const base = cloth(goose.cloth, box(0, 0, long, short))
    return {
      pieces: [
        plainPiece(goose, 'geese', unit.width, unit.height, count, ['goose'], room),
        ...(sky[0]!.cloth === sky[1]!.cloth
          ? [squarePiece(sky[0]!.cloth, 'points', corner, 2 * count, ['left', 'right'])]
          : sky.map(patch => squarePiece(patch.cloth, 'points', corner, count, [patch.slot]))),
      ],
      made: count, trim: false, seams: 2, cuts: 2, biasEdges: 0, bonus: bonusFrom(corner.cut, room.seam, 2 * count),
      steps: [
        { do: 'mark', code: 'mark-corner-squares', data: { side: corner.cut }, picture: picture([cloth(sky[0]!.cloth, box(0, 0, short, short), 'wrong')], [line('mark', [0, short], [short, 0])]) },
        { do: 'sew', code: 'sew-corner-square', data: { seam: room.seam }, picture: picture([base, cloth(sky[0]!.cloth, box(0, 0, short, short), 'wrong')], [line('sew', [0, short], [short, 0])]) },
        { do: 'press', code: 'fold-check-then-trim', data: { seam: room.seam }, picture: picture([base, cloth(sky[0]!.cloth, [[0, 0], [short, 0], [0, short]])], [line('sew', [0, short], [short, 0])], [{ from: [short * 0.6, short * 0.6], to: [short * 0.25, short * 0.25] }]) },
        { do: 'sew', code: 'same-on-other-corner', data: { seam: room.seam }, picture: picture([base, cloth(sky[0]!.cloth, [[0, 0], [short, 0], [0, short]]), cloth(sky[1]!.cloth, box(long - short, 0, short, short), 'wrong')], [line('sew', [long, short], [long - short, 0])]) },
        ...pressAndTrim(unit, room, null),
      ],
    }
  },
}
