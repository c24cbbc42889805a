import type { Design } from '../design'
import { rectangle, square } from '../draft'
import { gridDraft } from '../gridDraft'

const each = (count: number) => Array.from({ length: count }, (_, i) => i)

/** A checkerboard of so many squares each way. */
export function checkerboard(count: number): Design {
  return {
    id: `checkerboard-${count}`,
    name: `Checkerboard of ${count * count}`,
    family: 'squares',
    width: count,
    height: count,
    patches: each(count).flatMap(y => each(count).flatMap(x => square((x + y) % 2 === 0 ? 'dark' : 'light', x, y, 1))),
  }
}

/** Rings of squares round one in the middle, cloth by cloth. */
export function tripAround(rings: number): Design {
  const roles = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth']
  const size = 2 * rings + 1
  return {
    id: `trip-around-${rings}`,
    name: 'Trip around the world',
    family: 'squares',
    width: size,
    height: size,
    patches: each(size).flatMap(y =>
      each(size).flatMap(x =>
        square(roles[(Math.abs(x - rings) + Math.abs(y - rings)) % Math.min(roles.length, rings + 2)]!, x, y, 1),
      ),
    ),
  }
}

/** So many strips side by side, each `width` grid units wide. */
export function strips(count: number, widths: readonly number[] = [1]): Design {
  const names = [
    'first',
    'second',
    'third',
    'fourth',
    'fifth',
    'sixth',
    'seventh',
    'eighth',
    'ninth',
    'tenth',
    'eleventh',
    'twelfth',
  ]
  let x = 0
  const patches = each(count).flatMap(i => {
    const width = widths[i % widths.length]!
    x += width
    return rectangle(names[i % names.length]!, x - width, 0, width, count)
  })
  return { id: `strips-${count}`, name: `${count} plain strips`, family: 'strips', width: x, height: count, patches }
}

const NINE = (x: number, y: number) =>
  each(3).flatMap(b => each(3).flatMap(a => square((a + b) % 2 === 0 ? 'dark' : 'light', x + a, y + b, 1)))

/** Blocks of squares and bars: not a triangle among them. */
export const CHECKS: readonly Design[] = [
  { ...checkerboard(5), id: 'twenty-five-patch', name: 'Twenty-five-patch' },
  { ...checkerboard(8), id: 'checkerboard', name: 'Checkerboard' },
  {
    id: 'double-nine-patch',
    name: 'Double nine-patch',
    family: 'squares',
    width: 9,
    height: 9,
    patches: each(3).flatMap(b =>
      each(3).flatMap(a => ((a + b) % 2 === 0 ? NINE(3 * a, 3 * b) : square('light', 3 * a, 3 * b, 3))),
    ),
  },
  {
    id: 'double-four-patch',
    name: 'Double four-patch',
    family: 'squares',
    width: 4,
    height: 4,
    patches: [
      ...gridDraft(['d l . .', 'l d . .', '. . d l', '. . l d'], { d: 'dark', l: 'light' }),
      ...square('plain', 2, 0, 2),
      ...square('plain', 0, 2, 2),
    ],
  },
  {
    id: 'double-irish-chain',
    name: 'Double Irish chain',
    family: 'squares',
    width: 5,
    height: 5,
    patches: gridDraft(['a b g b a', 'b a b a b', 'g b a b g', 'b a b a b', 'a b g b a'], {
      a: 'chain',
      b: 'beside',
      g: 'ground',
    }),
  },
  {
    id: 'greek-cross',
    name: 'Greek cross',
    family: 'squares',
    width: 3,
    height: 3,
    patches: gridDraft(['g c g', 'c c c', 'g c g'], { g: 'ground', c: 'cross' }),
  },
  {
    id: 'trip-around-the-world',
    name: 'Trip around the world',
    family: 'squares',
    width: 7,
    height: 7,
    patches: tripAround(3).patches,
  },
  {
    id: 'postage-stamp',
    name: 'Postage stamp',
    family: 'squares',
    width: 6,
    height: 6,
    patches: each(6).flatMap(y =>
      each(6).flatMap(x => square(['first', 'second', 'third', 'fourth'][(x + y) % 4]!, x, y, 1)),
    ),
  },
  {
    id: 'white-house-steps',
    name: 'White House steps',
    family: 'squares',
    width: 5,
    height: 5,
    patches: [
      ...square('centre', 2, 2, 1),
      ...rectangle('light', 2, 1, 1, 1),
      ...rectangle('light', 2, 3, 1, 1),
      ...rectangle('dark', 1, 1, 1, 3),
      ...rectangle('dark', 3, 1, 1, 3),
      ...rectangle('light', 1, 0, 3, 1),
      ...rectangle('light', 1, 4, 3, 1),
      ...rectangle('dark', 0, 0, 1, 5),
      ...rectangle('dark', 4, 0, 1, 5),
    ],
  },
]

