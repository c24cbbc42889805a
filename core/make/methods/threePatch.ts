import type { Step } from '../steps/step'
import { movePolygon } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import { bothSides, halfSquareFaces } from '../steps/bothSides'
import { box, cloth, line, picture, type Picture } from '../steps/picture'
import { legSquare, longSideSquare, type CutSize } from './cutSize'
import { pressAndTrim } from './finishing'
import { layeredSteps } from './layeredSteps'
import { lighterOnTop } from './layers'
import type { Method, PieceDraft, MethodContext } from './method'
import { isDirectional, patchAt, type DressedUnit } from '../units/dressedUnit'
import { squarePiece, trianglePiece } from './pieces'

/** The sizes both ways share: quarters are cut from squares f + 2(1 + √2)·seam, the half from f + (2 + √2)·seam. */
function sizesOf(unit: DressedUnit, room: MethodContext) {
  return { quarter: longSideSquare(unit.width, room), half: legSquare(unit.width, room) }
}

function clothsOfThree(unit: DressedUnit): { first: string; second: string; half: string } {
  const of = (slot: string) => patchAt(unit, slot).cloth
  return { first: of('first'), second: of('second'), half: of('half') }
}

/**
 * Three-patch triangle units in mirrored pairs: two squares make two half-square units; on each lies a square of the
 * large triangle's cloth, and a line across the seam is sewn on both sides and cut. One unit of each hand comes out,
 * so where only one hand is wanted the other half is left over. Units of the same three cloths share their squares,
 * whichever hand; those with other partners cannot.
 */
export const threePatchPairs: Method = {
  id: 'three-patch-pairs',
  fits: unit => !isDirectional(unit),
  make(unit, count, room, mirrored = 0) {
    const { quarter, half } = sizesOf(unit, room)
    const { first: a, second: b, half: c } = clothsOfThree(unit)
    // a pair of quarter squares gives two half-square units, each of which gives one unit of the hand that is wanted
    const sets = Math.ceil(count / 2)
    // units of the same three cloths share their squares; a square gives as many of the other hand
    const shared = (piece: PieceDraft, perCorner: number): PieceDraft => ({
      ...piece,
      pool: {
        needed: count,
        gives: mirrored > 0 ? 2 * perCorner : perCorner,
        perCorner,
        corner: `${a} then ${b}`,
        // of one cloth, the two squares of a pair are two pieces of it
        group: [[a, b].sort().join(), c, ...(a === b ? piece.slots : [])].join(' with '),
      },
    })
    const { under, over } = lighterOnTop(a, b, room)
    // sewn and opened, a half-square unit is as large as the square that is laid on it
    const [h, aside] = [half.total, half.total * 0.04]
    const crossed = bothSides(
      [...halfSquareFaces(under, over, h), cloth(c, box(aside, aside, h, h), 'wrong')],
      [aside, aside],
      [aside + h, aside + h],
      room.seam,
    )
    const square = { side: quarter, of: sets, aside: quarter.total * 0.04, seam: room.seam }
    const pair = { count: sets, perUnit: 1 / 2 }
    return {
      pieces: [
        shared(squarePiece(a, 'quarter-pairs', quarter, pair, ['first']), 2),
        shared(squarePiece(b, 'quarter-pairs', quarter, pair, ['second']), 2),
        shared(squarePiece(c, 'large-triangles', half, { count, perUnit: 1 }, ['half']), 1),
      ],
      made: count,
      trim: true,
      seams: 2,
      cuts: 1.5,
      biasEdges: 0,
      mirrored: Math.max(0, count - mirrored),
      isBothHands: mirrored > 0,
      steps: () => [
        ...layeredSteps({ under, over }, square, 'cut-on-line-and-press'),
        {
          do: 'layer',
          code: 'square-on-half-square',
          adds: ['half'],
          data: { side: half, seam: room.seam, over: c },
          picture: crossed.sewn,
        },
        {
          do: 'cut-apart',
          code: 'cut-mirrored-pair',
          data: { gives: 2 },
          picture: crossed.cut,
        },
        ...pressAndTrim(unit, room, 'quarter-square'),
      ],
    }
  },
}

