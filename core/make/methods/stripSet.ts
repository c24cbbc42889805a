import { boundingBox } from '../../geometry/polygon'
import { roundUpToRuler, TOLERANCE, type Inches } from '../../measure/ruler'
import { addTerms, roundedSum, type Term } from '../../measure/sum'
import { box, cloth, line, picture, type PictureShape } from '../steps/picture'
import { exactly, plainSide, type CutSize } from './cutSize'
import { pressAndTrim } from './finishing'
import type { Method, PieceDraft, MethodContext } from './method'
import { isDirectional, type DressedUnit } from '../units/dressedUnit'
import { pieceOf } from './pieces'

/**
 * Strip sets: strips of each width + 2·seam sewn along their length, then cut across into segments of length +
 * 2·seam. As many sets as ⌈segments ÷ ⌊usable ÷ segment⌋⌉; the last one only as long as its segments need, and a
 * squared end.
 */
export const stripSet: Method = {
  id: 'strip-set',
  ownPile: 'set',
  singly: 'rectangle',
  sewnAsCut: 'patches',
  fits: (unit, room) => !isDirectional(unit) && stripSetSegment(unit, room).total <= setLength(unit, room),
  make(unit, count, room) {
    const beside = liesBeside(unit)
    const size = stripSetSegment(unit, room)
    const segment = size.total
    const usable = setLength(unit, room)
    const perSet = segmentsOf(usable, segment)
    const whole = Math.floor(count / perSet)
    const rest = count - whole * perSet
    const pieces = unit.patches.flatMap((patch): PieceDraft[] => {
      const b = boundingBox(patch.polygon)
      const depth = plainSide(beside ? b.width : b.height, room)
      const strip = (length: CutSize, strips: number, serves: number) =>
        pieceOf(length, depth, {
          cloth: patch.cloth,
          part: 'strips',
          shape: 'strip',
          cuts: 'none',
          turn: true,
          count: strips,
          perUnit: 1 / perSet,
          serves,
          slots: [patch.slot],
        })
      return [
        ...(whole > 0 ? [strip(exactly([{ what: 'usable-width', value: usable }]), whole, whole * perSet)] : []),
        ...(rest > 0 ? [strip(restLength(rest, segment, usable, room), 1, rest)] : []),
      ]
    })
    return {
      lengths: { segment: size },
      pieces,
      made: count,
      trim: false,
      seams: ((unit.patches.length - 1) / perSet) * 2,
      cuts: 1,
      biasEdges: 0,
      steps: () => [
        {
          do: 'sew',
          code: 'sew-strips-along',
          of: whole + (rest > 0 ? 1 : 0),
          data: { seam: room.seam, sets: whole + (rest > 0 ? 1 : 0), strips: unit.patches.length },
          picture: setPicture(unit, beside, usable, segment, false, room),
        },
        {
          do: 'cut-apart',
          code: 'cut-segments',
          data: { segment: size, gives: perSet, count },
          picture: setPicture(unit, beside, usable, segment, true, room),
        },
        ...pressAndTrim(unit, room, null),
      ],
    }
  },
}

/** Cloth for squaring the end of a short set before its segments are cut. */
const SQUARING = 0.5

/** Segments that a set of this length gives. */
function segmentsOf(length: Inches, segment: Inches): number {
  return Math.floor((length + TOLERANCE) / segment)
}

/**
 * A short set for the last segments: as long as they need, with a little to square its end, and never longer than the
 * cloth is wide.
 */
function restLength(segments: number, segment: Inches, usable: Inches, { ruler }: MethodContext): CutSize {
  const terms: Term[] = [
    { what: 'segments', count: segments, each: segment },
    { what: 'squaring-the-end', value: SQUARING },
  ]
  const exact = addTerms(terms)
  return { exact, ...roundedSum(terms, Math.min(usable, roundUpToRuler(exact, ruler))) }
}

function liesBeside(unit: DressedUnit): boolean {
  return unit.patches.every(patch => Math.abs(boundingBox(patch.polygon).height - unit.height) < 1e-6)
}

/** How wide the segments are cut. */
function stripSetSegment(unit: DressedUnit, room: MethodContext): CutSize {
  return plainSide(liesBeside(unit) ? unit.height : unit.width, room)
}

/** The narrowest of its cloths says how long a set can be. */
function setLength(unit: DressedUnit, room: MethodContext): number {
  return Math.min(...unit.patches.map(patch => room.usableWidth(patch.cloth)))
}

/** The set as it lies on the table, its strips level, shortened to a few segments. */
function setPicture(
  unit: DressedUnit,
  beside: boolean,
  usable: number,
  segment: number,
  cuts: boolean,
  room: MethodContext,
) {
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
