import type { Point } from '../../geometry/polygon'
import { arrowsOf, unfinished, type Arrow, type Picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { unfinishedSide } from '../../measure/unfinishedSide'
import type { Workroom } from './method'
import type { DressedUnit } from '../units/dressedUnit'

/** The last steps of nearly every method: press open, then (where it was cut generously) trim to size. */
export function pressAndTrim(
  unit: DressedUnit,
  room: Workroom,
  trim: null | 'half-square' | 'quarter-square' | 'goose' | 'square-in-square',
): Step[] {
  const done = unfinished(unit.patches, unit.width, unit.height, room.seam)
  const width = unfinishedSide(unit.width, room.seam)
  const height = unfinishedSide(unit.height, room.seam)
  const expect = { width: width.total, height: height.total }
  const press: Step = {
    do: 'press',
    ...pressing(unit, room, done),
    ...(trim ? {} : { expect }),
  }
  return trim
    ? [press, { do: 'trim', code: `trim-${trim}`, picture: done, data: { width, height, seam: room.seam }, expect }]
    : [press]
}

/** Strips are pressed as the block they go to is: which way, its back view shows. */
function pressing(unit: DressedUnit, room: Workroom, done: Picture): Pick<Step, 'code' | 'picture'> {
  if (isOpen(unit, room)) return { code: 'press-open', picture: done }
  if (unit.kind === 'strip-set') return { code: 'press-as-behind', picture: done }
  return { code: 'press-to-dark', picture: { ...done, arrows: pressArrow(unit, room) } }
}

function isOpen({ patches: [one, two] }: DressedUnit, room: Workroom): boolean {
  return one !== undefined && two !== undefined && room.pressed(one.cloth, two.cloth) === 'open'
}

/** From the middle of one patch towards the middle of the other, in the picture of the unfinished unit. */
function pressArrow(unit: DressedUnit, room: Workroom): Arrow[] {
  const [one, two] = [unit.patches[0], unit.patches[1]]
  if (!one || !two) return []
  const middle = (patch: typeof one): Point => [
    room.seam + patch.polygon.reduce((sum, p) => sum + p[0], 0) / patch.polygon.length,
    room.seam + patch.polygon.reduce((sum, p) => sum + p[1], 0) / patch.polygon.length,
  ]
  return arrowsOf(room.pressed(one.cloth, two.cloth), middle(one), middle(two))
}
