import { roundUpToRuler, type Inches } from '../../measure/ruler'
import { addTerms, roundedSum, sumOf, type Term } from '../../measure/sum'
import type { Point, Polygon } from '../../geometry/polygon'
import { arrowsOf, box, cloth, line, picture, unfinished, type Picture } from '../steps/picture'
import type { Step } from '../steps/step'
import type { StepData } from '../steps/stepData'
import { allowance, exactly, trimmedLater, type CutSize } from './cutSize'
import { unfinishedSide } from '../../measure/unfinishedSide'
import type { Method, PieceDraft, MethodContext } from './method'
import { isDirectional, patchAt, type DressedPatch, type DressedUnit } from '../units/dressedUnit'
import { pieceOf } from './pieces'

/** What a corner is cut too deep by, to be trimmed when the block is squared from its centre. Source: handbook §3. */
const OVERSIZE: Inches = 0.25

/**
 * Wedges whose corners are cut with them, from a set of three strips: a strip for the wedges between two for the
 * corners. The ruler is turned end for end, so that each wedge has its corner at one seam and its blunt tip at the
 * other. Only the tip's allowance reaches the far seam: the middle strip is finished as deep as the wedge is high,
 * and one seam. The corners come out with slanted ends and a little deep, and are trimmed when the block is squared.
 * Source: offset of wedge and corner together; at distance y from the tip a wedge of half angle β is cut 2·(y·tan β +
 * seam ÷ cos β) wide.
 */
export const wedgeStripSet: Method = {
  id: 'wedge-strip-set',
  ownPile: 'set',
  fits: (unit, room) =>
    unit.patches.length === 2 && !isDirectional(unit) && perSet(setOf(unit, room), setLength(unit, room)) >= 1,
  make(unit, count, room) {
    const [wedge, corner] = [patchAt(unit, 'wedge'), patchAt(unit, 'corner')]
    const set = setOf(unit, room)
    const usable = setLength(unit, room)
    const most = perSet(set, usable)
    const whole = Math.floor(count / most)
    const rest = count - whole * most
    const strips = (sets: number, length: CutSize, serves: number): PieceDraft[] => [
      strip(wedge, set.middle, length, { count: sets, perUnit: 1 / most, serves }),
      // a single wedge has its corner on one side only
      strip(corner, set.side, length, { count: serves === 1 ? 1 : 2 * sets, perUnit: 2 / most, serves }),
    ]
    const full = exactly([{ what: 'usable-width', value: usable }])
    const pitch = sumOf([
      { what: 'width-at-the-corner', value: set.wide },
      { what: 'slant-shared-with-the-next', value: set.pitch - set.wide },
    ])
    const wide = sumOf([
      { what: 'width-of-the-tip', value: set.narrow },
      { what: 'slant-over-the-depth', value: set.wide - set.narrow },
    ])
    const data = { angle: Math.round(set.halfAngleDeg * 20) / 10, gives: most, count, wide }
    const sets = whole + (rest > 0 ? 1 : 0)
    return {
      pieces: [
        ...(whole > 0 ? strips(whole, full, whole * most) : []),
        ...(rest > 0 ? strips(1, restLength(set, rest, usable, room), rest) : []),
      ],
      made: count,
      trim: true,
      seams: 4 / most,
      cuts: 4,
      biasEdges: 2,
      steps: () => wedgeSteps(unit, set, { shown: Math.min(most, 4), sets, data }, room),
      lengths: { wide, pitch },
    }
  },
}

/** `shown`: how many wedges of a set are drawn. */
function wedgeSteps(
  unit: DressedUnit,
  set: WedgeSet,
  { shown, sets, data }: { shown: number; sets: number; data: StepData },
  room: MethodContext,
): Step[] {
  const { seam } = room
  const [wedge, corner] = [patchAt(unit, 'wedge').cloth, patchAt(unit, 'corner').cloth]
  const [width, height] = [unfinishedSide(unit.width, seam), unfinishedSide(unit.height, seam)]
  return [
    {
      do: 'sew',
      code: 'sew-strips-along',
      of: sets,
      data: { seam, sets, strips: 3 },
      picture: setPicture(set, wedge, corner, shown, false, room),
    },
    {
      do: 'cut-apart',
      code: 'cut-wedges-in-turn',
      data,
      picture: setPicture(set, wedge, corner, shown, true, room),
    },
    {
      do: 'press',
      code: room.pressed(wedge, corner) === 'open' ? 'press-open' : 'press-to-dark',
      picture: wedgePicture(set, wedge, corner, room),
    },
    {
      do: 'trim',
      code: 'trim-corner-later',
      data: { width, height },
      picture: unfinished(unit.patches, unit.width, unit.height, seam),
      expect: { width: width.total, height: height.total },
    },
  ]
}

/** The sewn set and how the wedges lie in it; all in inches as cut and sewn, allowances within. */
interface WedgeSet {
  middle: CutSize
  side: CutSize
  /** From the raw edge to the far seam: what a wedge is cut deep. */
  height: Inches
  /** How much deeper the whole set is. */
  beyond: Inches
  /** Width of a cut wedge at its corner's edge, and at its blunt tip. */
  wide: Inches
  narrow: Inches
  /** Along the set from one wedge to the next. */
  pitch: Inches
  halfAngleDeg: number
}

