import type { Point } from '../../geometry/polygon'
import type { Design, Patch } from '../design'
import { cornered, halfSquare, rectangle, square } from '../draft'
import { turned } from './gridTriangles'

const TAN30 = Math.tan(Math.PI / 6)
const polygon = (role: string, ...points: Point[]): Patch => ({ role, points })

/** A 60° diamond of altitude 1 standing in its rectangle, 2 × 2·tan 30. Source: handbook §3. */
function diamondInRectangle(halves: boolean): Patch[] {
  const w = 2 * TAN30
  const h = 2
  const [top, right, bottom, left]: [Point, Point, Point, Point] = [
    [w / 2, 0],
    [w, h / 2],
    [w / 2, h],
    [0, h / 2],
  ]
  return [
    ...(halves
      ? [polygon('left half', top, bottom, left), polygon('right half', top, right, bottom)]
      : [polygon('diamond', top, right, bottom, left)]),
    polygon('corner', [0, 0], top, left),
    polygon('corner', top, [w, 0], right),
    polygon('corner', right, [w, h], bottom),
    polygon('corner', bottom, [0, h], left),
  ]
}

/** A row of 60° triangles, tips up and down by turns, with half triangles at its ends. `count`: whole triangles. */
export function pyramids(count: number): Design {
  const half = TAN30
  const width = (count + 1) * half
  const top = (i: number): Point => [i * half, 0]
  const foot = (i: number): Point => [i * half, 1]
  const whole = Array.from({ length: count }, (_, i) =>
    i % 2 === 0 ? polygon('light', foot(i), top(i + 1), foot(i + 2)) : polygon('dark', top(i), top(i + 2), foot(i + 1)),
  )
  const last =
    count % 2 === 0
      ? polygon('light', foot(count), top(count + 1), foot(count + 1))
      : polygon('dark', top(count), top(count + 1), foot(count + 1))
  return {
    id: `pyramids-${count}`,
    name: `Row of ${count} pyramids`,
    family: 'diamonds',
    width,
    height: 1,
    patches: [polygon('dark', top(0), top(1), foot(0)), ...whole, last],
  }
}

/** A hexagon of side 1 lying in its rectangle, with its four corners. `inside`: its own patches, from its middle. */
function inHexagonBox(inside: (at: (i: number) => Point, middle: Point) => Patch[]): {
  width: number
  height: number
  patches: Patch[]
} {
  const height = Math.sqrt(3)
  const middle: Point = [1, height / 2]
  const corners: Point[] = [
    [1.5, 0],
    [2, height / 2],
    [1.5, height],
    [0.5, height],
    [0, height / 2],
    [0.5, 0],
  ]
  const at = (i: number) => corners[(i + 6) % 6]!
  return {
    width: 2,
    height,
    patches: [
      ...inside(at, middle),
      polygon('corner', [0, 0], at(5), at(4)),
      polygon('corner', at(0), [2, 0], at(1)),
      polygon('corner', at(1), [2, height], at(2)),
      polygon('corner', at(3), [0, height], at(4)),
    ],
  }
}

const hexagon = inHexagonBox((at, middle) =>
  Array.from({ length: 6 }, (_, i) => polygon(i % 2 === 0 ? 'light' : 'dark', middle, at(i - 1), at(i))),
)
const cube = inHexagonBox((at, middle) => [
  polygon('top', middle, at(4), at(5), at(0)),
  polygon('right', middle, at(0), at(1), at(2)),
  polygon('left', middle, at(2), at(3), at(4)),
])

/** Eight wedges round the middle of a square of 2, its corners cut off by triangles. Source: handbook §3. */
function eightWedges(): Patch[] {
  const t = Math.tan(Math.PI / 8)
  const middle: Point = [1, 1]
  const rim: Point[] = [
    [1 - t, 0],
    [1 + t, 0],
    [2, 1 - t],
    [2, 1 + t],
    [1 + t, 2],
    [1 - t, 2],
    [0, 1 + t],
    [0, 1 - t],
  ]
  return [
    ...rim.map((point, i) => polygon(i % 2 === 0 ? 'first' : 'second', middle, point, rim[(i + 1) % 8]!)),
    polygon('corner', [0, 0], rim[0]!, rim[7]!),
    polygon('corner', rim[1]!, [2, 0], rim[2]!),
    polygon('corner', rim[3]!, [2, 2], rim[4]!),
    polygon('corner', rim[5]!, [0, 2], rim[6]!),
  ]
}

