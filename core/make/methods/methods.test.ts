import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../../designs/shipped'
import { rolesOf } from '../../designs/design'
import { offsetPolygon } from '../../geometry/offset'
import { area, boundingBox, signedArea, type Polygon } from '../../geometry/polygon'
import { addTerms, termValue } from '../../measure/sum'
import { waysOf } from '../../testing/quiltOf'
import { convexOverlap } from '../../testing/overlap'
import { METHODS } from './index'
import type { MethodContext } from './method'
import type { DressedUnit } from '../units/dressedUnit'
import type { MethodId } from '../../file/methodNames'

const room: MethodContext = {
  seam: 1 / 4,
  ruler: 1 / 8,
  usableWidth: () => 41,
  longestStrip: () => 41,
  isInPieces: () => false,
  isDirectional: () => false,
  trimsClosed: false,
  isDarker: () => true,
  pressed: () => 'first',
}
const square = (f: number): Polygon => [
  [0, 0],
  [f, 0],
  [f, f],
  [0, f],
]
const unit = (
  kind: DressedUnit['kind'],
  width: number,
  height: number,
  patches: [string, string, Polygon][],
): DressedUnit => ({
  key: kind,
  kind,
  width,
  height,
  patches: patches.map(([slot, cloth, polygon]) => ({
    slot,
    cloth,
    polygon,
    cutLine: offsetPolygon(polygon, room.seam),
  })),
})
const halfSquare = (f: number) =>
  unit('half-square', f, f, [
    [
      'first',
      'a',
      [
        [0, 0],
        [f, 0],
        [0, f],
      ],
    ],
    [
      'second',
      'b',
      [
        [f, 0],
        [f, f],
        [0, f],
      ],
    ],
  ])
const hourglass = (f: number) =>
  unit('quarter-square', f, f, [
    [
      'north',
      'a',
      [
        [0, 0],
        [f, 0],
        [f / 2, f / 2],
      ],
    ],
    [
      'east',
      'b',
      [
        [f, 0],
        [f, f],
        [f / 2, f / 2],
      ],
    ],
    [
      'south',
      'a',
      [
        [f, f],
        [0, f],
        [f / 2, f / 2],
      ],
    ],
    [
      'west',
      'b',
      [
        [0, f],
        [0, 0],
        [f / 2, f / 2],
      ],
    ],
  ])
const threePatch = (f: number) =>
  unit('three-patch', f, f, [
    [
      'half',
      'c',
      [
        [0, 0],
        [f, 0],
        [0, f],
      ],
    ],
    [
      'first',
      'a',
      [
        [f, 0],
        [f, f],
        [f / 2, f / 2],
      ],
    ],
    [
      'second',
      'b',
      [
        [f, f],
        [0, f],
        [f / 2, f / 2],
      ],
    ],
  ])
const goose = (w: number) =>
  unit('goose', w, w / 2, [
    [
      'goose',
      'a',
      [
        [0, w / 2],
        [w / 2, 0],
        [w, w / 2],
      ],
    ],
    [
      'left',
      'b',
      [
        [0, 0],
        [w / 2, 0],
        [0, w / 2],
      ],
    ],
    [
      'right',
      'b',
      [
        [w / 2, 0],
        [w, 0],
        [w, w / 2],
      ],
    ],
  ])
const framed = (f: number) =>
  unit('square-in-square', f, f, [
    [
      'centre',
      'a',
      [
        [f / 2, 0],
        [f, f / 2],
        [f / 2, f],
        [0, f / 2],
      ],
    ],
    [
      'nw',
      'b',
      [
        [0, 0],
        [f / 2, 0],
        [0, f / 2],
      ],
    ],
    [
      'ne',
      'b',
      [
        [f / 2, 0],
        [f, 0],
        [f, f / 2],
      ],
    ],
    [
      'se',
      'b',
      [
        [f, f / 2],
        [f, f],
        [f / 2, f],
      ],
    ],
    [
      'sw',
      'b',
      [
        [0, f / 2],
        [f / 2, f],
        [0, f],
      ],
    ],
  ])
