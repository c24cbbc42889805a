import type { Point } from '../../geometry/polygon'
import type { Design, Patch } from '../design'
import { cornered, goose, halfSquare, rectangle, square, triangle } from '../draft'
import { gridDraft } from '../gridDraft'

const each = (count: number) => Array.from({ length: count }, (_, i) => i)
const polygon = (role: string, ...points: Point[]): Patch => ({ role, points })

/** So many geese flying up one column. */
export function geeseColumn(count: number): Design {
  return {
    id: `geese-${count}`,
    name: `Column of ${count} geese`,
    family: 'geese',
    width: 2,
    height: count,
    patches: each(count).flatMap(y => goose('goose', 'sky', 'n', 0, y, 2, 1)),
  }
}

/** A square standing on its tip in a square, and that in another: so many rounds of corners. */
function economyPatch(x: number, y: number, size: number, rounds: readonly string[]): Patch[] {
  const [outer, ...inner] = rounds
  const c = size / 2
  const corners = (['nw', 'ne', 'se', 'sw'] as const).flatMap(corner =>
    triangle(
      outer!,
      corner,
      x + (corner === 'ne' || corner === 'se' ? c : 0),
      y + (corner === 'se' || corner === 'sw' ? c : 0),
      c,
    ),
  )
  if (inner.length === 1)
    return [polygon(inner[0]!, [x + c, y], [x + size, y + c], [x + c, y + size], [x, y + c]), ...corners]
  const [tips, ...rest] = inner
  const q = size / 4
  // the square on its tip, cut by the upright square inside it
  const ring = [
    [
      [x + c, y],
      [x + 3 * q, y + q],
      [x + q, y + q],
    ],
    [
      [x + size, y + c],
      [x + 3 * q, y + 3 * q],
      [x + 3 * q, y + q],
    ],
    [
      [x + c, y + size],
      [x + q, y + 3 * q],
      [x + 3 * q, y + 3 * q],
    ],
    [
      [x, y + c],
      [x + q, y + q],
      [x + q, y + 3 * q],
    ],
  ] as Point[][]
  const centre = rest.length === 1 ? square(rest[0]!, x + q, y + q, c) : economyPatch(x + q, y + q, c, rest)
  return [...centre, ...ring.map(points => ({ role: tips!, points })), ...corners]
}

/** Triangles wound round a four-patch, two cloths following each other. */
function snailsTrail(): Patch[] {
  const size = 16
  const m = size / 2
  const patches: Patch[] = gridDraft(['a b', 'b a'], { a: 'dark', b: 'light' }).map(patch => ({
    ...patch,
    points: patch.points.map(([x, y]): Point => [x * 2 + m - 2, y * 2 + m - 2]),
  }))
  const roles = ['dark', 'light', 'dark', 'light']
  const turn = (p: Point, quarter: number): Point => (quarter === 0 ? p : turn([size - p[1], p[0]], quarter - 1))
  // round by round the square inside is turned by an eighth and grows by √2
  for (const [tip, half, isUpright] of [
    [4, 2, true],
    [4, 4, false],
    [8, 4, true],
    [8, 8, false],
  ] as const) {
    for (let q = 0; q < 4; q++) {
      const points: Point[] = isUpright
        ? [
            [m - half, m - half],
            [m, m - tip],
            [m + half, m - half],
          ]
        : [
            [m - half, m - half],
            [m, m - half],
            [m - half, m],
          ]
      patches.push({ role: roles[q]!, points: points.map(p => turn(p, q)) })
    }
  }
  return patches
}

const CARDS = { g: 'ground', a: 'first card', b: 'second card', c: 'third card', d: 'fourth card' }

