import type { Point } from './polygon'

/** From one point towards another, one long. */
export function direction(from: Point, to: Point): Point {
  return normal([to[0] - from[0], to[1] - from[1]])
}

/** The same direction, one long. */
export function normal([x, y]: Point): Point {
  const length = Math.hypot(x, y)
  return [x / length, y / length]
}

/** Scalar product. */
export function dot(a: Point, b: Point): number {
  return a[0] * b[0] + a[1] * b[1]
}
