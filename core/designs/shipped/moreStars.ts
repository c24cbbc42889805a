import type { Point } from '../../geometry/polygon'
import type { Design, Patch } from '../design'
import { goose, halfSquare, quarterSquare, rectangle, square } from '../draft'
import { gridDraft } from '../gridDraft'

const polygon = (role: string, ...points: Point[]): Patch => ({ role, points })

/** A sawtooth star on a grid of four, its middle two by two left open; only some sides may have points. */
function sawtooth(x: number, y: number, unit: number, star: string, ground: string, sides = 'nesw'): Patch[] {
  const box = (bx: number, by: number, w: number, h: number) =>
    [x + bx * unit, y + by * unit, w * unit, h * unit] as const
  const side = (
    name: 'n' | 'e' | 's' | 'w',
    point: 's' | 'w' | 'n' | 'e',
    at: readonly [number, number, number, number],
  ) => (sides.includes(name) ? goose(ground, star, point, ...at) : rectangle(ground, ...at))
  return [
    ...square(ground, x, y, unit),
    ...side('n', 's', box(1, 0, 2, 1)),
    ...square(ground, x + 3 * unit, y, unit),
    ...side('w', 'e', box(0, 1, 1, 2)),
    ...side('e', 'w', box(3, 1, 1, 2)),
    ...square(ground, x, y + 3 * unit, unit),
    ...side('s', 'n', box(1, 3, 2, 1)),
    ...square(ground, x + 3 * unit, y + 3 * unit, unit),
  ]
}

/**
 * Diamonds of an eight-pointed star, `cut` by `cut` in each point, with squares in its corners and triangles at its
 * sides.
 */
export function eightPointStar(cut: number): { size: number; patches: Patch[] } {
  const s = Math.SQRT1_2
  const c = 1 + s
  const size = 2 * c
  const way = (i: number): Point => [Math.cos((i * Math.PI) / 4), Math.sin((i * Math.PI) / 4)]
  const at = (i: number, u: number, v: number): Point => [
    c + u * way(i)[0] + v * way(i + 1)[0],
    c + u * way(i)[1] + v * way(i + 1)[1],
  ]
  const rings = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh']
  const diamonds = Array.from({ length: 8 }, (_, i) =>
    Array.from({ length: cut * cut }, (_, k): Patch => {
      const u = Math.floor(k / cut) / cut
      const v = (k % cut) / cut
      const d = 1 / cut
      return polygon(
        cut === 1 ? (i % 2 === 0 ? 'first' : 'second') : rings[Math.round((u + v) * cut)]!,
        at(i, u, v),
        at(i, u + d, v),
        at(i, u + d, v + d),
        at(i, u, v + d),
      )
    }),
  ).flat()
  const corners = (
    [
      [1, [size, size]],
      [3, [0, size]],
      [5, [0, 0]],
      [7, [size, 0]],
    ] as const
  ).map(([i, corner]) => polygon('ground', at(i - 1, 1, 1), at(i, 1, 0), at(i, 1, 1), corner))
  const sides = [0, 2, 4, 6].map(i => polygon('ground', at((i + 7) % 8, 1, 1), at(i, 1, 0), at(i, 1, 1)))
  return {
    size,
    patches: [...diamonds, ...corners, ...sides].map(patch => ({
      ...patch,
      points: patch.points.map(([x, y]): Point => [snap(x, size), snap(y, size)]),
    })),
  }
}

/** Corners that lie on the outline lie on it exactly. */
function snap(value: number, size: number): number {
  return Math.abs(value) < 1e-9 ? 0 : Math.abs(value - size) < 1e-9 ? size : value
}

const lemoyne = eightPointStar(1)
const lone = eightPointStar(2)

/** Stars whose points miss a side, stars within stars, and stars that are set in. */
export const MORE_STARS: readonly Design[] = [
  {
    id: 'one-sided-star',
    name: 'One-sided star',
    family: 'partial stars',
    width: 4,
    height: 4,
    patches: [...sawtooth(0, 0, 1, 'star', 'ground', 'n'), ...square('star', 1, 1, 2)],
  },
  {
    id: 'corner-star',
    name: 'Corner star',
    family: 'partial stars',
    width: 4,
    height: 4,
    patches: [...sawtooth(0, 0, 1, 'star', 'ground', 'ne'), ...square('star', 1, 1, 2)],
  },
  {
    id: 'three-sided-star',
    name: 'Three-sided star',
    family: 'partial stars',
    width: 4,
    height: 4,
    patches: [...sawtooth(0, 0, 1, 'star', 'ground', 'nes'), ...square('star', 1, 1, 2)],
  },
  {
    id: 'rising-star',
    name: 'Rising star',
    family: 'stars',
    width: 8,
    height: 8,
    patches: [
      ...sawtooth(0, 0, 2, 'star', 'ground'),
      ...sawtooth(2, 2, 1, 'inner star', 'inner ground'),
      ...square('centre', 3, 3, 2),
    ],
  },
  {
    id: 'pinwheel-star',
    name: 'Pinwheel star',
    family: 'stars',
    width: 4,
    height: 4,
    patches: [
      ...sawtooth(0, 0, 1, 'star', 'ground'),
      ...halfSquare('blade', 'ground', 'sw', 1, 1, 1),
      ...halfSquare('blade', 'ground', 'nw', 2, 1, 1),
      ...halfSquare('blade', 'ground', 'se', 1, 2, 1),
      ...halfSquare('blade', 'ground', 'ne', 2, 2, 1),
    ],
  },
  {
    id: 'hourglass-star',
    name: 'Star round an hourglass',
    family: 'stars',
    width: 4,
    height: 4,
    patches: [...sawtooth(0, 0, 1, 'star', 'ground'), ...quarterSquare(['star', 'centre', 'star', 'centre'], 1, 1, 2)],
  },
  {
    id: 'nine-patch-star',
    name: 'Nine-patch star',
    family: 'stars',
    width: 6,
    height: 6,
    patches: [
      ...sawtooth(0, 0, 1.5, 'star', 'ground'),
      ...[0, 1, 2].flatMap(y =>
        [0, 1, 2].flatMap(x => square((x + y) % 2 === 0 ? 'centre' : 'ground', 1.5 + x, 1.5 + y, 1)),
      ),
    ],
  },
  {
    id: 'four-patch-star',
    name: 'Four-patch star',
    family: 'stars',
    width: 3,
    height: 3,
    patches: gridDraft(
      ['. +gsgs .', '+sgsg c +sgsg', '. +gsgs .'],
      { g: 'ground', s: 'star', c: 'centre' },
      (
        [
          [0, 0],
          [2, 0],
          [0, 2],
          [2, 2],
        ] as const
      ).flatMap(([x, y]) => [
        ...square('chain', x, y, 0.5),
        ...square('ground', x + 0.5, y, 0.5),
        ...square('ground', x, y + 0.5, 0.5),
        ...square('chain', x + 0.5, y + 0.5, 0.5),
      ]),
    ),
  },
  {
    id: 'lemoyne-star',
    name: 'Lemoyne star',
    family: 'set-in',
    width: lemoyne.size,
    height: lemoyne.size,
    patches: lemoyne.patches,
  },
  { id: 'lone-star', name: 'Lone star', family: 'set-in', width: lone.size, height: lone.size, patches: lone.patches },
]
