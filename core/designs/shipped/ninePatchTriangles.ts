import type { Design } from '../design'
import { halfSquare, rectangle, square } from '../draft'

/** Nine-patch layouts with half-square triangles in the corners. */
export const NINE_PATCH_TRIANGLES: readonly Design[] = [
  {
    id: 'shoo-fly',
    name: 'Shoo fly',
    family: 'nine-patches',
    width: 3,
    height: 3,
    patches: [
      ...halfSquare('ground', 'fly', 'nw', 0, 0, 1),
      ...square('ground', 1, 0, 1),
      ...halfSquare('ground', 'fly', 'ne', 2, 0, 1),
      ...square('ground', 0, 1, 1),
      ...square('fly', 1, 1, 1),
      ...square('ground', 2, 1, 1),
      ...halfSquare('ground', 'fly', 'sw', 0, 2, 1),
      ...square('ground', 1, 2, 1),
      ...halfSquare('ground', 'fly', 'se', 2, 2, 1),
    ],
  },
  {
    id: 'churn-dash',
    name: 'Churn dash',
    family: 'nine-patches',
    width: 6,
    height: 6,
    patches: [
      ...halfSquare('ground', 'dash', 'nw', 0, 0, 2),
      ...rectangle('ground', 2, 0, 2, 1),
      ...rectangle('dash', 2, 1, 2, 1),
      ...halfSquare('ground', 'dash', 'ne', 4, 0, 2),
      ...rectangle('ground', 0, 2, 1, 2),
      ...rectangle('dash', 1, 2, 1, 2),
      ...square('ground', 2, 2, 2),
      ...rectangle('dash', 4, 2, 1, 2),
      ...rectangle('ground', 5, 2, 1, 2),
      ...halfSquare('ground', 'dash', 'sw', 0, 4, 2),
      ...rectangle('dash', 2, 4, 2, 1),
      ...rectangle('ground', 2, 5, 2, 1),
      ...halfSquare('ground', 'dash', 'se', 4, 4, 2),
    ],
  },
]
