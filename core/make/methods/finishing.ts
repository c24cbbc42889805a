import { cornerMean, type Point, type Polygon } from '../../geometry/polygon'
import { arrowsOf, cloth, line, picture, unfinished, type Picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { unfinishedSide } from '../../measure/unfinishedSide'
import type { MethodContext } from './method'
import type { DressedUnit } from '../units/dressedUnit'
import { middleOfUnit } from '../units/unit'

/** The last steps of nearly every method: press open, then (where it was cut generously) trim to size. */
export function pressAndTrim(
  unit: DressedUnit,
  room: MethodContext,
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
  if (trim === 'half-square' && room.trimsClosed) return [trimClosed(unit, room), { ...press, expect }]
  return trim
    ? [press, { do: 'trim', code: `trim-${trim}`, picture: done, data: { width, height, seam: room.seam }, expect }]
    : [press]
}

/** Both layers still right sides together: the legs of the triangle are cut square to each other, its ears off. */
function trimClosed(unit: DressedUnit, room: MethodContext): Step {
  const side = unfinishedSide(unit.width, room.seam)
  const leg = side.total
  const [under, over] = unit.patches.map(patch => patch.cloth) as [string, string]
  // as it lies before: a little too large, with the allowance beyond the stitches
  const rough: Polygon = [
    [-room.seam, -room.seam],
    [leg + room.seam, -room.seam],
    [leg + room.seam, room.seam],
    [room.seam, leg + room.seam],
    [-room.seam, leg + room.seam],
  ]
  return {
    do: 'trim',
    code: 'trim-closed-half-square',
    data: { side },
    picture: picture(
      [cloth(under, rough), cloth(over, rough, 'wrong')],
      [
        line('cut', [0, 0], [leg, 0]),
        line('cut', [0, 0], [0, leg]),
        line('cut', [leg, 0], [leg + room.seam / 2, room.seam / 2]),
        line('cut', [0, leg], [room.seam / 2, leg + room.seam / 2]),
        line('sew', [leg, 0], [0, leg]),
      ],
    ),
  }
}

/** Strips are pressed as the block they go to is: which way, its back view shows. Corners lie outwards. */
function pressing(unit: DressedUnit, room: MethodContext, done: Picture): Pick<Step, 'code' | 'picture'> {
  const [one, two] = unit.patches
  if (!one || !two) return { code: 'press-to-dark', picture: done }
  const press = room.pressed(one.cloth, two.cloth)
  if (press === 'open') return { code: 'press-open', picture: done }
  if (unit.kind === 'strip-set') return { code: 'press-as-behind', picture: done }
  const middleIn = ({ polygon }: typeof one): Point => {
    const [x, y] = cornerMean(polygon)
    return [room.seam + x, room.seam + y]
  }
  const middle = middleOfUnit(unit.patches)
  if (!middle)
    return { code: 'press-to-dark', picture: { ...done, arrows: arrowsOf(press, middleIn(one), middleIn(two)) } }
  const corners = unit.patches.filter(patch => patch !== middle)
  const arrows = corners.flatMap(corner => arrowsOf('second', middleIn(middle), middleIn(corner)))
  return { code: 'press-outwards', picture: { ...done, arrows } }
}