const make = (id: MethodId, what: DressedUnit, count: number) =>
  METHODS.find(method => method.id === id)!.make(what, count, room)
const sizes = (id: MethodId, what: DressedUnit) =>
  make(id, what, 8).pieces.map(piece => [piece.exact.width, piece.exact.height, piece.width, piece.height])

describe("the handbook's table at ¼″", () => {
  const f = 3
  const w = 4
  const h = 2
  // exact, as the table rounds it to three places; then cut
  test.each<[MethodId, DressedUnit, [number, number][]]>([
    [
      'hst-single',
      halfSquare(f),
      [
        [f + 0.854, f + 7 / 8],
        [f + 0.854, f + 7 / 8],
      ],
    ],
    [
      'hst-2',
      halfSquare(f),
      [
        [f + 0.854, f + 7 / 8],
        [f + 0.854, f + 7 / 8],
      ],
    ],
    [
      'hst-8',
      halfSquare(f),
      [
        [2 * f + 1.707, 2 * f + 1.75],
        [2 * f + 1.707, 2 * f + 1.75],
      ],
    ],
    [
      'qst-2',
      hourglass(f),
      [
        [f + 1.207, f + 1.25],
        [f + 1.207, f + 1.25],
      ],
    ],
    [
      'qst-single',
      hourglass(f),
      [
        [f + 1.207, f + 1.25],
        [f + 1.207, f + 1.25],
        [f + 1.207, f + 1.25],
        [f + 1.207, f + 1.25],
      ],
    ],
    [
      'hst-4',
      halfSquare(f),
      [
        [Math.SQRT2 * f + 1.207, 5.5],
        [Math.SQRT2 * f + 1.207, 5.5],
      ],
    ],
    [
      'three-patch-alike',
      threePatch(f),
      [
        [f + 1.207, f + 1.25],
        [f + 1.207, f + 1.25],
        [f + 0.854, f + 7 / 8],
      ],
    ],
    [
      'three-patch-pairs',
      threePatch(f),
      [
        [f + 1.207, f + 1.25],
        [f + 1.207, f + 1.25],
        [f + 0.854, f + 7 / 8],
      ],
    ],
    [
      'goose-4',
      goose(w),
      [
        [w + 1.207, w + 1.25],
        [h + 0.854, h + 7 / 8],
      ],
    ],
    [
      'goose-triangles',
      goose(w),
      [
        [w + 1.207, w + 1.25],
        [h + 0.854, h + 7 / 8],
      ],
    ],
    [
      'square-in-square-triangles',
      framed(4),
      [
        [4 / Math.SQRT2 + 0.5, 3.375],
        [2.854, 2.875],
        [2.854, 2.875],
        [2.854, 2.875],
        [2.854, 2.875],
      ],
    ],
  ])('%s', (id, what, wanted) => {
    sizes(id, what).forEach(([exact, , cut], i) => {
      expect(exact).toBeCloseTo(wanted[i]![0], 3)
      expect(cut).toBeCloseTo(wanted[i]![1], 9)
    })
  })
  test('goose-flip: rectangle w + ½ by h + ½, squares h + ½', () =>
    expect(sizes('goose-flip', goose(w)).map(([x, y]) => [x, y])).toEqual([
      [4.5, 2.5],
      [2.5, 2.5],
    ]))
  test('flipped square in a square: base f + ½, corners f/2 + ½', () =>
    expect(sizes('square-in-square-flip', framed(4)).map(([x, y]) => [x, y])).toEqual([
      [4.5, 4.5],
      [2.5, 2.5],
    ]))
})