/**
 * Three-patch triangle units all alike: on two layered squares only half of each line is sewn, always to the left of
 * it as it is walked from its corner, so that cut on both diagonals they fall into four pairs of quarters of one
 * hand. Opened, the upper quarter folds out anticlockwise of the lower: the unit has the upper cloth first, the lower
 * second, going clockwise from its half. Which cloth lies on top decides the hand. Each pair is sewn to a half of its
 * own square.
 */
export const threePatchAlike: Method = {
  id: 'three-patch-alike',
  fits: unit => !isDirectional(unit),
  make(unit, count, room) {
    const { quarter, half } = sizesOf(unit, room)
    const { first: over, second: under, half: c } = clothsOfThree(unit)
    const sets = Math.ceil(count / 4)
    const set = { count: sets, perUnit: 1 / 4 }
    return {
      pieces: [
        squarePiece(over, 'quarter-pairs', quarter, set, ['first']),
        squarePiece(under, 'quarter-pairs', quarter, set, ['second']),
        trianglePiece(c, 'large-triangles', half, count, ['half'], 'one-diagonal'),
      ],
      made: sets * 4,
      trim: true,
      seams: 2,
      cuts: 1,
      biasEdges: 0,
      steps: () => [
        ...quartersAlike(over, under, { side: quarter, of: sets, seam: room.seam }),
        {
          do: 'cut',
          code: 'cut-once',
          data: { side: half },
          picture: picture(
            [cloth(c, box(0, 0, half.total, half.total))],
            [line('cut', [0, half.total], [half.total, 0])],
          ),
        },
        {
          do: 'sew',
          code: 'sew-half-to-quarters',
          adds: ['half'],
          data: { seam: room.seam },
          picture: halfApart(unit),
        },
        ...pressAndTrim(unit, room, 'quarter-square'),
      ],
    }
  },
}

/** Half of each diagonal sewn, to the left as it is walked from its corner, then both cut. */
function quartersAlike(over: string, under: string, square: { side: CutSize; of: number; seam: Inches }): Step[] {
  const { side, of, seam } = square
  const q = side.total
  const [s, m] = [seam / Math.SQRT2, q / 2]
  const layers = [cloth(under, box(0, 0, q, q)), cloth(over, box(0, 0, q, q), 'wrong')]
  const sewn = box(0, 0, q, q).map(([x, y]) => {
    const dx = Math.sign(m - x)
    const dy = Math.sign(m - y)
    return line('sew', [x + dy * s, y - dx * s], [m + dy * s, m - dx * s])
  })
  const both = (kind: 'mark' | 'cut') => [line(kind, [0, 0], [q, q]), line(kind, [q, 0], [0, q])]
  return [
    {
      do: 'layer',
      code: 'layer-for-half-lines',
      of,
      data: { side, over, under },
      picture: picture(layers, both('mark')),
    },
    { do: 'sew', code: 'sew-half-lines', data: { seam }, picture: picture(layers, [...both('mark'), ...sewn]) },
    {
      do: 'cut-apart',
      code: 'cut-pairs-alike',
      data: { gives: 4 },
      picture: picture(layers, [...both('cut'), ...sewn]),
    },
  ]
}

/** The unit with its half a little away from its quarters. */
function halfApart(unit: DressedUnit): Picture {
  const gap = unit.width * 0.08
  const centre = [unit.width / 2, unit.height / 2] as const
  return picture(
    unit.patches.map(({ cloth: name, polygon, slot }) => {
      const [dx, dy] = awayFrom(centre, patchAt(unit, 'half').polygon, slot === 'half' ? gap : 0)
      return cloth(name, movePolygon(polygon, dx, dy))
    }),
  )
}

/** A step of this length from the centre towards the middle of a figure. */
function awayFrom(
  [cx, cy]: readonly [number, number],
  polygon: DressedUnit['patches'][number]['polygon'],
  by: number,
): readonly [number, number] {
  const x = polygon.reduce((sum, point) => sum + point[0], 0) / polygon.length - cx
  const y = polygon.reduce((sum, point) => sum + point[1], 0) / polygon.length - cy
  const length = Math.hypot(x, y)
  return [(x / length) * by, (y / length) * by]
}
