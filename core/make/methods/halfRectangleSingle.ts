import { rightAngle } from '../units/unit'
import { handedOutline } from '../../geometry/handOf'
import { boundingBox, type Point, type Polygon } from '../../geometry/polygon'
import { sameLength, type Inches } from '../../measure/ruler'
import { sumOf } from '../../measure/sum'
import { box, cloth, line, picture, type Picture } from '../steps/picture'
import type { Step } from '../steps/step'
import { allowance, trimmedLater, type CutSize } from './cutSize'
import type { Method, MethodContext } from './method'
import { isDirectional } from '../units/dressedUnit'
import { pieceOf } from './pieces'

/**
 * Right triangles with unequal legs a < b, two from a rectangle: cut on a line that runs as steep as the long side,
 * set off the diagonal so that both halves keep their allowance. The sharp tip, of angle φ with tan φ = a/b, ends
 * square a seam beyond its corner: the rectangle is b + 2·seam high. At the other end of the short leg, angle α = 90°
 * − φ, the base is B = a + seam + seam·cot(α/2); at the top there are T = B − (b + 2·seam)·a/b left, and B + T is the
 * width. Both halves are of one hand; two rectangles right sides together give both. Source: offset rule, handbook §3
 * (60° diamond in a rectangle).
 */
export const halfRectangleSingle: Method = {
  id: 'half-rectangle-single',
  fits: unit => !isDirectional(unit) && unit.patches.length === 1 && legsOf(unit.patches[0]!.polygon) !== null,
  make(unit, count, room, mirrored = 0) {
    const [patch] = unit.patches
    const legs = legsOf(patch!.polygon)!
    const { width, height } = rectangleFor(legs, room)
    const hand = handedOutline(patch!.polygon).hand
    const slant = (height.total * legs.short) / legs.long
    const mark = sumOf([
      { what: 'half-the-width', value: width.total / 2 },
      { what: 'half-the-slant', value: -slant / 2 },
    ])
    const pairs = Math.min(count, mirrored)
    const [from, to] = legs.isRightAngleLeft ? ['left', 'right'] : ['right', 'left']
    const cut: Step = {
      do: 'cut',
      code: 'cut-off-the-diagonal',
      data: { width, height, mark, hand, pairs, from: from!, to: to! },
      picture: cutPicture(patch!.cloth, width.total, height.total, mark.total, legs.isRightAngleLeft),
    }
    const layer: Step = {
      do: 'layer',
      code: 'layer-rectangles',
      data: { pairs },
      picture: layersPicture(patch!.cloth, width.total, height.total),
    }
    const piece = pieceOf(width, height, {
      cloth: patch!.cloth,
      part: 'triangles',
      shape: 'rectangle',
      cuts: 'one-diagonal',
      hand,
      turn: true,
      count: Math.ceil(count / 2),
      perUnit: 1 / 2,
      pool: { needed: count, gives: 2 },
      slots: [patch!.slot],
    })
    return {
      pieces: [piece],
      made: count,
      isBothHands: pairs > 0,
      trim: true,
      seams: 0,
      cuts: 0.5,
      biasEdges: legs.isLevel ? 1 : 2,
      steps: () => (pairs > 0 ? [layer, cut] : [cut]),
      lengths: { mark },
    }
  },
}

interface Legs {
  short: Inches
  long: Inches
  /** With its long leg upright and the short one below: the right angle is on the left. */
  isRightAngleLeft: boolean
  /** Its legs lie along the edges of the block. */
  isLevel: boolean
}

/** The legs of a right triangle that is not half a square; null for any other figure. */
function legsOf(polygon: Polygon): Legs | null {
  const corner = rightAngle(polygon)
  if (!corner) return null
  const { at } = corner
  const reach = (to: Point) => Math.hypot(to[0] - at[0], to[1] - at[1])
  const [short, long] = corner.ends.toSorted((p, q) => reach(p) - reach(q)) as [Point, Point]
  if (sameLength(reach(short), reach(long))) return null
  const bounds = boundingBox(polygon)
  return {
    short: reach(short),
    long: reach(long),
    isLevel: sameLength(bounds.width * bounds.height, reach(short) * reach(long)),
    isRightAngleLeft: (short[0] - at[0]) * (long[1] - at[1]) - (short[1] - at[1]) * (long[0] - at[0]) < 0,
  }
}

function rectangleFor({ short, long }: Legs, room: MethodContext): { width: CutSize; height: CutSize } {
  const { seam } = room
  const blunt = Math.atan2(long, short)
  return {
    width: trimmedLater(
      [
        { what: 'finished', value: short },
        ...allowance(2, seam),
        { what: 'tips', value: 2 * seam * (1 / Math.tan(blunt / 2) - short / long) },
      ],
      room,
    ),
    height: trimmedLater([{ what: 'finished', value: long }, ...allowance(2, seam)], room),
  }
}

function cutPicture(name: string, width: Inches, height: Inches, mark: Inches, isRightAngleLeft: boolean): Picture {
  const [top, foot] = isRightAngleLeft ? [mark, width - mark] : [width - mark, mark]
  return picture([cloth(name, box(0, 0, width, height))], [line('cut', [top, 0], [foot, height])])
}

/** Two rectangles right sides together, the upper one a little aside. */
function layersPicture(name: string, width: Inches, height: Inches): Picture {
  const aside = Math.max(width, height) * 0.08
  return picture([cloth(name, box(0, aside, width, height)), cloth(name, box(aside, 0, width, height), 'wrong')])
}