test.each<[MethodId, DressedUnit, number[]]>([
  ['hst-2', halfSquare(3), [3, 3]],
  ['hst-8', halfSquare(3), [6, 6]],
  ['qst-2', hourglass(3), [3, 3]],
  ['goose-4', goose(4), [4, 2]],
  ['goose-triangles', goose(4), [4, 2]],
  ['square-in-square-triangles', framed(4), [4 / Math.SQRT2, 2, 2, 2, 2]],
  ['three-patch-alike', threePatch(3), [3, 3, 3]],
])(
  '%s says why its squares are as large as they are: the finished edge, its seams, the slanted ends',
  (id, what, finished) => {
    make(id, what, 8).pieces.forEach((piece, i) => {
      const { terms } = piece.why.width
      expect(terms[0]!.what).toBe('finished')
      expect(termValue(terms[0]!)).toBeCloseTo(finished[i]!, 9)
      expect(addTerms(terms.filter(term => term.what !== 'rounding'))).toBeCloseTo(piece.exact.width, 9)
      expect(addTerms(terms)).toBeCloseTo(piece.width, 9)
    })
  },
)

test('two halves of the cut square hold the offset of the finished triangle', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 4, max: 96 }).map(n => n / 8),
      f => {
        const side = make('hst-2', halfSquare(f), 2).pieces[0]!.exact.width
        // the slanted edge of the offset triangle lies where the halved square's diagonal does
        const cut = offsetPolygon(
          [
            [0, 0],
            [f, 0],
            [0, f],
          ],
          room.seam,
        )
        expect(Math.max(...cut.map(([x, y]) => x + y)) + 2 * room.seam).toBeCloseTo(side, 9)
        // and of a quarter-square triangle: its long edge is the side of the square cut twice
        const quarter = offsetPolygon(
          [
            [0, 0],
            [f, 0],
            [f / 2, f / 2],
          ],
          room.seam,
        )
        const tip = Math.max(...quarter.map(p => p[1]))
        const top = Math.min(...quarter.map(p => p[1]))
        expect(2 * (tip - top)).toBeCloseTo(make('qst-2', hourglass(f), 2).pieces[0]!.exact.width, 9)
      },
    ),
  )
})

test('strips cut at an angle: a 60° diamond from a strip of its altitude + ½, a 60° triangle from altitude + ¾', () => {
  const h = 3
  const side = h / Math.sin(Math.PI / 3)
  const diamond = unit('diamond', side * 1.5, h, [
    [
      'patch',
      'a',
      [
        [0, 0],
        [side, 0],
        [side * 1.5, h],
        [side / 2, h],
      ],
    ],
  ])
  const [strip] = make('strip-angle', diamond, 4).pieces
  expect(strip!.height).toBeCloseTo(h + 0.5, 9)
  // four diamonds step along by depth ÷ sin 60°, and the slant of the end comes once
  expect(strip!.width).toBeGreaterThanOrEqual((4 * 3.5) / Math.sin(Math.PI / 3) + 3.5 / Math.tan(Math.PI / 3))
  expect(strip!.width).toBeLessThan((4 * 3.5) / Math.sin(Math.PI / 3) + 3.5 / Math.tan(Math.PI / 3) + 0.75)
  const triangle = unit('wedge', side, h, [
    [
      'patch',
      'a',
      [
        [0, h],
        [side / 2, 0],
        [side, h],
      ],
    ],
  ])
  expect(make('strip-angle', triangle, 4).pieces[0]!.height).toBeCloseTo(h + 0.75, 9)
})

test('where both hands are wanted, the squares of a pair serve both', () => {
  const { pieces, mirrored } = METHODS.find(method => method.id === 'three-patch-pairs')!.make(
    threePatch(3),
    8,
    room,
    8,
  )
  expect(mirrored).toBe(0)
  expect(new Set(pieces.map(piece => piece.pool!.corner)).size).toBe(1)
})

test('half of what three-patch units in pairs give is of the other hand; by half lines none is', () => {
  expect(make('three-patch-pairs', threePatch(3), 8)).toMatchObject({ made: 8, mirrored: 8 })
  expect(make('three-patch-alike', threePatch(3), 8).mirrored).toBeUndefined()
  const area = (id: MethodId) =>
    make(id, threePatch(3), 8).pieces.reduce((sum, piece) => sum + piece.width * piece.height * piece.count, 0)
  // making both hands and keeping one wastes about half of the cloth
  expect(area('three-patch-pairs') / area('three-patch-alike')).toBeCloseTo(2, 0)
})