/** Storm at sea: squares in squares, large and small, and long diamonds between them. */
function stormAtSea(): Patch[] {
  const diamond = (x: number, y: number, w: number, h: number): Patch[] => {
    const [top, right, bottom, left]: [Point, Point, Point, Point] = [
      [x + w / 2, y],
      [x + w, y + h / 2],
      [x + w / 2, y + h],
      [x, y + h / 2],
    ]
    return [
      polygon('wave', top, right, bottom, left),
      polygon('sea', [x, y], top, left),
      polygon('sea', top, [x + w, y], right),
      polygon('sea', right, [x + w, y + h], bottom),
      polygon('sea', bottom, [x, y + h], left),
    ]
  }
  const corners = { nw: 'storm', ne: 'storm', se: 'storm', sw: 'storm' } as const
  return [
    ...cornered('sea', corners, 2, 0, 0, 4),
    ...diamond(4, 0, 2, 4),
    ...diamond(0, 4, 4, 2),
    ...cornered('sea', corners, 1, 4, 4, 2),
  ]
}

/** A tall triangle in a square, its two sides beside it. */
const spike = (x: number, y: number): Patch[] => [
  polygon('spike', [x, y + 2], [x + 1, y], [x + 2, y + 2]),
  polygon('ground', [x, y], [x + 1, y], [x, y + 2]),
  polygon('ground', [x + 1, y], [x + 2, y], [x + 2, y + 2]),
]
const fourPatch = (x: number, y: number, flip = false): Patch[] =>
  [
    [0, 0],
    [1, 0],
    [0, 1],
    [1, 1],
  ].flatMap(([a, b]) => square((a! + b! + Number(flip)) % 2 === 0 ? 'chain' : 'ground', x + a!, y + b!, 1))

/** Blocks at angles other than 45°, and blocks that are set in. */
export const ANGLES: readonly Design[] = [
  {
    id: 'diamond-in-rectangle',
    name: 'Diamond in a rectangle',
    family: 'diamonds',
    width: 2 * TAN30,
    height: 2,
    diamond: 1,
    patches: diamondInRectangle(false),
  },
  {
    id: 'split-diamond',
    name: 'Split diamond in a rectangle',
    family: 'diamonds',
    width: 2 * TAN30,
    height: 2,
    diamond: 1,
    patches: diamondInRectangle(true),
  },
  { ...pyramids(5), id: 'pyramids', name: 'Row of pyramids' },
  {
    id: 'hexagon-of-triangles',
    name: 'Hexagon of triangles',
    family: 'diamonds',
    width: hexagon.width,
    height: hexagon.height,
    patches: hexagon.patches,
  },
  {
    id: 'tumbling-block',
    name: 'Tumbling block',
    family: 'set-in',
    width: cube.width,
    height: cube.height,
    patches: cube.patches,
  },
  { id: 'kaleidoscope', name: 'Kaleidoscope', family: 'wedges', width: 2, height: 2, patches: eightWedges() },
  { id: 'storm-at-sea', name: 'Storm at sea', family: 'diamonds', width: 6, height: 6, patches: stormAtSea() },
  {
    id: 'fifty-four-forty',
    name: 'Fifty-four forty or fight',
    family: 'wedges',
    width: 6,
    height: 6,
    patches: [
      ...fourPatch(0, 0),
      ...fourPatch(4, 0, true),
      ...fourPatch(4, 4),
      ...fourPatch(0, 4, true),
      ...[0, 1, 2, 3].flatMap(q =>
        turned(
          q,
          6,
          spike(2, 0).map(patch => ({ ...patch, points: patch.points.map(([x, y]): Point => [x, 2 - y]) })),
        ),
      ),
      ...fourPatch(2, 2),
    ],
  },
  {
    id: 'spool',
    name: 'Spool',
    family: 'set-in',
    width: 3,
    height: 3,
    patches: [
      ...square('thread', 1, 1, 1),
      polygon('spool', [0, 0], [3, 0], [2, 1], [1, 1]),
      polygon('ground', [3, 0], [3, 3], [2, 2], [2, 1]),
      polygon('spool', [3, 3], [0, 3], [1, 2], [2, 2]),
      polygon('ground', [0, 3], [0, 0], [1, 1], [1, 2]),
    ],
  },
  {
    id: 'attic-window',
    name: 'Attic window, set in',
    family: 'set-in',
    width: 3,
    height: 3,
    patches: [
      ...square('view', 1, 0, 2),
      polygon('side', [0, 0], [1, 0], [1, 2], [0, 3]),
      polygon('sill', [0, 3], [1, 2], [3, 2], [3, 3]),
    ],
  },
  {
    id: 'attic-window-half-square',
    name: 'Attic window',
    family: 'pictures',
    width: 3,
    height: 3,
    patches: [
      ...square('view', 1, 0, 2),
      ...rectangle('side', 0, 0, 1, 2),
      ...halfSquare('side', 'sill', 'nw', 0, 2, 1),
      ...rectangle('sill', 1, 2, 2, 1),
    ],
  },
]

