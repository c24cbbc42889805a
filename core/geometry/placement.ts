import type { Point, Polygon } from './polygon'

/** How a drawing of `width` × `height` lies in its place: mirrored left to right first, then turned clockwise. */
export interface Placement {
  turn: 0 | 90 | 180 | 270
  mirror: boolean
}

/** Where a point of the drawing comes to lie; the box of the result starts at 0, 0 again. */
export function placePoint([x, y]: Point, { turn, mirror }: Placement, width: number, height: number): Point {
  const mx = mirror ? width - x : x
  switch (turn) {
    case 0:
      return [mx, y]
    case 90:
      return [height - y, mx]
    case 180:
      return [width - mx, height - y]
    case 270:
      return [y, width - mx]
  }
}

/** Mirrored and turned within a box of this width and height. */
export function placePolygon(polygon: Polygon, placement: Placement, width: number, height: number): Polygon {
  return polygon.map(point => placePoint(point, placement, width, height))
}