/** Blocks sewn from strips, and bars laid like bricks and mats. */
export const STRIPS: readonly Design[] = [
  { ...strips(5), id: 'plain-strips', name: 'Plain strips' },
  {
    id: 'four-rails',
    name: 'Four rails',
    family: 'strips',
    width: 4,
    height: 4,
    patches: each(4).flatMap(y => rectangle(['first', 'second', 'third', 'fourth'][y]!, 0, y, 4, 1)),
  },
  {
    id: 'coins',
    name: 'Stack of coins',
    family: 'strips',
    width: 4,
    height: 8,
    patches: [
      ...rectangle('side', 0, 0, 1, 8),
      ...each(8).flatMap(y => rectangle(['first', 'second', 'third', 'fourth'][y % 4]!, 1, y, 2, 1)),
      ...rectangle('side', 3, 0, 1, 8),
    ],
  },
  {
    id: 'basket-weave',
    name: 'Basket weave',
    family: 'strips',
    width: 6,
    height: 6,
    patches: [
      [0, 0],
      [1, 0],
      [0, 1],
      [1, 1],
    ].flatMap(([a, b]) =>
      each(3).flatMap(i =>
        (a! + b!) % 2 === 0
          ? rectangle(i === 1 ? 'light' : 'dark', 3 * a!, 3 * b! + i, 3, 1)
          : rectangle(i === 1 ? 'light' : 'dark', 3 * a! + i, 3 * b!, 1, 3),
      ),
    ),
  },
  {
    id: 'brickwork',
    name: 'Brickwork',
    family: 'strips',
    width: 4,
    height: 4,
    patches: gridDraft(['a > b >', 'm c > m', 'b > a >', 'm c > m'], {
      a: 'first',
      b: 'second',
      c: 'third',
      m: 'half',
    }),
  },
  {
    id: 'woven-bars',
    name: 'Woven bars',
    family: 'strips',
    width: 5,
    height: 5,
    patches: gridDraft(['g a g a g', 'b > > > >', 'g a g a g', 'b > > > >', 'g a g a g'], {
      g: 'ground',
      a: 'upright',
      b: 'level',
    }),
  },
]

/** Blocks that begin with a seam sewn in part: strips wound round a centre, each ending against the next. */
export const PARTIAL_SEAMS: readonly Design[] = [
  {
    id: 'bright-hopes',
    name: 'Bright hopes',
    family: 'partial seams',
    width: 3,
    height: 3,
    patches: [
      ...square('centre', 1, 1, 1),
      ...rectangle('north', 0, 0, 2, 1),
      ...rectangle('east', 2, 0, 1, 2),
      ...rectangle('south', 1, 2, 2, 1),
      ...rectangle('west', 0, 1, 1, 2),
    ],
  },
  {
    id: 'wound-square',
    name: 'Wound square',
    family: 'partial seams',
    width: 5,
    height: 5,
    patches: [
      ...square('centre', 2, 2, 1),
      ...rectangle('first', 1, 1, 2, 1),
      ...rectangle('second', 3, 1, 1, 2),
      ...rectangle('first', 2, 3, 2, 1),
      ...rectangle('second', 1, 2, 1, 2),
      ...rectangle('second', 0, 0, 4, 1),
      ...rectangle('first', 4, 0, 1, 4),
      ...rectangle('second', 1, 4, 4, 1),
      ...rectangle('first', 0, 1, 1, 4),
    ],
  },
]