test('a seam pressed open has no arrow, and its step says open', () => {
  const open: MethodContext = { ...room, pressed: () => 'open' }
  const pressing = (of: MethodContext) =>
    METHODS.find(({ id }) => id === 'hst-2')!
      .make(halfSquare(3), 2, of)
      .steps()
      .filter(step => step.do === 'press')
      .map(({ code, picture }) => [code, picture.arrows.length])
  expect(pressing(open)).toEqual([['press-open', 0]])
  expect(pressing(room)).toEqual([['press-to-dark', 1]])
})

test('what a way wastes is its area less the areas that are sewn in, for every unit of every design', () => {
  for (const design of SHIPPED_DESIGNS) {
    const longer = Math.max(design.width, design.height)
    const units = waysOf({
      format: 'wren-quilt',
      version: 1,
      cloths: [
        { id: 'a', colour: '#222222', width: 108 },
        { id: 'b', width: 108 },
      ],
      setting: { across: 2, down: 2 },
      blocks: [
        {
          id: 'one',
          design: design.id,
          width: (12 * design.width) / longer,
          height: (12 * design.height) / longer,
          cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? 'b' : 'a'])),
        },
      ],
    })
    for (const { demand, ways } of units) {
      const sewnIn = demand.count * demand.unit.patches.reduce((sum, patch) => sum + area(patch.cutLine), 0)
      for (const way of ways) {
        expect(way.area * (1 - way.waste)).toBeCloseTo(sewnIn, 6)
        // strips are cut across and shared; everything else is cut piece by piece and cannot use more than there is
        if (way.method.id !== 'strip-set' && way.method.id !== 'strip-angle' && way.method.id !== 'wedge-strip-set')
          expect(way.waste).toBeGreaterThan(-0.08)
        expect(way.made.made).toBeGreaterThanOrEqual(demand.count)
      }
    }
  }
})

test('yields cover what is asked, and what is over is less than one set', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 300 }), count => {
      for (const [id, what, set] of [
        ['hst-2', halfSquare(3), 2],
        ['hst-8', halfSquare(3), 8],
        ['goose-4', goose(4), 4],
        ['qst-2', hourglass(3), 2],
      ] as const) {
        const { made } = make(id, what, count)
        expect(made).toBeGreaterThanOrEqual(count)
        expect(made - count).toBeLessThan(set)
      }
    }),
  )
})

test('a strip set gives as many segments as asked from ⌈segments ÷ ⌊usable ÷ segment⌋⌉ sets', () => {
  const pair = unit('strip-set', 4, 2, [
    ['strip 1', 'a', square(2)],
    [
      'strip 2',
      'b',
      [
        [2, 0],
        [4, 0],
        [4, 2],
        [2, 2],
      ],
    ],
  ])
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), count => {
      const first = make('strip-set', pair, count).pieces.filter(piece => piece.slots[0] === 'strip 1')
      expect(first.reduce((sum, piece) => sum + piece.count, 0)).toBe(Math.ceil(count / 16))
      expect(first.reduce((sum, piece) => sum + piece.serves!, 0)).toBe(count)
      expect(first.every(piece => piece.width <= 41 && piece.height === 2.5)).toBe(true)
    }),
  )
})

test('every method of every shipped unit says its steps, and pictures them', () => {
  for (const design of SHIPPED_DESIGNS) {
    const units = waysOf({
      format: 'wren-quilt',
      version: 1,
      cloths: [
        { id: 'a', colour: '#222222' },
        { id: 'b', colour: '#eeeeee' },
      ],
      blocks: [
        {
          id: 'x',
          design: design.id,
          size: 12,
          cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 ? 'b' : 'a'])),
        },
      ],
      setting: { across: 2, down: 2 },
    })
    for (const choice of units) {
      expect(choice.ways.length).toBeGreaterThan(0)
      for (const way of choice.ways) {
        const steps = way.made.steps()
        expect(steps.length).toBeGreaterThan(0)
        for (const { picture } of steps) {
          const box = boundingBox(picture.shapes.flatMap(shape => shape.points))
          expect(box.width).toBeGreaterThan(0)
          expect(box.x).toBeGreaterThanOrEqual(-1e-9)
          expect(box.x + box.width).toBeLessThanOrEqual(picture.width + 1e-6)
        }
      }
    }
  }
})

