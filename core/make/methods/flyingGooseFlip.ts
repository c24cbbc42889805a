import type { Inches } from '../../measure/ruler'
import { box, cloth, line, picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { bonusFrom } from './bonus'
import { allowance, plainSide, trimmedLater, type CutSize } from './cutSize'
import { pressAndTrim } from './finishing'
import { flipStages } from './flipStages'
import type { Method, MethodContext } from './method'
import { patchAt } from '../units/dressedUnit'
import { pieceOf, squarePiece } from './pieces'

/** What a generous cut adds to each side of the rectangle and of the squares. Source: handbook §3. */
const SPARE = 1 / 2

/**
 * Flying geese one at a time: a rectangle w + 2·seam by h + 2·seam, and two squares of h + 2·seam sewn over its
 * corners on their diagonal, folded up and trimmed behind. Exact as cut, or cut generously and trimmed; the cut-off
 * corners are lost or kept as small triangles.
 */
export const flyingGooseFlip: Method = {
  id: 'goose-flip',
  sewnAsCut: 'base-and-corners',
  care: 'always',
  fits: () => true,
  make(unit, count, room) {
    const goose = patchAt(unit, 'goose')
    const [left, right] = [patchAt(unit, 'left'), patchAt(unit, 'right')]
    const isTrimmed = room.care === 'generous'
    const corner = sideOf(Math.min(unit.width, unit.height), room)
    const long = sideOf(Math.max(unit.width, unit.height), room).total
    const squares =
      left.cloth === right.cloth
        ? [squarePiece(left.cloth, 'points', corner, { count: 2 * count, perUnit: 2 }, ['left', 'right'])]
        : [left, right].map(sky => squarePiece(sky.cloth, 'points', corner, { count, perUnit: 1 }, [sky.slot]))
    const lying = pieceOf(sideOf(unit.width, room), sideOf(unit.height, room), {
      cloth: goose.cloth,
      part: 'geese',
      cuts: 'none',
      turn: !goose.isUpright,
      count,
      perUnit: 1,
      slots: ['goose'],
    })
    return {
      pieces: [lying, ...squares],
      made: count,
      trim: isTrimmed,
      seams: 2,
      cuts: 2,
      biasEdges: 0,
      bonus: bonusFrom(corner.total, room.seam, 2 * count),
      steps: () => [
        ...cornerSteps([goose.cloth, left.cloth, right.cloth], { long, corner, seam: room.seam }),
        ...pressAndTrim(unit, room, isTrimmed ? 'goose' : null),
      ],
    }
  },
}

/** A square over one end of the rectangle, folded up and trimmed behind, then over the other. `long`: as cut. */
function cornerSteps(
  [goose, left, right]: readonly [string, string, string],
  { long, corner, seam }: { long: Inches; corner: CutSize; seam: Inches },
): Step[] {
  const short = corner.total
  const base = cloth(goose, box(0, 0, long, short))
  const leftDone = cloth(left, [
    [0, 0],
    [short, 0],
    [0, short],
  ])
  const leftSeam = line('sew', [0, short], [short, 0])
  const leftSquare = cloth(left, box(0, 0, short, short), 'wrong')
  const rightSeam = line('sew', [long, short], [long - short, 0])
  const arrow = { from: [short * 0.6, short * 0.6], to: [short * 0.25, short * 0.25] } as const
  return [
    {
      do: 'mark',
      code: 'mark-corner-squares',
      adds: ['left', 'right'],
      data: { side: corner },
      picture: picture([leftSquare], [line('mark', [0, short], [short, 0])]),
    },
    {
      do: 'sew',
      code: 'sew-corner-square',
      adds: ['left'],
      data: { seam },
      picture: picture([base, leftSquare], [leftSeam]),
    },
    {
      do: 'press',
      code: 'fold-check-then-trim',
      data: { seam },
      picture: picture([base, leftDone], [leftSeam], [arrow]),
      stages: flipStages(base, { square: leftSquare, seam: leftSeam, done: leftDone }, seam),
    },
    {
      do: 'sew',
      code: 'same-on-other-corner',
      adds: ['right'],
      picture: picture([base, leftDone, cloth(right, box(long - short, 0, short, short), 'wrong')], [rightSeam]),
    },
  ]
}

function sideOf(finished: number, room: MethodContext): CutSize {
  if (room.care !== 'generous') return plainSide(finished, room)
  return trimmedLater([{ what: 'finished', value: finished }, ...allowance(2, room.seam)], room, SPARE)
}
