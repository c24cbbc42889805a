import { squareCorner } from '../block/unit'
import { offsetPolygon } from '../geometry/offset'
import type { Point, Polygon } from '../geometry/polygon'
import { roundUpToRuler, type Inches } from '../measure/ruler'
import { sumOf } from '../measure/sum'
import { box, cloth, line, picture } from '../sewing/picture'
import type { Step } from '../sewing/step'
import { legSquare, sewnAsCut } from './cutSize'
import { pressAndTrim } from './finishing'
import { hasUp, type DressedPatch, type DressedUnit, type Made, type Method, type PieceDraft, type Workroom } from './method'
import { trianglePiece } from './pieces'

/** How pieces lie in a strip: its depth, what each piece takes of its length, what the slant of the ends takes besides. */
interface Lie { depth: Inches, pitch: Inches, ends: Inches, angleDeg: number }

/** Cloth for cleaning up the end of a strip to the angle. Source: handbook §6. */
const CLEANING: Inches = 0.5

/**
 * Diamonds and triangles cut from a strip at an angle. Diamonds: a strip of altitude + 2·seam, cut in parallels as far apart as
 * the strip is deep (that depth ÷ sin α along the strip). Triangles: a strip as deep as the cut-out triangle, which is
 * turned end for end, so that each takes half of base and tip together. Single layer: folded, half of them would be reversed.
 * Source: offset of the finished patch; at 60° a triangle's strip is altitude + 3·seam.
 */
export const angledStrips: Method = {
  id: 'strip-angle', kinds: ['diamond', 'wedge'],
  fits: (unit, room) => !hasUp(unit) && perStrip(lieOf(unit, room), room.usableWidth(unit.patches[0]!.cloth)) >= 1,
  make(unit, count, room) {
    const [patch, corner] = unit.patches
    const lie = lieOf(unit, room)
    const usable = room.usableWidth(patch!.cloth)
    const most = perStrip(lie, usable)
    const whole = Math.floor(count / most), rest = count - whole * most
    const strip = (length: Inches, strips: number, serves: number): PieceDraft => ({
      cloth: patch!.cloth, part: 'angled-strips', shape: 'strip', width: length, height: lie.depth, exact: { width: length, height: lie.depth }, cuts: 'angle', turn: true, count: strips, serves, slots: [patch!.slot],
    })
    const pieces = [...(whole > 0 ? [strip(usable, whole, whole * most)] : []), ...(rest > 0 ? [strip(Math.min(usable, roundUpToRuler(lengthFor(lie, rest), room.ruler)), 1, rest)] : [])]
    const shown = Math.min(most, 5), length = lengthFor(lie, shown)
    const isDiamond = unit.kind === 'diamond'
    const slant = lie.ends
    const cuts = Array.from({ length: shown + 1 }, (_, i) => {
      const x = CLEANING + i * lie.pitch
      return isDiamond || i % 2 === 0 ? line('cut', [x, lie.depth], [x + slant, 0]) : line('cut', [x + slant, lie.depth], [x, 0])
    })
    const steps: Step[] = [
      { do: 'cut', code: 'clean-angled-end', data: { depth: lie.depth, angle: Math.round(lie.angleDeg * 10) / 10 }, picture: picture([cloth(patch!.cloth, box(0, 0, length, lie.depth))], cuts.slice(0, 1)) },
      { do: 'cut', code: isDiamond ? 'cut-parallels' : 'cut-end-for-end', data: { step: isDiamond ? lie.depth : lie.pitch, gives: most, count }, picture: picture([cloth(patch!.cloth, box(0, 0, length, lie.depth))], cuts) },
    ]
    const alone = { pieces, made: count, trim: false, seams: 0, cuts: 1 + 1 / most, biasEdges: isDiamond ? 2 : 1, steps }
    // parallels are a strip's depth apart; what a triangle takes of the strip has a reason of its own
    const pitch = sumOf([{ what: 'half-base-of-the-cut', value: (lie.pitch + lie.ends) / 2 }, { what: 'half-tip-of-the-cut', value: (lie.pitch - lie.ends) / 2 }])
    const made = isDiamond ? alone : { ...alone, lengths: { pitch } }
    return corner ? withCorner(made, unit, corner, count, room) : made
  },
}