test('wedges with their corners from one set hold the offset of wedge and corner, and do not overlap', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 32, max: 144 }).map(n => n / 8),
      fc.integer({ min: 1, max: 60 }),
      (side, count) => {
        // one of the eight wedges of a block, its corner on it; tip at the middle of the block
        const t = (side / 2) * Math.tan(Math.PI / 8)
        const kite = unit('wedge', side / 2, side / 2, [
          [
            'wedge',
            'a',
            [
              [0, side / 2],
              [t, 0],
              [side / 2, side / 2 - t],
            ],
          ],
          [
            'corner',
            'b',
            [
              [t, 0],
              [side / 2, 0],
              [side / 2, side / 2 - t],
            ],
          ],
        ])
        const way = make('wedge-strip-set', kite, count)
        const [middle, outer] = [
          way.pieces.filter(piece => piece.slots[0] === 'wedge'),
          way.pieces.filter(piece => piece.slots[0] === 'corner'),
        ]
        expect(middle.reduce((sum, piece) => sum + piece.serves!, 0)).toBe(count)
        // the handbook's altitude of a wedge, its tip cut off, fits between the far seam and the allowance at its base
        expect(middle[0]!.height).toBeGreaterThanOrEqual(side / 2 + 3 * room.seam - 1e-9)
        // the corner lies half as deep as the base is long, a right angle with its allowance
        expect(outer[0]!.height).toBeGreaterThanOrEqual(t + room.seam * Math.SQRT2 + room.seam)
        const { data, picture: drawn } = way.steps().find(step => step.code === 'cut-wedges-in-turn')!
        const cuts = Array.from({ length: drawn.lines.length / 4 }, (_, i) =>
          drawn.lines.slice(4 * i, 4 * i + 4).map(line => line.from),
        )
        const offset = offsetPolygon(
          [
            [0, side / 2],
            [t, 0],
            [side / 2, 0],
            [side / 2, side / 2 - t],
          ],
          room.seam,
        )
        // turned so that the tip is up, the widest part of the offset shape fits into the cut at its distance from
        // the tip
        const [edgeLeft, tipLeft, tipRight, edgeRight] = cuts[0]!
        const turn = ([x, y]: readonly [number, number]) =>
          [(x + y - side / 2) / Math.SQRT2, (x - y + side / 2) / Math.SQRT2] as const
        const slope = (edgeRight![0] - tipRight![0]) / (edgeRight![1] - tipRight![1])
        for (const corner of offset) {
          const [across, down] = turn(corner)
          const fromTip = Math.max(0, down + room.seam)
          expect(Math.abs(across)).toBeLessThanOrEqual((tipRight![0] - tipLeft![0]) / 2 + fromTip * slope + 1e-6)
          expect(fromTip).toBeLessThanOrEqual(edgeLeft![1] - tipLeft![1] + 1e-6)
        }
        for (const [i, cut] of cuts.slice(1).entries()) expect(convexOverlap(cuts[i]!, cut)).toBeLessThan(1e-6)
        for (const [i, cut] of cuts.slice(2).entries()) expect(convexOverlap(cuts[i]!, cut)).toBeLessThan(1e-6)
        expect(data!.gives).toBeGreaterThan(0)
      },
    ),
  )
})

