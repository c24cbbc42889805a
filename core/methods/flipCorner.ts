import { squareCorner } from '../block/unit'
import { boundingBox } from '../geometry/polygon'
import { box, cloth, line, picture } from '../sewing/picture'
import { bonusFrom } from './bonus'
import { sewnAsCut } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Step } from '../sewing/step'
import type { DressedUnit, Method, MethodId, Workroom } from './method'
import { plainPiece, squarePiece } from './pieces'

/**
 * Corners sewn on and flipped: a square of c + 2·seam lies in the corner right sides together, is sewn on its diagonal, folded
 * out and the two layers behind cut off. Exact as cut, and the base keeps its grain and its print upright.
 */
function flipMethod(id: MethodId, kind: 'flip-corner' | 'square-in-square', baseSlot: string): Method {
  return {
    id, kinds: [kind],
    fits: () => true,
    make(unit, count, room) {
      const base = unit.patches.find(patch => patch.slot === baseSlot)!
      const corners = unit.patches.filter(patch => patch !== base)
      return {
        pieces: [plainPiece(base, kind === 'flip-corner' ? 'bases' : 'centres', unit.width, unit.height, count, [baseSlot], room), ...cornerPieces(unit, baseSlot, count, room)],
        made: count, trim: false, seams: corners.length, cuts: corners.length, biasEdges: 0,
        bonus: bonusFrom(squareCorner(corners[0]!.polygon)!.leg + 2 * room.seam, room.seam, corners.length * count),
        steps: [...flipSteps(unit, baseSlot, room), ...pressAndTrim(unit, room, null)],
      }
    },
  }
}

export const flipCorner = flipMethod('flip-corner', 'flip-corner', 'base')
export const squareInSquareFlip = flipMethod('square-in-square-flip', 'square-in-square', 'centre')

function cornerPieces(unit: DressedUnit, baseSlot: string, count: number, room: Workroom) {
  const groups = new Map<string, { cloth: string, leg: number, slots: string[] }>()
  for (const patch of unit.patches) {
    if (patch.slot === baseSlot) continue
    const leg = squareCorner(patch.polygon)!.leg
    const key = `${patch.cloth} ${leg.toFixed(4)}`
    const group = groups.get(key) ?? { cloth: patch.cloth, leg, slots: [] }
    group.slots.push(patch.slot)
    groups.set(key, group)
  }
  return [...groups.values()].map(({ cloth: name, leg, slots }) => squarePiece(name, 'corners', sewnAsCut(leg + 2 * room.seam, room), count * slots.length, slots))
}

function flipSteps(unit: DressedUnit, baseSlot: string, room: Workroom): Step[] {
  const base = unit.patches.find(patch => patch.slot === baseSlot)!
  const first = unit.patches.find(patch => patch !== base)!
  const width = unit.width + 2 * room.seam, height = unit.height + 2 * room.seam
  const corner = squareCorner(first.polygon)!
  const side = corner.leg + 2 * room.seam
  const b = boundingBox(first.polygon)
  const atLeft = corner.at[0] < b.x + b.width / 2, atTop = corner.at[1] < b.y + b.height / 2
  const x = atLeft ? 0 : width - side, y = atTop ? 0 : height - side
  const diagonal = atLeft === atTop ? [[x, y + side], [x + side, y]] as const : [[x, y], [x + side, y + side]] as const
  const whole = cloth(base.cloth, box(0, 0, width, height))
  return [
    { do: 'mark', code: 'mark-corner-squares', data: { side }, picture: picture([cloth(first.cloth, box(0, 0, side, side), 'wrong')], [line('mark', [0, side], [side, 0])]) },
    { do: 'sew', code: 'sew-corner-square', data: { seam: room.seam }, picture: picture([whole, cloth(first.cloth, box(x, y, side, side), 'wrong')], [line('sew', ...diagonal)]) },
    {
      do: 'press', code: 'fold-check-then-trim', data: { seam: room.seam },
      picture: picture([whole, cloth(first.cloth, [diagonal[0], [atLeft ? 0 : width, atTop ? 0 : height], diagonal[1]])], [line('sew', ...diagonal)]),
    },
  ]
}