/** Blocks of half-squares, hourglasses and corners on a grid. */
export const GRID_TRIANGLES: readonly Design[] = [
  {
    id: 'split-nine-patch',
    name: 'Split nine-patch',
    family: 'nine-patches',
    width: 3,
    height: 3,
    patches: gridDraft(['d l l/d', 'l l/d d', 'l/d d l'], { d: 'dark', l: 'light' }),
  },
  {
    id: 'eccentric-star',
    name: 'Eccentric star',
    family: 'stars',
    width: 3,
    height: 3,
    patches: gridDraft(['g/s g/s s\\g', 's\\g s s\\g', 's\\g s/g s/g'], { g: 'ground', s: 'star' }),
  },
  {
    id: 'maple-leaf',
    name: 'Maple leaf',
    family: 'pictures',
    width: 3,
    height: 3,
    patches: gridDraft(
      ['g/l g/l g', 'l l l/g', '. l l/g'],
      { g: 'ground', l: 'leaf' },
      cornered('stem', { nw: 'ground', se: 'ground' }, 0.75, 0, 2, 1),
    ),
  },
  {
    id: 'card-trick',
    name: 'Card trick',
    family: 'nine-patches',
    width: 3,
    height: 3,
    patches: gridDraft(['g/a a\\gb b\\g', 'ga/d +abcd b/gc', 'g\\d dg\\c c/g'], CARDS),
  },
  {
    id: 'prairie-queen',
    name: 'Prairie queen',
    family: 'nine-patches',
    width: 6,
    height: 6,
    patches: [
      ...halfSquare('corner', 'ground', 'nw', 0, 0, 2),
      ...rectangle('ground', 2, 0, 2, 1),
      ...rectangle('rail', 2, 1, 2, 1),
      ...halfSquare('corner', 'ground', 'ne', 4, 0, 2),
      ...rectangle('ground', 0, 2, 1, 2),
      ...rectangle('rail', 1, 2, 1, 2),
      ...square('rail', 2, 2, 1),
      ...square('ground', 3, 2, 1),
      ...square('ground', 2, 3, 1),
      ...square('rail', 3, 3, 1),
      ...rectangle('rail', 4, 2, 1, 2),
      ...rectangle('ground', 5, 2, 1, 2),
      ...halfSquare('corner', 'ground', 'sw', 0, 4, 2),
      ...rectangle('rail', 2, 4, 2, 1),
      ...rectangle('ground', 2, 5, 2, 1),
      ...halfSquare('corner', 'ground', 'se', 4, 4, 2),
    ],
  },
  {
    id: 'rolling-stone',
    name: 'Rolling stone',
    family: 'nine-patches',
    width: 6,
    height: 6,
    patches: [
      ...(
        [
          [0, 0],
          [4, 0],
          [4, 4],
          [0, 4],
        ] as const
      ).flatMap(([x, y]) => cornered('stone', { nw: 'corner', ne: 'corner', se: 'corner', sw: 'corner' }, 1, x, y, 2)),
      ...rectangle('corner', 2, 0, 2, 1),
      ...rectangle('stone', 2, 1, 2, 1),
      ...rectangle('corner', 5, 2, 1, 2),
      ...rectangle('stone', 4, 2, 1, 2),
      ...rectangle('corner', 2, 5, 2, 1),
      ...rectangle('stone', 2, 4, 2, 1),
      ...rectangle('corner', 0, 2, 1, 2),
      ...rectangle('stone', 1, 2, 1, 2),
      ...square('corner', 2, 2, 2),
    ],
  },
  {
    id: 'turnstile',
    name: 'Turnstile',
    family: 'four-patches',
    width: 2,
    height: 2,
    patches: [0, 1, 2, 3].flatMap(q => turned(q, 2, gridDraft(['g/va'], { g: 'ground', v: 'vane', a: 'shade' }))),
  },
  {
    id: 'yankee-puzzle',
    name: 'Yankee puzzle',
    family: 'four-patches',
    width: 4,
    height: 4,
    patches: gridDraft(['d\\l d/l d\\l d/l', 'l/d d/l d\\l l\\d', 'd/l l/d l\\d d\\l', 'd/l d\\l d/l d\\l'], {
      d: 'dark',
      l: 'light',
    }),
  },
  {
    id: 'big-dipper',
    name: 'Big dipper',
    family: 'four-patches',
    width: 2,
    height: 2,
    patches: gridDraft(['+dldl +ldld', '+ldld +dldl'], { d: 'dark', l: 'light' }),
  },
  {
    id: 'crosses-and-losses',
    name: 'Crosses and losses',
    family: 'four-patches',
    width: 4,
    height: 4,
    patches: [
      ...halfSquare('dark', 'light', 'se', 0, 0, 2),
      ...gridDraft(['l l/d', 'l/d l'], { d: 'dark', l: 'light' }).map(patch => ({
        ...patch,
        points: patch.points.map(([x, y]): Point => [x + 2, y]),
      })),
      ...gridDraft(['l l/d', 'l/d l'], { d: 'dark', l: 'light' }).map(patch => ({
        ...patch,
        points: patch.points.map(([x, y]): Point => [x, y + 2]),
      })),
      ...halfSquare('dark', 'light', 'se', 2, 2, 2),
    ],
  },
  {
    id: 'flock-of-geese',
    name: 'Flock of geese',
    family: 'four-patches',
    width: 4,
    height: 4,
    patches: [
      ...halfSquare('light', 'dark', 'nw', 0, 0, 2),
      ...each(2).flatMap(y => each(2).flatMap(x => halfSquare('light', 'dark', 'nw', 2 + x, y, 1))),
      ...each(2).flatMap(y => each(2).flatMap(x => halfSquare('light', 'dark', 'nw', x, 2 + y, 1))),
      ...halfSquare('light', 'dark', 'nw', 2, 2, 2),
    ],
  },
  {
    id: 'streak-of-lightning',
    name: 'Streak of lightning',
    family: 'triangles',
    width: 4,
    height: 4,
    patches: gridDraft(
      each(4).map(y =>
        each(4)
          .map(() => (y % 2 === 0 ? 'd/l' : 'd\\l'))
          .join(' '),
      ),
      { d: 'dark', l: 'light' },
    ),
  },
  {
    id: 'buckeye-beauty',
    name: 'Buckeye beauty',
    family: 'four-patches',
    width: 4,
    height: 4,
    patches: [
      ...gridDraft(['d l', 'l d'], { d: 'dark', l: 'light' }),
      ...halfSquare('light', 'dark', 'nw', 2, 0, 2),
      ...halfSquare('dark', 'light', 'nw', 0, 2, 2),
      ...gridDraft(['d l', 'l d'], { d: 'dark', l: 'light' }).map(patch => ({
        ...patch,
        points: patch.points.map(([x, y]): Point => [x + 2, y + 2]),
      })),
    ],
  },
  {
    id: 'propeller',
    name: 'Propeller',
    family: 'five-patches',
    width: 5,
    height: 5,
    patches: [
      ...[0, 1, 2, 3].flatMap(q =>
        turned(q, 5, [
          ...gridDraft(['b/g b/g', 'b/g b'], { b: 'blade', g: 'ground' }),
          ...square('bar', 2, 0, 1),
          ...square('hub', 2, 1, 1),
        ]),
      ),
      ...square('bar', 2, 2, 1),
    ],
  },
  {
    id: 'lady-of-the-lake',
    name: 'Lady of the lake',
    family: 'five-patches',
    width: 5,
    height: 5,
    patches: [
      ...each(5).flatMap(y =>
        each(5).flatMap(x =>
          x === 0 || y === 0 || x === 4 || y === 4 ? halfSquare('light', 'dark', 'nw', x, y, 1) : [],
        ),
      ),
      ...halfSquare('light', 'dark', 'nw', 1, 1, 3),
    ],
  },
  {
    id: 'kansas-troubles',
    name: 'Kansas troubles',
    family: 'four-patches',
    width: 8,
    height: 8,
    patches: each(4).flatMap(q =>
      turned(q, 8, [
        ...square('light', 0, 0, 1),
        ...each(3).flatMap(i => halfSquare('light', 'dark', 'nw', 1 + i, 0, 1)),
        ...each(3).flatMap(i => halfSquare('light', 'dark', 'nw', 0, 1 + i, 1)),
        ...halfSquare('dark', 'light', 'nw', 1, 1, 3),
      ]),
    ),
  },
  {
    id: 'bears-paw',
    name: "Bear's paw",
    family: 'seven-patches',
    width: 7,
    height: 7,
    patches: [
      ...[0, 1, 2, 3].flatMap(q =>
        turned(q, 7, [
          ...square('ground', 0, 0, 1),
          ...halfSquare('ground', 'claw', 'nw', 1, 0, 1),
          ...halfSquare('ground', 'claw', 'nw', 2, 0, 1),
          ...halfSquare('ground', 'claw', 'nw', 0, 1, 1),
          ...halfSquare('ground', 'claw', 'nw', 0, 2, 1),
          ...square('paw', 1, 1, 2),
        ]),
      ),
      ...rectangle('ground', 3, 0, 1, 3),
      ...rectangle('ground', 4, 3, 3, 1),
      ...rectangle('ground', 3, 4, 1, 3),
      ...rectangle('ground', 0, 3, 3, 1),
      ...square('centre', 3, 3, 1),
    ],
  },
  {
    id: 'economy-patch',
    name: 'Economy patch',
    family: 'squares in squares',
    width: 4,
    height: 4,
    patches: economyPatch(0, 0, 4, ['corner', 'tip', 'centre']),
  },
  {
    id: 'squares-in-squares',
    name: 'Squares in squares',
    family: 'squares in squares',
    width: 8,
    height: 8,
    patches: economyPatch(0, 0, 8, ['first', 'second', 'first', 'second', 'centre']),
  },
  {
    id: 'snails-trail',
    name: "Snail's trail",
    family: 'squares in squares',
    width: 16,
    height: 16,
    patches: snailsTrail(),
  },
  {
    id: 'roman-stripe',
    name: 'Roman stripe',
    family: 'strips',
    width: 5,
    height: 5,
    patches: [
      ...triangle('plain', 'se', 0, 0, 5),
      ...each(5).map((i): Patch =>
        i === 0
          ? polygon('first', [0, 0], [1, 0], [0, 1])
          : polygon(['first', 'second', 'third', 'fourth', 'fifth'][i]!, [i, 0], [i + 1, 0], [0, i + 1], [0, i]),
      ),
    ],
  },
]