test('two layers give one of each hand: as many pairs as both are wanted, the rest from a single layer', () => {
  const slant = unit('template', 2, 3, [
    [
      'patch',
      'a',
      [
        [0, 0],
        [2, 0],
        [1, 3],
        [0, 3],
      ],
    ],
  ])
  const steps = (mirrored: number) =>
    METHODS.find(method => method.id === 'template')!
      .make(slant, 6, room, mirrored)
      .steps()
  expect(steps(0).map(step => step.code)).toEqual(['cut-template'])
  const [layer, cut] = steps(8)
  expect([layer!.data!.pairs, layer!.data!.alone, layer!.data!.hand]).toEqual([
    6,
    2,
    cut!.data!.hand === 'left' ? 'right' : 'left',
  ])
  // the two pieces beside the layers are mirror images
  const [, , one, other] = layer!.picture.shapes
  expect(Math.sign(signedArea(one!.points))).toBe(-Math.sign(signedArea(other!.points)))
  // and one that is its own mirror image needs no second layer
  expect(
    METHODS.find(method => method.id === 'template')!
      .make(
        unit('template', 2, 2, [
          [
            'patch',
            'a',
            [
              [0, 0],
              [2, 0],
              [1, 2],
            ],
          ],
        ]),
        6,
        room,
        6,
      )
      .steps(),
  ).toHaveLength(1)
})

describe('right triangles from rectangles', () => {
  const triangle = (a: number, b: number) =>
    unit('template', a, b, [
      [
        'patch',
        'c',
        [
          [0, 0],
          [a, b],
          [0, b],
        ],
      ],
    ])
  test('the corners of a 60° diamond of altitude h: (h + ½) by 2·(h·tan 30° + ¼ + ¼·cot 30°) − (h + ½)·tan 30°', () => {
    const h = 6
    const tan = Math.tan(Math.PI / 6)
    const [piece] = make('half-rectangle-single', triangle(h * tan, h), 4).pieces
    expect(piece!.exact.height).toBeCloseTo(h + 0.5, 9)
    expect(piece!.exact.width).toBeCloseTo(2 * (h * tan + 0.25 + 0.25 / tan) - (h + 0.5) * tan, 9)
    expect(piece).toMatchObject({ cuts: 'one-diagonal', count: 2, pool: { needed: 4, gives: 2 } })
  })
  test('each half holds the offset of the finished triangle, its sharp tip square to the long leg', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 60 }), fc.integer({ min: 1, max: 60 }), (n, more) => {
        const a = n / 8
        const b = (n + more) / 8
        const way = make('half-rectangle-single', triangle(a, b), 2)
        const { width, height, exact } = way.pieces[0]!
        const mark = (exact.width - (exact.height * a) / b) / 2
        const cut = offsetPolygon(
          [
            [0, 0],
            [a, b],
            [0, b],
          ],
          room.seam,
          corner => (corner[1] === 0 ? [0, -1] : undefined),
        )
        for (const [x, y] of cut) {
          // from the corner of the rectangle: within it, and on its side of the line from mark to mark
          const [px, py] = [x + room.seam, y + room.seam]
          expect(Math.min(px, py, exact.width - px, exact.height - py)).toBeGreaterThanOrEqual(-1e-6)
          expect(px).toBeLessThanOrEqual(mark + (py * a) / b + 1e-6)
        }
        // rounded up to the ruler both halves are still as large
        expect(way.lengths!.mark!.total).toBeCloseTo((width - (height * a) / b) / 2, 9)
      }),
    )
  })
  test('the two hands are cut on the two diagonals, and two layers give both', () => {
    const lines = [
      triangle(2, 5),
      unit('template', 2, 5, [
        [
          'patch',
          'c',
          [
            [2, 0],
            [2, 5],
            [0, 5],
          ],
        ],
      ]),
    ].map(what => METHODS.find(method => method.id === 'half-rectangle-single')!.make(what, 4, room, 4))
    expect(new Set(lines.map(way => way.pieces[0]!.hand)).size).toBe(2)
    const slants = lines
      .map(way => way.steps())
      .map(steps => Math.sign(steps[1]!.picture.lines[0]!.to[0] - steps[1]!.picture.lines[0]!.from[0]))
    expect(slants[0]).toBe(-slants[1]!)
    expect(lines[0]!.steps()[0]!.code).toBe('layer-rectangles')
  })
})
