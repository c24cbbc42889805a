import { boundingBox } from '../geometry/polygon'
import { roundUpToRuler } from '../measure/ruler'
import { roundedSum } from '../measure/sum'
import { box, cloth, line, picture, type PictureShape } from '../sewing/picture'
import { sewnAsCut } from './cutSize'
import { pressAndTrim } from './finishing'
import { hasUp, type DressedUnit, type Method, type PieceDraft, type Workroom } from './method'

/**
 * Strip sets: strips of each width + 2·seam sewn along their length, then cut across into segments of length + 2·seam. As many
 * sets as ⌈segments ÷ ⌊usable ÷ segment⌋⌉; the last one only as long as its segments need, and a squared end.
 */
export const stripSet: Method = {
  id: 'strip-set', kinds: ['strip-set'],
  fits: (unit, room) => !hasUp(unit) && stripSetSegment(unit, room) <= setLength(unit, room),
  make(unit, count, room) {
    const beside = liesBeside(unit)
    const segment = stripSetSegment(unit, room)
    const usable = setLength(unit, room)
    const perSet = Math.floor(usable / segment + 1e-9)
    const whole = Math.floor(count / perSet), rest = count - whole * perSet
    const restLength = Math.min(usable, roundUpToRuler(rest * segment + SQUARING, room.ruler))
    const pieces = unit.patches.flatMap((patch): PieceDraft[] => {
      const b = boundingBox(patch.polygon)
      const depth = sewnAsCut((beside ? b.width : b.height) + 2 * room.seam, room)
      const strip = (length: number, strips: number, serves: number): PieceDraft => ({
        cloth: patch.cloth, part: 'strips', shape: 'strip', width: length, height: depth.cut, exact: { width: length, height: depth.exact },
        cuts: 'none', turn: true, count: strips, serves, slots: [patch.slot],
      })
      return [...(whole > 0 ? [strip(usable, whole, whole * perSet)] : []), ...(rest > 0 ? [strip(restLength, 1, rest)] : [])]
    })
    return {
      lengths: { segment: roundedSum([{ what: 'finished', value: beside ? unit.height : unit.width }, { what: 'seams', count: 2, each: room.seam }], segment) },
      pieces, made: count, trim: false, seams: (unit.patches.length - 1) / perSet * 2, cuts: 1, biasEdges: 0,
      steps: [
        { do: 'sew', code: 'sew-strips-along', data: { seam: room.seam, sets: whole + (rest > 0 ? 1 : 0), strips: unit.patches.length }, picture: setPicture(unit, beside, usable, segment, false, room) },
        { do: 'cut-apart', code: 'cut-segments', data: { segment, gives: perSet, count }, picture: setPicture(unit, beside, usable, segment, true, room) },
        ...pressAndTrim(unit, room, null),
      ],
    }
  },
}

/** Cloth for squaring the end of a short set before its segments are cut. */
const SQUARING = 0.5

function liesBeside(unit: DressedUnit): boolean {
  return unit.patches.every(patch => Math.abs(boundingBox(patch.polygon).height - unit.height) < 1e-6)
}

/** How wide the segments are cut. */
function stripSetSegment(unit: DressedUnit, room: Workroom): number {
  return sewnAsCut((liesBeside(unit) ? unit.height : unit.width) + 2 * room.seam, room).cut
}

/** The narrowest of its cloths says how long a set can be. */
function setLength(unit: DressedUnit, room: Workroom): number {
  return Math.min(...unit.patches.map(patch => room.usableWidth(patch.cloth)))
}

/** The set as it lies on the table, its strips level, shortened to a few segments. */
function setPicture(unit: DressedUnit, beside: boolean, usable: number, segment: number, cuts: boolean, room: Workroom) {
  const length = Math.min(usable, segment * 4.5)
  let y = 0
  const shapes: PictureShape[] = unit.patches.map((patch, i) => {
    const b = boundingBox(patch.polygon)
    const outer = i === 0 || i === unit.patches.length - 1 ? room.seam : 0
    const depth = (beside ? b.width : b.height) + outer
    const shape = cloth(patch.cloth, box(0, y, length, depth))
    y += depth
    return shape
  })
  const lines = cuts ? [1, 2, 3, 4].map(i => line('cut', [i * segment, 0], [i * segment, y])) : []
  return picture(shapes, lines)
}
