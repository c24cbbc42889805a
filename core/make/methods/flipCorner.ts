import { squareCorner } from '../units/unit'
import { boundingBox, type Point } from '../../geometry/polygon'
import type { Inches } from '../../measure/ruler'
import { box, cloth, line, picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { bonusFrom } from './bonus'
import { plainSide } from './cutSize'
import { pressAndTrim } from './finishing'
import { flipStages } from './flipStages'
import type { Method, PieceDraft, MethodContext } from './method'
import type { DressedPatch, DressedUnit } from '../units/dressedUnit'
import type { MethodId } from '../../file/methodNames'
import { plainPiece, squarePiece } from './pieces'

/**
 * Corners sewn on and flipped: a square of c + 2·seam lies in the corner right sides together, is sewn on its
 * diagonal, folded out and the two layers behind cut off. Exact as cut, and the base keeps its grain and its print
 * upright.
 */
function flipMethod(id: MethodId, kind: 'flip-corner' | 'square-in-square', baseSlot: string): Method {
  return {
    id,
    sewnAsCut: 'base-and-corners',
    fits: () => true,
    make(unit, count, room) {
      const base = unit.patches.find(patch => patch.slot === baseSlot)!
      const corners = unit.patches.filter(patch => patch !== base)
      const part = kind === 'flip-corner' ? 'bases' : 'centres'
      return {
        pieces: [
          plainPiece(base, part, unit.width, unit.height, count, [baseSlot], room),
          ...cornerPieces(corners, count, room),
        ],
        made: count,
        trim: false,
        seams: corners.length,
        cuts: corners.length,
        biasEdges: 0,
        bonus: bonusFrom(squareCorner(corners[0]!.polygon)!.leg + 2 * room.seam, room.seam, corners.length * count),
        steps: () => [...flipSteps(unit, base, corners, room), ...pressAndTrim(unit, room, null)],
      }
    },
  }
}

export const flipCorner = flipMethod('flip-corner', 'flip-corner', 'base')
export const squareInSquareFlip = flipMethod('square-in-square-flip', 'square-in-square', 'centre')

function cornerPieces(corners: readonly DressedPatch[], count: number, room: MethodContext): PieceDraft[] {
  const groups = new Map<string, { cloth: string; leg: number; slots: string[] }>()
  for (const patch of corners) {
    const leg = squareCorner(patch.polygon)!.leg
    const key = `${patch.cloth} ${leg.toFixed(4)}`
    const group = groups.get(key) ?? { cloth: patch.cloth, leg, slots: [] }
    group.slots.push(patch.slot)
    groups.set(key, group)
  }
  return [...groups.values()].map(({ cloth: name, leg, slots }) =>
    squarePiece(name, 'corners', plainSide(leg, room), { count: count * slots.length, perUnit: slots.length }, slots),
  )
}

/** Where the square for a corner lies on the base, and the diagonal that is sewn. */
function squareAt(
  patch: DressedPatch,
  width: Inches,
  height: Inches,
  side: Inches,
): { x: Inches; y: Inches; seam: readonly [Point, Point]; outer: Point } {
  const { at } = squareCorner(patch.polygon)!
  const b = boundingBox(patch.polygon)
  const atLeft = at[0] < b.x + b.width / 2
  const atTop = at[1] < b.y + b.height / 2
  const x = atLeft ? 0 : width - side
  const y = atTop ? 0 : height - side
  const seam: readonly [Point, Point] =
    atLeft === atTop
      ? [
          [x, y + side],
          [x + side, y],
        ]
      : [
          [x, y],
          [x + side, y + side],
        ]
  return { x, y, seam, outer: [atLeft ? 0 : width, atTop ? 0 : height] }
}

/** The first corner in full; then each of the others, those before it done. */
function flipSteps(
  unit: DressedUnit,
  base: DressedPatch,
  corners: readonly DressedPatch[],
  room: MethodContext,
): Step[] {
  const width = plainSide(unit.width, room).total
  const height = plainSide(unit.height, room).total
  const whole = cloth(base.cloth, box(0, 0, width, height))
  const laid = corners.map(patch => {
    const size = plainSide(squareCorner(patch.polygon)!.leg, room)
    const { x, y, seam, outer } = squareAt(patch, width, height, size.total)
    return {
      size,
      seam: line('sew', ...seam),
      square: cloth(patch.cloth, box(x, y, size.total, size.total), 'wrong'),
      done: cloth(patch.cloth, [seam[0], outer, seam[1]]),
    }
  })
  const [first, ...others] = laid as [(typeof laid)[0], ...typeof laid]
  const side = first.size.total
  const alone = picture(
    [cloth(corners[0]!.cloth, box(0, 0, side, side), 'wrong')],
    [line('mark', [0, side], [side, 0])],
  )
  return [
    {
      do: 'mark',
      code: 'mark-corner-squares',
      adds: corners.map(({ slot }) => slot),
      data: { side: first.size },
      picture: alone,
    },
    {
      do: 'sew',
      code: 'sew-corner-square',
      adds: [corners[0]!.slot],
      data: { seam: room.seam },
      picture: picture([whole, first.square], [first.seam]),
    },
    {
      do: 'press',
      code: 'fold-check-then-trim',
      data: { seam: room.seam },
      picture: picture([whole, first.done], [first.seam]),
      stages: flipStages(whole, first, room.seam),
    },
    ...others.map((corner, i): Step => ({
      do: 'sew',
      code: 'same-on-other-corner',
      adds: [corners[i + 1]!.slot],
      picture: picture([whole, ...laid.slice(0, i + 1).map(({ done }) => done), corner.square], [corner.seam]),
    })),
  ]
}
