import fc from 'fast-check'
import { placePolygon } from '../geometry/placement'
import type { Point, Polygon } from '../geometry/polygon'
import { placedAngle, slantedSides, stripeAngle } from './stripeDirection'

const apart = (a: number, b: number) => Math.min(Math.abs(a - b), 180 - Math.abs(a - b))
const turned = (polygon: Polygon, degrees: number) =>
  polygon.map(([x, y]): Point => {
    const turn = (degrees * Math.PI) / 180
    return [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)]
  })

test('lengthwise: the side of a bar, the long diagonal of a diamond, the line through the tip of a wedge', () => {
  const upright: Polygon[] = [
    [
      [0, 0],
      [1, 0],
      [1, 4],
      [0, 4],
    ],
    [
      [1, 0],
      [2, 3],
      [1, 6],
      [0, 3],
    ],
    [
      [1, 0],
      [2, 5],
      [0, 5],
    ],
  ]
  fc.assert(
    fc.property(fc.constantFrom(...upright), fc.integer({ min: 0, max: 359 }), (patch, degrees) => {
      const lies = turned(patch, degrees)
      expect(apart(stripeAngle('lengthwise', lies), degrees % 180)).toBeLessThan(1e-4)
      expect(apart(stripeAngle('crosswise', lies), (degrees + 90) % 180)).toBeLessThan(1e-4)
    }),
  )
})

test('a square, equally long every way, is taken along a side', () => {
  expect(
    stripeAngle(
      'lengthwise',
      turned(
        [
          [0, 0],
          [2, 0],
          [2, 2],
          [0, 2],
        ],
        30,
      ),
    ) % 90,
  ).toBeCloseTo(30, 4)
})

test('stripes turn and mirror with their block', () => {
  const patch: Polygon = [
    [0, 0],
    [3, 1],
    [0, 2],
  ]
  fc.assert(
    fc.property(fc.constantFrom(0 as const, 90 as const, 180 as const, 270 as const), fc.boolean(), (turn, mirror) => {
      const placed = placePolygon(patch, { turn, mirror }, 3, 2)
      expect(
        apart(placedAngle(stripeAngle('lengthwise', patch), { turn, mirror }), stripeAngle('lengthwise', placed)),
      ).toBeLessThan(1e-4)
    }),
  )
})

test('slanted sides are named once each, and level and upright ones not at all', () => {
  expect(
    slantedSides([
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
      [
        [0, 0],
        [1, 1],
        [0, 1],
      ],
    ]),
  ).toEqual([45, 135])
})