/** The wedge's corner cut singly, as half of a square, and sewn to its base. */
function withCorner(wedges: Made, unit: DressedUnit, corner: DressedPatch, count: number, room: Workroom): Made {
  const size = legSquare(squareCorner(corner.polygon)!.leg, room)
  const square = box(0, 0, size.cut, size.cut)
  return {
    ...wedges, pieces: [...wedges.pieces, trianglePiece(corner.cloth, 'triangles', size, count, [corner.slot], 'one-diagonal')],
    trim: true, seams: 1, cuts: wedges.cuts + 0.5,
    steps: [
      ...wedges.steps,
      { do: 'cut', code: 'cut-once', data: { side: size.cut }, picture: picture([cloth(corner.cloth, square)], [line('cut', square[3]!, square[1]!)]) },
      { do: 'sew', code: 'sew-corner-to-wedge', data: { seam: room.seam }, picture: picture(unit.patches.map(patch => cloth(patch.cloth, patch.polygon))) },
      ...pressAndTrim(unit, room, null),
    ],
  }
}

function perStrip(lie: Lie, usable: Inches): number {
  return Math.floor((usable - lie.ends - CLEANING) / lie.pitch + 1e-9)
}

function lengthFor(lie: Lie, count: number): Inches {
  return count * lie.pitch + lie.ends + CLEANING
}

function lieOf(unit: DressedUnit, room: Workroom): Lie {
  return unit.kind === 'diamond' ? diamondLie(unit.patches[0]!.polygon, room) : wedgeLie(unit.patches[0]!.polygon, room)
}

function diamondLie(polygon: Polygon, room: Workroom): Lie {
  const [a, b, d] = [polygon[0]!, polygon[1]!, polygon[3]!]
  const side = distance(a, b)
  const sine = Math.abs((b[0] - a[0]) * (d[1] - a[1]) - (b[1] - a[1]) * (d[0] - a[0])) / side ** 2
  const depth = sewnAsCut(side * sine + 2 * room.seam, room).cut
  return { depth, pitch: depth / sine, ends: depth * Math.sqrt(1 - sine ** 2) / sine, angleDeg: Math.asin(Math.min(1, sine)) * 180 / Math.PI }
}

function wedgeLie(polygon: Polygon, room: Workroom): Lie {
  const tip = apexOf(polygon)!
  const [left, right] = [polygon[(tip + 1) % 3]!, polygon[(tip + 2) % 3]!]
  const cut = offsetPolygon(polygon, room.seam)
  // along the base and square to it
  const length = distance(left, right)
  const ux = (right[0] - left[0]) / length, uy = (right[1] - left[1]) / length
  const across = ([x, y]: Point) => -x * uy + y * ux
  const least = Math.min(...cut.map(across)), most = Math.max(...cut.map(across))
  const widthAt = (level: number) => {
    const there = cut.filter(point => Math.abs(across(point) - level) < 1e-6).map(([x, y]) => x * ux + y * uy)
    return Math.max(...there) - Math.min(...there)
  }
  const widths = [widthAt(least), widthAt(most)]
  const base = Math.max(...widths), top = Math.min(...widths)
  return { depth: sewnAsCut(most - least, room).cut, pitch: (base + top) / 2, ends: (base - top) / 2, angleDeg: Math.atan2(most - least, (base - top) / 2) * 180 / Math.PI }
}

/** Which corner of a triangle lies between its two equal sides; null when no two are equal. */
export function apexOf(polygon: Polygon): number | null {
  const sides = polygon.map((p, i) => distance(p, polygon[(i + 1) % 3]!))
  const apex = [0, 1, 2].find(i => Math.abs(sides[i]! - sides[(i + 2) % 3]!) < 1e-6)
  return apex ?? null
}

function distance(a: Point, b: Point): Inches {
  return Math.hypot(b[0] - a[0], b[1] - a[1])
}