/** Geese in columns and crosses. */
export const GEESE: readonly Design[] = [
  { ...geeseColumn(6), id: 'column-of-geese', name: 'Column of geese' },
  {
    id: 'wild-goose-chase',
    name: 'Wild goose chase',
    family: 'geese',
    width: 10,
    height: 10,
    patches: [
      ...each(4).flatMap(q =>
        turned(q, 10, [...square('ground', 0, 0, 4), ...each(4).flatMap(y => goose('goose', 'sky', 'n', 4, y, 2, 1))]),
      ),
      ...square('centre', 4, 4, 2),
    ],
  },
  {
    id: 'arrow',
    name: 'Arrow',
    family: 'geese',
    width: 2,
    height: 3,
    patches: [
      ...goose('head', 'ground', 'n', 0, 0, 2, 1),
      ...rectangle('ground', 0, 1, 0.5, 2),
      ...rectangle('shaft', 0.5, 1, 1, 2),
      ...rectangle('ground', 1.5, 1, 0.5, 2),
    ],
  },
]

/** A quarter of a block put in its four turns round the middle. */
export function turned(quarters: number, size: number, patches: readonly Patch[]): Patch[] {
  const turn = ([x, y]: Point): Point => [size - y, x]
  let now = [...patches]
  for (let i = 0; i < quarters; i++) now = now.map(patch => ({ ...patch, points: patch.points.map(turn) }))
  return now
}