/** One tier of a tree: a triangle `base` wide on a row of the sky. */
function tier(y: number, base: number): Patch[] {
  const left: Point = [2 - base / 2, y + 1]
  const right: Point = [2 + base / 2, y + 1]
  const isWhole = base === 4
  return [
    polygon('tree', [2, y], right, left),
    polygon('sky', [0, y], [2, y], left, ...(isWhole ? [] : [[0, y + 1] as Point])),
    polygon('sky', [2, y], [4, y], ...(isWhole ? [] : [[4, y + 1] as Point]), right),
  ]
}

/** Small pictures in patches. */
export const PICTURES: readonly Design[] = [
  {
    id: 'sailboat',
    name: 'Sailboat',
    family: 'pictures',
    width: 4,
    height: 4,
    patches: [
      ...rectangle('sky', 0, 0, 1, 2),
      ...halfSquare('sky', 'sail', 'nw', 1, 0, 1),
      ...halfSquare('sky', 'sail', 'ne', 2, 0, 1),
      ...rectangle('sky', 3, 0, 1, 2),
      ...square('sail', 1, 1, 1),
      ...square('sail', 2, 1, 1),
      ...halfSquare('sky', 'hull', 'sw', 0, 2, 1),
      ...rectangle('hull', 1, 2, 2, 1),
      ...halfSquare('sky', 'hull', 'se', 3, 2, 1),
      ...rectangle('sea', 0, 3, 4, 1),
    ],
  },
  {
    id: 'pine-tree',
    name: 'Pine tree',
    family: 'pictures',
    width: 4,
    height: 5,
    patches: [
      ...tier(0, 2),
      ...tier(1, 3),
      ...tier(2, 4),
      ...rectangle('sky', 0, 3, 1.5, 1),
      ...rectangle('trunk', 1.5, 3, 1, 1),
      ...rectangle('sky', 2.5, 3, 1.5, 1),
      ...rectangle('ground', 0, 4, 4, 1),
    ],
  },
  {
    id: 'house',
    name: 'House on the hill',
    family: 'pictures',
    width: 6,
    height: 6,
    patches: [
      ...rectangle('sky', 0, 0, 1, 1),
      ...rectangle('chimney', 1, 0, 1, 1),
      ...rectangle('sky', 2, 0, 4, 1),
      polygon('sky', [0, 1], [1, 1], [0, 3]),
      polygon('roof', [1, 1], [5, 1], [6, 3], [0, 3]),
      polygon('sky', [5, 1], [6, 1], [6, 3]),
      ...rectangle('wall', 0, 3, 1, 3),
      ...rectangle('door', 1, 3, 1, 3),
      ...rectangle('wall', 2, 3, 1, 3),
      ...rectangle('wall', 3, 3, 3, 1),
      ...rectangle('window', 3, 4, 2, 1),
      ...rectangle('wall', 5, 4, 1, 1),
      ...rectangle('wall', 3, 5, 3, 1),
    ],
  },
]