function setOf(unit: DressedUnit, { seam, ruler }: MethodContext): WedgeSet {
  const { altitude, base } = measuresOf(patchAt(unit, 'wedge').polygon, patchAt(unit, 'corner').polygon)
  const halfAngle = Math.atan2(base / 2, altitude)
  const middle = trimmedLater([{ what: 'height-of-the-wedge', value: altitude }, ...allowance(3, seam)], { ruler })
  // the corner is half a square on its long side: half as deep as the wedge's base, and its square tip grows by seam·√2
  const side = trimmedLater(
    [
      { what: 'depth-of-the-corner', value: base / 2 },
      ...allowance(2, seam),
      { what: 'tips', value: (Math.SQRT2 - 1) * seam },
      { what: 'to-be-trimmed', value: OVERSIZE },
    ],
    { ruler },
  )
  const beyond = side.total - seam
  const height = middle.total - 2 * seam + beyond
  const slope = Math.tan(halfAngle)
  const narrow = 2 * (seam / Math.cos(halfAngle) - seam * slope)
  const wide = narrow + 2 * height * slope
  // two that point the same way are a whole width apart; a pair that point unlike ways touch along their slants
  const pitch = Math.max(wide / 2, narrow + (height - beyond) * slope)
  return { middle, side, height, beyond, wide, narrow, pitch, halfAngleDeg: (halfAngle * 180) / Math.PI }
}

/** Height and base of the wedge; its base is the edge that it shares with the corner. */
function measuresOf(wedge: Polygon, corner: Polygon): { altitude: Inches; base: Inches } {
  const isShared = (point: Point) => corner.some(([x, y]) => Math.hypot(x - point[0], y - point[1]) < 1e-6)
  const [left, right] = wedge.filter(isShared) as [Point, Point]
  const tip = wedge.find(point => !isShared(point))!
  return {
    base: Math.hypot(right[0] - left[0], right[1] - left[1]),
    altitude: Math.hypot(tip[0] - (left[0] + right[0]) / 2, tip[1] - (left[1] + right[1]) / 2),
  }
}

function strip(
  { cloth, slot }: DressedPatch,
  depth: CutSize,
  length: CutSize,
  counts: Pick<PieceDraft, 'count' | 'perUnit' | 'serves'>,
): PieceDraft {
  return pieceOf(length, depth, {
    cloth,
    part: 'wedge-strips',
    shape: 'strip',
    cuts: 'none',
    turn: true,
    slots: [slot],
    ...counts,
  })
}

/** A short set for the last wedges, never longer than the cloth is wide. */
function restLength(set: WedgeSet, wedges: number, usable: Inches, { ruler }: MethodContext): CutSize {
  const terms: Term[] = [
    { what: 'width-at-the-corner', value: set.wide },
    { what: 'more-wedges', count: wedges - 1, each: set.pitch },
  ]
  const exact = addTerms(terms)
  return { exact, ...roundedSum(terms, Math.min(usable, roundUpToRuler(exact, ruler))) }
}

function setLength(unit: DressedUnit, room: MethodContext): Inches {
  return Math.min(...unit.patches.map(patch => room.usableWidth(patch.cloth)))
}

function perSet(set: WedgeSet, length: Inches): number {
  return Math.max(0, Math.floor((length - set.wide) / set.pitch + 1e-9) + 1)
}

function lengthFor(set: WedgeSet, count: number): Inches {
  return set.wide + (count - 1) * set.pitch
}

/** Where the `i`th wedge of a set is cut: corner edge below and tip above by turns. */
function cutWedge(set: WedgeSet, i: number): Polygon {
  const middle = set.wide / 2 + i * set.pitch
  const whole = set.height + set.beyond
  const [edge, tip] = i % 2 === 0 ? [whole, set.beyond] : [0, set.height]
  return [
    [middle - set.wide / 2, edge],
    [middle - set.narrow / 2, tip],
    [middle + set.narrow / 2, tip],
    [middle + set.wide / 2, edge],
  ]
}

function setPicture(
  set: WedgeSet,
  wedge: string,
  corner: string,
  shown: number,
  cuts: boolean,
  { seam }: MethodContext,
): Picture {
  const length = lengthFor(set, shown) + set.narrow
  const depth = set.beyond
  const whole = set.height + depth
  const shapes = [
    cloth(corner, box(0, 0, length, depth)),
    cloth(wedge, box(0, depth, length, whole - 2 * depth)),
    cloth(corner, box(0, whole - depth, length, depth)),
  ]
  if (!cuts)
    return picture(
      shapes,
      [depth, whole - depth].map(y =>
        line('sew', [0, y + (y === depth ? seam : -seam)], [length, y + (y === depth ? seam : -seam)]),
      ),
    )
  return picture(
    shapes,
    Array.from({ length: shown }, (_, i) => cutWedge(set, i)).flatMap(outline =>
      outline.map((from, k) => line('cut', from, outline[(k + 1) % 4]!)),
    ),
  )
}

/** One wedge as it comes from the set, tip up. */
function wedgePicture(set: WedgeSet, wedge: string, corner: string, { pressed }: MethodContext): Picture {
  const [edgeLeft, tipLeft, tipRight, edgeRight] = cutWedge({ ...set, beyond: 0 }, 0) as [Point, Point, Point, Point]
  const seamAt = set.height - set.beyond
  const share = seamAt / set.height
  const left: Point = [tipLeft[0] + (edgeLeft[0] - tipLeft[0]) * share, seamAt]
  const right: Point = [tipRight[0] + (edgeRight[0] - tipRight[0]) * share, seamAt]
  const [above, below]: [Point, Point] = [
    [set.wide / 2, seamAt - set.beyond / 2],
    [set.wide / 2, seamAt + set.beyond / 2],
  ]
  return picture(
    [cloth(wedge, [tipLeft, tipRight, right, left]), cloth(corner, [left, right, edgeRight, edgeLeft])],
    [],
    arrowsOf(pressed(wedge, corner), above, below),
  )
}
