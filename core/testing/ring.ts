import type { Point } from '../geometry/polygon'

const box = ([x, y, width, height]: readonly [number, number, number, number]): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
]

/** Four rectangles wound round a square, in a square of 3: no straight seam parts them. */
export const RING: readonly (readonly Point[])[] = (
  [
    [1, 1, 1, 1],
    [0, 0, 2, 1],
    [2, 0, 1, 2],
    [1, 2, 2, 1],
    [0, 1, 1, 2],
  ] as const
).map(box)
