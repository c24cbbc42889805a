import type { Design, Patch } from '../design'
import { goose, halfSquare, quarterSquare, rectangle, square } from '../draft'

/**
 * Four star points round a 4 × 4 grid; the points lie beside the geese. Order of patches: sides n, e, s, w, corners,
 * centre.
 */
function sawtoothSides(sides: readonly ('n' | 'e' | 's' | 'w')[]): Patch[] {
  const boxes = { n: [1, 0, 2, 1], e: [3, 1, 1, 2], s: [1, 3, 2, 1], w: [0, 1, 1, 2] } as const
  return (['n', 'e', 's', 'w'] as const).flatMap(side => {
    const [x, y, width, height] = boxes[side]
    return sides.includes(side)
      ? goose('ground', 'star', inward(side), x, y, width, height)
      : rectangle('ground', x, y, width, height)
  })
}

/** The ground's triangle stands on the block's edge and points at the centre. */
function inward(side: 'n' | 'e' | 's' | 'w') {
  return ({ n: 's', e: 'w', s: 'n', w: 'e' } as const)[side]
}

const STAR_CORNERS: Patch[] = [
  ...square('ground', 0, 0, 1),
  ...square('ground', 3, 0, 1),
  ...square('ground', 3, 3, 1),
  ...square('ground', 0, 3, 1),
]

/** Stars on four- and nine-patch grids. */
export const STARS: readonly Design[] = [
  {
    id: 'sawtooth-star',
    name: 'Sawtooth star',
    family: 'stars',
    width: 4,
    height: 4,
    patches: [...sawtoothSides(['n', 'e', 's', 'w']), ...STAR_CORNERS, ...square('star', 1, 1, 2)],
  },
  {
    id: 'two-sided-star',
    name: 'Two-sided star',
    family: 'stars',
    width: 4,
    height: 4,
    patches: [...sawtoothSides(['e', 'w']), ...STAR_CORNERS, ...square('star', 1, 1, 2)],
  },
  {
    id: 'variable-star',
    name: 'Variable star',
    family: 'stars',
    width: 3,
    height: 3,
    patches: [
      ...square('ground', 0, 0, 1),
      ...quarterSquare(['ground', 'star', 'ground', 'star'], 1, 0, 1),
      ...square('ground', 2, 0, 1),
      ...quarterSquare(['star', 'ground', 'star', 'ground'], 0, 1, 1),
      ...square('centre', 1, 1, 1),
      ...quarterSquare(['star', 'ground', 'star', 'ground'], 2, 1, 1),
      ...square('ground', 0, 2, 1),
      ...quarterSquare(['ground', 'star', 'ground', 'star'], 1, 2, 1),
      ...square('ground', 2, 2, 1),
    ],
  },
  {
    id: 'friendship-star',
    name: 'Friendship star',
    family: 'stars',
    width: 3,
    height: 3,
    patches: [
      ...square('ground', 0, 0, 1),
      ...halfSquare('star', 'ground', 'se', 1, 0, 1),
      ...square('ground', 2, 0, 1),
      ...halfSquare('star', 'ground', 'ne', 0, 1, 1),
      ...square('star', 1, 1, 1),
      ...halfSquare('star', 'ground', 'sw', 2, 1, 1),
      ...square('ground', 0, 2, 1),
      ...halfSquare('star', 'ground', 'nw', 1, 2, 1),
      ...square('ground', 2, 2, 1),
    ],
  },
]
