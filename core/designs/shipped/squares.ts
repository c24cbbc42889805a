import type { Design } from '../design'
import { rectangle, square } from '../draft'

/** Squares and bars: no triangles. */
export const SQUARES: readonly Design[] = [
  { id: 'plain', name: 'Plain square', family: 'squares', width: 1, height: 1, patches: square('cloth', 0, 0, 1) },
  {
    id: 'four-patch',
    name: 'Four-patch',
    family: 'squares',
    width: 2,
    height: 2,
    patches: [
      ...square('dark', 0, 0, 1),
      ...square('light', 1, 0, 1),
      ...square('light', 0, 1, 1),
      ...square('dark', 1, 1, 1),
    ],
  },
  {
    id: 'nine-patch',
    name: 'Nine-patch',
    family: 'squares',
    width: 3,
    height: 3,
    patches: [0, 1, 2].flatMap(y => [0, 1, 2].flatMap(x => square((x + y) % 2 === 0 ? 'dark' : 'light', x, y, 1))),
  },
  {
    id: 'sixteen-patch',
    name: 'Sixteen-patch',
    family: 'squares',
    width: 4,
    height: 4,
    patches: [0, 1, 2, 3].flatMap(y =>
      [0, 1, 2, 3].flatMap(x => square((x + y) % 2 === 0 ? 'dark' : 'light', x, y, 1)),
    ),
  },
  {
    id: 'rail-fence',
    name: 'Rail fence',
    family: 'squares',
    width: 3,
    height: 3,
    patches: [...rectangle('first', 0, 0, 3, 1), ...rectangle('second', 0, 1, 3, 1), ...rectangle('third', 0, 2, 3, 1)],
  },
  {
    id: 'puss-in-the-corner',
    name: 'Puss in the corner',
    family: 'squares',
    width: 4,
    height: 4,
    patches: [
      ...square('corner', 0, 0, 1),
      ...rectangle('rail', 1, 0, 2, 1),
      ...square('corner', 3, 0, 1),
      ...rectangle('rail', 0, 1, 1, 2),
      ...square('centre', 1, 1, 2),
      ...rectangle('rail', 3, 1, 1, 2),
      ...square('corner', 0, 3, 1),
      ...rectangle('rail', 1, 3, 2, 1),
      ...square('corner', 3, 3, 1),
    ],
  },
  {
    id: 'london-stairs',
    name: 'London stairs',
    family: 'squares',
    width: 4,
    height: 4,
    patches: [
      ...rectangle('dark', 0, 0, 2, 1),
      ...rectangle('light', 0, 1, 2, 1),
      ...rectangle('light', 2, 0, 1, 2),
      ...rectangle('dark', 3, 0, 1, 2),
      ...rectangle('dark', 0, 2, 1, 2),
      ...rectangle('light', 1, 2, 1, 2),
      ...rectangle('light', 2, 2, 2, 1),
      ...rectangle('dark', 2, 3, 2, 1),
    ],
  },
]
