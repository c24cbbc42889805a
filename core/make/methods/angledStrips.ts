import { rightAngle, squareCorner } from '../units/unit'
import { handedOutline } from '../../geometry/handOf'
import { offsetPolygon } from '../../geometry/offset'
import { area, clockwise, type Point, type Polygon } from '../../geometry/polygon'
import { direction, dot } from '../../geometry/vector'
import { isOnRuler, roundUpToRuler, sameLength, type Inches } from '../../measure/ruler'
import { addTerms, roundedSum, sumOf, type Sum, type Term } from '../../measure/sum'
import { box, cloth, line, picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { allowance, exactly, legSquare, sewnAsCut, type CutSize } from './cutSize'
import { pressAndTrim } from './finishing'
import type { MethodOutput, Method, PieceDraft, MethodContext } from './method'
import { isDirectional, type DressedPatch, type DressedUnit } from '../units/dressedUnit'
import { pieceOf, trianglePiece } from './pieces'

/** How pieces lie in a strip. */
interface AngledLie {
  depth: CutSize
  /** Between the lines of the legs at the edge on which the piece stands. */
  base: Inches
  /** How far the leg at which the strip is begun slants over the depth, and the other. */
  first: Inches
  second: Inches
  /** The first piece stands on its head: then its right leg is the first. */
  isTurned: boolean
  /** What each piece takes of the strip's length, and what the slant of the ends takes besides, by the last one. */
  pitch: Inches
  ends: { even: Inches; odd: Inches }
  /** Of these legs to the strip. */
  anglesDeg: [number, number]
}

/** Cloth for cleaning up the end of a strip to the angle. Source: handbook §6. */
const CLEANING: Inches = 0.5

/**
 * Diamonds and triangles cut from a strip at an angle. Diamonds: a strip of altitude + 2·seam, cut in parallels as
 * far apart as the strip is deep (that depth ÷ sin α along the strip). Triangles: a strip as deep as the cut-out
 * triangle, which is turned end for end, so that each takes half of what its leg lines leave at both edges. Single
 * layer: folded, half of them would be reversed. Source: offset of the finished patch; at 60° a triangle's strip is
 * altitude + 3·seam.
 */
export const angledStrips: Method = {
  id: 'strip-angle',
  takesSlantedStripes: true,
  sewnAsCut: 'depth-of-strip',
  fits: (unit, room) =>
    keepsItsPrint(unit, room)
    && canLie(unit)
    && perStrip(lieOf(unit, room), room.usableWidth(unit.patches[0]!.cloth)) >= 1,
  make(unit, count, room) {
    const [patch, corner] = unit.patches
    const lie = lieOf(unit, room)
    const usable = room.usableWidth(patch!.cloth)
    const most = perStrip(lie, usable)
    const whole = Math.floor(count / most)
    const rest = count - whole * most
    const isDiamond = unit.kind === 'diamond'
    const [angle] = lie.anglesDeg
    const hand = unit.kind === 'template' ? handedOutline(patch!.polygon).hand : 'either'
    // parallels are a strip's depth apart; what a triangle takes of the strip has a reason of its own
    const pitch = isDiamond
      ? sumOf([{ what: 'depth-over-the-sine', value: lie.pitch }], [{ what: 'depth-of-strip', value: lie.depth.total }])
      : sumOf([
          { what: 'base-between-its-leg-lines', value: lie.base },
          { what: 'slant-shared-with-the-next', value: lie.pitch - lie.base },
        ])
    const strip = (length: CutSize, strips: number, serves: number): PieceDraft => {
      const draft = pieceOf(length, lie.depth, {
        cloth: patch!.cloth,
        part: 'angled-strips',
        shape: 'strip',
        cuts: 'angle',
        angled: { angle, pitch: lie.pitch, each: most },
        hand,
        turn: patch!.stripes === undefined,
        count: strips,
        perUnit: 1 / most,
        serves,
        slots: [patch!.slot],
      })
      const stripes = patch!.stripes === undefined ? {} : { stripes: stripesInStrip(patch!) }
      return { ...draft, ...stripes, why: { ...draft.why, pitch } }
    }
    const full = exactly([{ what: 'usable-width', value: usable }])
    const made: MethodOutput = {
      pieces: [
        ...(whole > 0 ? [strip(full, whole, whole * most)] : []),
        ...(rest > 0 ? [strip(restLength(lie, rest, usable, room), 1, rest)] : []),
      ],
      made: count,
      trim: false,
      seams: 0,
      cuts: 1 + 1 / most,
      biasEdges: isDiamond ? 2 : 1,
      lengths: { pitch },
      steps: () =>
        cutSteps(patch!.cloth, lie, isDiamond ? { parallels: lie.depth } : { turned: pitch }, {
          most,
          count,
          ruler: room.ruler,
        }),
    }
    return corner ? withCorner(made, unit, corner, count, room) : made
  },
}

type StepAlong = { parallels: Sum } | { turned: Sum }

function cutSteps(
  name: string,
  lie: AngledLie,
  along: StepAlong,
  { most, count, ruler }: { most: number; count: number; ruler: Inches },
): Step[] {
  const shown = Math.min(most, 5)
  const depth = lie.depth.total
  const strip = cloth(name, box(0, 0, lengthFor(lie, shown), depth))
  // the edge on which the first piece stands, and the other
  const [foot, head] = lie.isTurned ? [0, depth] : [depth, 0]
  const cuts = Array.from({ length: shown + 1 }, (_, i) => {
    const x = CLEANING + i * lie.pitch
    if ('parallels' in along || i % 2 === 0) return line('cut', [x, foot], [x + lie.first, head])
    // the other leg of the piece before, which the next one shares
    const end = x - lie.pitch + lie.base
    return line('cut', [end, foot], [end - lie.second, head])
  })
  const [angle, other] = lie.anglesDeg.map(degrees => Math.round(degrees * 10) / 10) as [number, number]
  const first: Step = {
    do: 'cut',
    code: 'clean-angled-end',
    data: { depth: lie.depth, angle },
    picture: picture([strip], cuts.slice(0, 1)),
  }
  if ('parallels' in along) {
    return [
      first,
      {
        do: 'cut',
        code: 'cut-parallels',
        data: { step: along.parallels, gives: most, count, angle },
        picture: picture([strip], cuts),
      },
    ]
  }
  // a step that is set wrong by a little adds up along the strip
  const isByRuler = isOnRuler(along.turned.total, ruler / 2) && angle === other
  const code = isByRuler ? 'cut-end-for-end' : 'cut-by-turned-template'
  return [
    first,
    {
      do: 'cut',
      code,
      data: { step: along.turned, gives: most, count, angle, other },
      picture: picture([strip], cuts),
    },
  ]
}

/** The wedge's corner cut singly, as half of a square, and sewn to its base. */
function withCorner(
  wedges: MethodOutput,
  unit: DressedUnit,
  corner: DressedPatch,
  count: number,
  room: MethodContext,
): MethodOutput {
  const size = legSquare(squareCorner(corner.polygon)!.leg, room)
  const square = box(0, 0, size.total, size.total)
  return {
    ...wedges,
    pieces: [...wedges.pieces, trianglePiece(corner.cloth, 'triangles', size, count, [corner.slot], 'one-diagonal')],
    trim: true,
    seams: 1,
    cuts: wedges.cuts + 0.5,
    steps: () => [
      ...wedges.steps(),
      {
        do: 'cut',
        code: 'cut-once',
        data: { side: size },
        picture: picture([cloth(corner.cloth, square)], [line('cut', square[3]!, square[1]!)]),
      },
      {
        do: 'sew',
        code: 'sew-corner-to-wedge',
        data: { seam: room.seam },
        picture: picture(unit.patches.map(patch => cloth(patch.cloth, patch.polygon))),
      },
      ...pressAndTrim(unit, room, null),
    ],
  }
}

/** The most that lie in a strip: where an odd one ends straight up, an even number may go further, or less far. */
function perStrip({ pitch, ends }: AngledLie, usable: Inches): number {
  const most = (end: Inches, isOdd: boolean) => {
    const count = Math.floor((usable - end - CLEANING) / pitch + 1e-9)
    return (count % 2 !== 0) === isOdd ? count : count - 1
  }
  return Math.max(most(ends.even, false), most(ends.odd, true))
}

function endsOf({ ends }: AngledLie, count: number): Inches {
  return count % 2 === 0 ? ends.even : ends.odd
}

function lengthFor(lie: AngledLie, count: number): Inches {
  return count * lie.pitch + endsOf(lie, count) + CLEANING
}

/** A short strip for the last pieces, never longer than the cloth is wide. */
function restLength(lie: AngledLie, count: number, usable: Inches, { ruler }: MethodContext): CutSize {
  const terms: Term[] = [
    { what: 'advance-of-each', count, each: lie.pitch },
    { what: 'slant-of-the-end', value: endsOf(lie, count) },
    { what: 'squaring-the-end', value: CLEANING },
  ]
  const exact = addTerms(terms)
  return { exact, ...roundedSum(terms, Math.min(usable, roundUpToRuler(exact, ruler))) }
}

/**
 * Turned end for end stripes look alike; a print with an up does not. Stripes must run along the strip or across it.
 */
function keepsItsPrint(unit: DressedUnit, room: MethodContext): boolean {
  if (!isDirectional(unit)) return true
  const [patch] = unit.patches
  return (
    unit.patches.length === 1
    && patch!.stripes !== undefined
    && !room.isDirectional(patch!.cloth)
    && stripesInStrip(patch!) % 90 === 0
  )
}

/**
 * How stripes run in a patch that stands on its base in a strip: degrees clockwise from across the strip; whole
 * degrees where they are near.
 */
function stripesInStrip({ polygon, stripes = 0 }: DressedPatch): number {
  const corners = clockwise(polygon)
  const tip = corners.length === 3 ? tipOf(corners, stripes) : 2
  return stripesOn(corners, tip, stripes)
}

/** The same for the side that lies across from a corner. */
function stripesOn(corners: Polygon, tip: number, stripes: number): number {
  const n = corners.length
  const [from, to] = [corners[(tip + (n === 3 ? 1 : 2)) % n]!, corners[(tip + (n === 3 ? 2 : 3)) % n]!]
  const lean = (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI
  const angle = (((stripes - lean) % 180) + 180) % 180
  const whole = Math.round(angle)
  return (Math.abs(angle - whole) < 1e-3 ? whole : angle) % 180
}

/**
 * The corner of a triangle that is up in the strip: between its equal sides, or across from its longest. Of several
 * the one that lets stripes run along the strip or across it.
 */
function tipOf(corners: Polygon, stripes?: number): number {
  const equal = [0, 1, 2].filter(i =>
    sameLength(distance(corners[i]!, corners[(i + 1) % 3]!), distance(corners[i]!, corners[(i + 2) % 3]!)),
  )
  const tips = equal.length > 0 ? equal : [oppositeLongest(corners)]
  return tips.find(tip => stripes !== undefined && stripesOn(corners, tip, stripes) % 90 === 0) ?? tips[0]!
}

/** A diamond, or a triangle: one with a right angle is better cut from a rectangle or a square. */
function canLie({ kind, patches }: DressedUnit): boolean {
  if (kind !== 'template') return true
  const corners = patches[0]!.polygon
  return patches.length === 1 && corners.length === 3 && rightAngle(corners) === null
}

function lieOf(unit: DressedUnit, room: MethodContext): AngledLie {
  return unit.kind === 'diamond' ? diamondLie(unit.patches[0]!.polygon, room) : triangleLie(unit.patches[0]!, room)
}

function diamondLie(polygon: Polygon, room: MethodContext): AngledLie {
  const [a, b, d] = [polygon[0]!, polygon[1]!, polygon[3]!]
  const side = distance(a, b)
  const sine = Math.abs((b[0] - a[0]) * (d[1] - a[1]) - (b[1] - a[1]) * (d[0] - a[0])) / side ** 2
  const depth = sewnAsCut([{ what: 'height-of-the-patch', value: side * sine }, ...allowance(2, room.seam)], room)
  const pitch = depth.total / sine
  const slant = (depth.total * Math.sqrt(1 - sine ** 2)) / sine
  const angle = (Math.asin(Math.min(1, sine)) * 180) / Math.PI
  return {
    depth,
    base: pitch,
    first: slant,
    second: -slant,
    isTurned: false,
    pitch,
    ends: { even: slant, odd: slant },
    anglesDeg: [angle, angle],
  }
}

/**
 * A triangle on its base: the odd side of three, or the longest. Its legs lie on the lines of the finished legs moved
 * out by a seam, however blunt its tips are cut; turned end for end, neighbours share such a line, so each takes half
 * of what lies between the lines at the strip's two edges. Where the strip is deeper than the shape by rounding, the
 * shape's own depth counts: neighbours never overlap.
 */
function triangleLie({ polygon, stripes }: DressedPatch, room: MethodContext): AngledLie {
  const corners = clockwise(polygon)
  const tip = tipOf(corners, stripes)
  // going clockwise from the tip: the right end of the base, then the left, with the tip on top
  const [apex, right, left] = [corners[tip]!, corners[(tip + 1) % 3]!, corners[(tip + 2) % 3]!]
  const finishedBase = distance(left, right)
  const altitude = (2 * area(corners)) / finishedBase
  const leftBaseAngle = angleAt(left, right, apex)
  const rightBaseAngle = angleAt(right, left, apex)
  // above the base, how high the cut outline reaches; a sharp tip is cut off a seam beyond its corner
  const along = direction(left, right)
  const reach = Math.max(
    ...offsetPolygon(corners, room.seam).map(([x, y]) => (x - left[0]) * along[1] - (y - left[1]) * along[0]),
  )
  const depth = sewnAsCut(
    [
      { what: 'height-of-the-patch', value: altitude },
      ...allowance(2, room.seam),
      { what: 'reach-of-the-tip', value: reach - altitude - room.seam },
    ],
    room,
  )
  const base = finishedBase + room.seam / Math.tan(leftBaseAngle / 2) + room.seam / Math.tan(rightBaseAngle / 2)
  const least = Math.min(depth.exact, depth.total)
  const legs = [leftBaseAngle, rightBaseAngle].map(angle => ({ angle, slant: least / Math.tan(angle) }))
  const [leftLeg, rightLeg] = legs as [(typeof legs)[number], (typeof legs)[number]]
  // begun at the steeper leg a strip loses less, and mirror images the same
  const isTurned = Math.abs(rightLeg.slant) < Math.abs(leftLeg.slant) - 1e-9
  const [first, second] = isTurned ? [rightLeg, leftLeg] : [leftLeg, rightLeg]
  const shared = (first.slant + second.slant) / 2
  return {
    depth,
    base,
    first: first.slant,
    second: second.slant,
    isTurned,
    pitch: base - shared,
    // a leg that leans out over the strip's end takes cloth there too
    ends: {
      even: Math.abs(first.slant),
      odd: shared + Math.max(0, -first.slant) + Math.max(0, -second.slant),
    },
    anglesDeg: [(first.angle * 180) / Math.PI, (second.angle * 180) / Math.PI],
  }
}

function angleAt(corner: Point, one: Point, other: Point): number {
  const [u, v] = [direction(corner, one), direction(corner, other)]
  return Math.acos(Math.min(1, Math.max(-1, dot(u, v))))
}

function oppositeLongest(polygon: Polygon): number {
  const sides = polygon.map((_, i) => distance(polygon[(i + 1) % 3]!, polygon[(i + 2) % 3]!))
  return sides.indexOf(Math.max(...sides))
}

function distance(a: Point, b: Point): Inches {
  return Math.hypot(b[0] - a[0], b[1] - a[1])
}
