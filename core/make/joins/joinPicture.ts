import { boundingBox, movePolygon, type Point } from '../../geometry/polygon'
import { cloth, line, picture, type Arrow, type PictureShape } from '../steps/picture'
import type { Step } from '../steps/step'
import type { Direction } from '../steps/press'
import { isLater, isUpright, type BothParts, type Join, type SewnPatch, type SewnBlock } from './sewnBlock'

/** Both parts a little apart, the seam on each, and which way it is pressed. */
export function joinPicture(
  { make }: SewnBlock,
  node: Join,
  [first, second]: BothParts,
  press: Direction,
): Step['picture'] {
  const sx = make.block.width / make.design.width
  const sy = make.block.height / make.design.height
  const inInches = ([x, y]: Point): Point => [x * sx, y * sy]
  const [from, to] = node.seam.map(inInches) as [Point, Point]
  const upright = isUpright(from, to)
  const all = boundingBox([...first, ...second].flatMap(patch => patch.polygon))
  const gap = Math.max(all.width, all.height) * 0.07
  const across = ([x, y]: Point): Point => (upright ? [x + gap, y] : [x, y + gap])
  const near = (part: readonly SewnPatch[]): PictureShape[] => part.map(patch => cloth(patch.cloth, patch.polygon))
  const far = (part: readonly SewnPatch[]) =>
    part.map(patch => cloth(patch.cloth, movePolygon(patch.polygon, upright ? gap : 0, upright ? 0 : gap)))
  const legs = [node.seam, ...(node.bent ?? [])].map(leg => leg.map(inInches) as [Point, Point])
  const lines = legs.flatMap(([start, end]) => [line('sew', start, end), line('sew', across(start), across(end))])
  const dots = (node.dots ?? []).map(inInches).flatMap(dot => [dot, across(dot)])
  const shapes = isLater(first, second, upright) ? [...near(first), ...far(second)] : [...near(second), ...far(first)]
  const middle: Point = [
    (from[0] + to[0]) / 2 + (upright ? gap / 2 : 0),
    (from[1] + to[1]) / 2 + (upright ? 0 : gap / 2),
  ]
  return picture(
    shapes,
    lines,
    press === 'open' ? [] : [arrowAt(middle, press, Math.max(all.width, all.height) * 0.16)],
    dots,
  )
}

const WAYS: Readonly<Record<Exclude<Direction, 'open'>, Point>> = {
  up: [0, -1],
  down: [0, 1],
  left: [-1, 0],
  right: [1, 0],
}

/** Across the seam to the side on which the allowance comes to lie. */
function arrowAt([x, y]: Point, press: Exclude<Direction, 'open'>, reach: number): Arrow {
  const [dx, dy] = WAYS[press]
  return { from: [x - (dx * reach) / 2, y - (dy * reach) / 2], to: [x + dx * reach, y + dy * reach] }
}
