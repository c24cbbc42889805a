import type { Press } from './press'
import { boundingBox, type Point, type Polygon } from '../../geometry/polygon'

/** A small drawing of cloth on the table, in inches. Screens, the step mode and paper draw the same one. */
export interface Picture {
  width: number
  height: number
  shapes: PictureShape[]
  lines: PictureLine[]
  /** Which way the allowance is pressed. */
  arrows: Arrow[]
  /** Where the needle stops and turns. */
  dots?: Point[]
}
export interface Arrow {
  from: Point
  to: Point
}
export interface PictureShape {
  points: Polygon
  /** null: paper-coloured, for the allowance round a unit. */
  cloth: string | null
  side: 'right' | 'wrong'
}
export interface PictureLine {
  from: Point
  to: Point
  kind: 'mark' | 'sew' | 'cut' | 'edge'
}

export function picture(
  shapes: PictureShape[],
  lines: PictureLine[] = [],
  arrows: Arrow[] = [],
  dots: Point[] = [],
): Picture {
  const box = boundingBox([
    ...shapes.flatMap(shape => shape.points),
    ...arrows.flatMap(arrow => [arrow.from, arrow.to]),
  ])
  const shift = ([x, y]: Point): Point => [x - box.x, y - box.y]
  return {
    width: box.width,
    height: box.height,
    shapes: shapes.map(shape => ({ ...shape, points: shape.points.map(shift) })),
    lines: lines.map(line => ({ ...line, from: shift(line.from), to: shift(line.to) })),
    arrows: arrows.map(arrow => ({ from: shift(arrow.from), to: shift(arrow.to) })),
    ...(dots.length > 0 ? { dots: dots.map(shift) } : {}),
  }
}

/** From the middle of one part to the middle of the other; none for a seam that is pressed open. */
export function arrowsOf(press: Press, first: Point, second: Point): Arrow[] {
  if (press === 'open') return []
  return [press === 'first' ? { from: second, to: first } : { from: first, to: second }]
}

export function box(x: number, y: number, width: number, height: number): Polygon {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]
}

export function cloth(name: string | null, points: Polygon, side: 'right' | 'wrong' = 'right'): PictureShape {
  return { points, cloth: name, side }
}

export function line(kind: PictureLine['kind'], from: Point, to: Point): PictureLine {
  return { kind, from, to }
}

/** The two lines that run `away` on either side of the line between two points. */
export function besideLine(kind: PictureLine['kind'], from: Point, to: Point, away: number): PictureLine[] {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1])
  const nx = (-(to[1] - from[1]) / length) * away
  const ny = ((to[0] - from[0]) / length) * away
  return [1, -1].map(side =>
    line(kind, [from[0] + nx * side, from[1] + ny * side], [to[0] + nx * side, to[1] + ny * side]),
  )
}

/** The outline of a box as cut lines or raw edge. */
export function outline(kind: PictureLine['kind'], x: number, y: number, width: number, height: number): PictureLine[] {
  const corners = box(x, y, width, height)
  return corners.map((corner, i) => line(kind, corner, corners[(i + 1) % 4]!))
}

/** A sewn unit as it should now measure: its finished patches, the allowance round them, the raw edge. */
export function unfinished(
  patches: readonly { polygon: Polygon; cloth: string }[],
  width: number,
  height: number,
  seam: number,
): Picture {
  return picture(
    [
      cloth(null, box(-seam, -seam, width + 2 * seam, height + 2 * seam)),
      ...patches.map(patch => cloth(patch.cloth, patch.polygon)),
    ],
    outline('edge', -seam, -seam, width + 2 * seam, height + 2 * seam),
  )
}
