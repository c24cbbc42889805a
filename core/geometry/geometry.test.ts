import fc from 'fast-check'
import { handOf } from './handOf'
import { offsetPolygon } from './offset'
import { placePolygon } from './placement'
import { area, boundingBox, contains, isSimple, signedArea, type Point, type Polygon } from './polygon'
import { tilingFaults } from './tiling'

const SEAM = 1 / 4
const length = fc.integer({ min: 4, max: 160 }).map(n => n / 8)

describe('offset', () => {
  test('a rectangle grows by two seams each way', () => {
    fc.assert(
      fc.property(length, length, (a, b) => {
        const box = boundingBox(
          offsetPolygon(
            [
              [0, 0],
              [a, 0],
              [a, b],
              [0, b],
            ],
            SEAM,
          ),
        )
        expect(box.width).toBeCloseTo(a + 2 * SEAM, 9)
        expect(box.height).toBeCloseTo(b + 2 * SEAM, 9)
      }),
    )
  })

  test("the offset of a half-square triangle has the handbook's 0.854 on its legs before the tips go", () => {
    // the tips are cut, so measure what the legs would be: the square corner and the slanted edge give the line x + y
    // = c
    const cut = offsetPolygon(
      [
        [0, 0],
        [3, 0],
        [0, 3],
      ],
      SEAM,
    )
    const slant = Math.max(...cut.map(([x, y]) => x + y))
    expect(slant + 2 * SEAM).toBeCloseTo(3 + (2 + Math.SQRT2) * SEAM, 9)
    expect(cut).toHaveLength(5)
  })

  test('every corner of the patch keeps at least one seam of cloth round it', () => {
    const triangle = fc.tuple(length, length, length).map(([a, b, c]): Polygon => [
      [0, 0],
      [a, 0],
      [c - b / 2, b],
    ])
    fc.assert(
      fc.property(triangle, patch => {
        const cut = offsetPolygon(patch, SEAM)
        for (const [x, y] of patch) {
          for (let turn = 0; turn < 16; turn++) {
            const angle = (turn * Math.PI) / 8
            expect(contains(cut, [x + Math.cos(angle) * SEAM * 0.999, y + Math.sin(angle) * SEAM * 0.999])).toBe(true)
          }
        }
      }),
    )
  })
})

describe('tiling', () => {
  const halves: Polygon[] = [
    [
      [0, 0],
      [2, 0],
      [0, 2],
    ],
    [
      [2, 0],
      [2, 2],
      [0, 2],
    ],
  ]
  test('two triangles tile a square, in either direction of walking', () => {
    expect(tilingFaults(halves, 2, 2)).toEqual([])
    expect(tilingFaults([halves[0]!, [...halves[1]!].reverse()], 2, 2)).toEqual([])
  })
  test('a long side may face two short ones', () => {
    expect(
      tilingFaults(
        [
          [
            [0, 0],
            [2, 0],
            [2, 1],
            [0, 1],
          ],
          [
            [0, 1],
            [1, 1],
            [1, 2],
            [0, 2],
          ],
          [
            [1, 1],
            [2, 1],
            [2, 2],
            [1, 2],
          ],
        ],
        2,
        2,
      ),
    ).toEqual([])
  })
  test('gap, overlap, stray corner and bow tie are found', () => {
    expect(tilingFaults([halves[0]!], 2, 2).map(f => f.code)).toContain('gap-or-overlap')
    expect(tilingFaults([...halves, halves[1]!], 2, 2).map(f => f.code)).toContain('gap-or-overlap')
    expect(
      tilingFaults(
        [
          [
            [0, 0],
            [3, 0],
            [0, 2],
          ],
          halves[1]!,
        ],
        2,
        2,
      ),
    ).toEqual([{ code: 'outside', patch: 0, at: [3, 0] }])
    expect(
      tilingFaults(
        [
          [
            [0, 0],
            [2, 2],
            [2, 0],
            [0, 2],
          ],
        ],
        2,
        2,
      ),
    ).toEqual([{ code: 'not-a-polygon', patch: 0 }])
  })
  test('an overlap that makes up the area of a gap is still found', () => {
    const left: Polygon = [
      [0, 0],
      [1, 0],
      [1, 2],
      [0, 2],
    ]
    expect(tilingFaults([left, left], 2, 2).length).toBeGreaterThan(0)
  })
})

test('placing keeps area and size, and a mirror changes the hand', () => {
  fc.assert(
    fc.property(fc.constantFrom(0 as const, 90 as const, 180 as const, 270 as const), fc.boolean(), (turn, mirror) => {
      const patch: Polygon = [
        [0, 0],
        [3, 0],
        [0, 1],
      ]
      const placed = placePolygon(patch, { turn, mirror }, 4, 2)
      expect(area(placed)).toBeCloseTo(area(patch), 9)
      expect(Math.sign(signedArea(placed))).toBe(mirror ? -1 : 1)
      const box = boundingBox(
        placePolygon(
          [
            [0, 0],
            [4, 0],
            [4, 2],
            [0, 2],
          ],
          { turn, mirror },
          4,
          2,
        ),
      )
      expect(box).toEqual({ x: 0, y: 0, width: turn % 180 === 0 ? 4 : 2, height: turn % 180 === 0 ? 2 : 4 })
    }),
  )
})

test('a polygon that touches itself is not simple', () => {
  expect(
    isSimple([
      [0, 0],
      [2, 0],
      [1, 1],
      [2, 2],
      [0, 2],
      [1, 1],
    ]),
  ).toBe(false)
  expect(
    isSimple([
      [0, 0],
      [2, 0],
      [2, 2],
      [0, 2],
    ]),
  ).toBe(true)
})

test('a figure has one hand however it is turned, its mirror image the other; one with an axis has none', () => {
  const corner = fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }))
  fc.assert(
    fc.property(corner, corner, fc.double({ min: 0, max: 6.3, noNaN: true }), ([ax, ay], [bx, by], angle) => {
      const triangle: Polygon = [
        [0, 0],
        [ax, ay],
        [-bx, by],
      ]
      const sides = triangle.map(([x, y], i) =>
        Math.hypot(x - triangle[(i + 1) % 3]![0], y - triangle[(i + 1) % 3]![1]),
      )
      const isIsosceles = sides.some((side, i) => Math.abs(side - sides[(i + 1) % 3]!) < 1e-9)
      fc.pre(isIsosceles || sides.every((side, i) => Math.abs(side - sides[(i + 1) % 3]!) > 1e-2))
      const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
      const turned = triangle.map(([x, y]): Point => [x * cos - y * sin, x * sin + y * cos])
      const mirrored = turned.map(([x, y]): Point => [-x, y])
      expect(handOf(turned)).toBe(handOf(triangle))
      expect(handOf(mirrored)).toBe({ left: 'right', right: 'left', either: 'either' }[handOf(triangle)])
      expect(handOf(triangle) === 'either').toBe(isIsosceles)
    }),
  )
  // an eighth of a turn: no quarter turn lays it on its mirror image
  const diamond: Polygon = [
    [0, 0],
    [1, 0],
    [1 + Math.SQRT1_2, Math.SQRT1_2],
    [Math.SQRT1_2, Math.SQRT1_2],
  ]
  expect(handOf(diamond)).toBe('either')
})
