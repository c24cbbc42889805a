import type { Inches } from '../../measure/ruler'
import { bothSides, type BothSides } from '../steps/bothSides'
import { box, cloth } from '../steps/picture'
import { legSquare, longSideSquare } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method } from './method'
import { isDirectional, patchAt } from '../units/dressedUnit'
import { squarePiece } from './pieces'

/** What a generous cut adds to the large and the small squares. Source: handbook §3. */
const SPARE = { large: 1 / 2, small: 3 / 8 }

/**
 * Flying geese four at a time, without waste: one large square w + 2(1 + √2)·seam and four small ones h + (2 +
 * √2)·seam. Two small squares lie on a diagonal of the large one; sewn on both sides, cut, pressed into hearts; one
 * more square on each heart. The goose is a quarter-square triangle of w, its skies half-square triangles of h. At ¼″
 * w + 1.207″ and h + 0.854″.
 */
export const flyingGooseFour: Method = {
  id: 'goose-4',
  fits: unit => !isDirectional(unit) && patchAt(unit, 'left').cloth === patchAt(unit, 'right').cloth,
  make(unit, count, room) {
    const goose = patchAt(unit, 'goose').cloth
    const sky = patchAt(unit, 'left').cloth
    const large = longSideSquare(Math.max(unit.width, unit.height), room, SPARE.large)
    const small = legSquare(Math.min(unit.width, unit.height), room, 1, SPARE.small)
    const sets = Math.ceil(count / 4)
    const [first, second] = goosePictures(goose, sky, { L: large.total, q: small.total, seam: room.seam })
    return {
      pieces: [
        squarePiece(goose, 'geese', large, { count: sets, perUnit: 1 / 4 }, ['goose']),
        squarePiece(sky, 'points', small, { count: 4 * sets, perUnit: 1 }, ['left', 'right']),
      ],
      made: sets * 4,
      trim: true,
      seams: 1.5,
      cuts: 0.75,
      biasEdges: 0,
      steps: () => [
        {
          do: 'layer',
          code: 'layer-two-on-large',
          of: sets,
          data: { large, small },
          picture: first.marked,
        },
        {
          do: 'sew',
          code: 'sew-both-sides',
          data: { seam: room.seam },
          picture: first.sewn,
        },
        {
          do: 'cut-apart',
          code: 'cut-and-press-hearts',
          into: 2,
          picture: first.cut,
        },
        {
          do: 'layer',
          code: 'square-on-each-heart',
          adds: ['right'],
          data: { small, seam: room.seam },
          picture: second.sewn,
        },
        {
          do: 'cut-apart',
          code: 'cut-on-line',
          into: 2,
          data: { gives: 4 },
          picture: second.cut,
        },
        ...pressAndTrim(unit, room, 'goose'),
      ],
    }
  },
}

/** Two small squares on a large one, sewn across; then a heart with the last square on it. `L`, `q`: their sides. */
function goosePictures(
  goose: string,
  sky: string,
  { L, q, seam }: { L: Inches; q: Inches; seam: Inches },
): [BothSides, BothSides] {
  const layered = [
    cloth(goose, box(0, 0, L, L)),
    cloth(sky, box(0, L - q, q, q), 'wrong'),
    cloth(sky, box(L - q, 0, q, q), 'wrong'),
  ]
  // a heart: half of the large square, and two small triangles folded out past the seams along its long side
  const past = seam * Math.SQRT2
  const ear = q - past
  const heart = [
    cloth(goose, [
      [0, 0],
      [L, 0],
      [0, L],
    ]),
    cloth(sky, [
      [L - past, 0],
      [L - past, ear],
      [L - past - ear, ear],
    ]),
    cloth(sky, [
      [0, L - past],
      [ear, L - past],
      [ear, L - past - ear],
    ]),
  ]
  return [
    bothSides(layered, [0, L], [L, 0], seam),
    bothSides([...heart, cloth(sky, box(0, 0, q, q), 'wrong')], [0, 0], [q, q], seam),
  ]
}
