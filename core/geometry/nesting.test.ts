import fc from 'fast-check'
import { convexOverlap } from '../testing/overlap'
import { runs } from '../testing/runs'
import { nestedIn, nestedLength, nestings, type Nesting } from './nesting'
import { area, boundingBox, contains, movePolygon, type Point, type Polygon } from './polygon'

/** Corners at growing angles round a middle, on circles of different size: simple, often with corners that go in. */
const star = fc.array(fc.double({ min: 1, max: 5, noNaN: true }), { minLength: 4, maxLength: 9 }).map(radii =>
  radii.map((radius, i): Point => {
    const angle = (2 * Math.PI * i) / radii.length
    return [radius * Math.cos(angle), radius * Math.sin(angle)]
  }),
)

/** Corners on an ellipse: none goes in. */
const round = fc
  .tuple(
    fc.uniqueArray(fc.integer({ min: 0, max: 23 }), { minLength: 4, maxLength: 7 }),
    fc.double({ min: 1, max: 6, noNaN: true }),
  )
  .map(([hours, wide]) =>
    [...hours]
      .sort((a, b) => a - b)
      .map((hour): Point => {
        const angle = (Math.PI * hour) / 12
        return [wide * Math.cos(angle), 3 * Math.sin(angle)]
      }),
  )

/** Copies from the first on, as the nesting says that they lie. */
const laid = (nesting: Nesting, count: number): Polygon[] =>
  Array.from({ length: count }, (_, i) =>
    movePolygon(nesting.outlines[(i % 2) as 0 | 1], nestedLength(nesting, i + 1) - nesting.length, 0),
  )

/** Whether two outlines share a point well inside both, looked for one by one. */
function share(one: Polygon, other: Polygon): boolean {
  const { x, y, width, height } = boundingBox(one)
  const deepInside = (polygon: Polygon, at: Point) =>
    [
      [0, 0],
      [1e-4, 0],
      [-1e-4, 0],
      [0, 1e-4],
      [0, -1e-4],
    ].every(([dx, dy]) => contains(polygon, [at[0] + dx!, at[1] + dy!]))
  for (let i = 0; i < 40; i++)
    for (let j = 0; j < 40; j++) {
      const at: Point = [x + (width * (i + 0.5)) / 40, y + (height * (j + 0.5)) / 40]
      if (deepInside(one, at) && deepInside(other, at)) return true
    }
  return false
}

test('copies stay in their band and never lie on each other, as they lie or turned by a quarter', () => {
  fc.assert(
    fc.property(fc.oneof(star, round), outline => {
      const ways = nestings(outline)
      expect(ways).toHaveLength(4)
      for (const way of ways) {
        const copies = laid(way, 4)
        for (const copy of copies) {
          expect(area(copy)).toBeCloseTo(area(outline), 6)
          const { y, height } = boundingBox(copy)
          expect(y).toBeGreaterThan(-1e-6)
          expect(y + height).toBeLessThan(way.depth + 1e-6)
        }
        expect(boundingBox(copies.flat()).width).toBeCloseTo(nestedLength(way, 4), 6)
        copies.forEach((copy, i) => copies.slice(i + 1).forEach(later => expect(share(copy, later)).toBe(false)))
      }
    }),
    { numRuns: runs(60) },
  )
})

test('copies without corners that go in touch: a hair closer they would overlap', () => {
  fc.assert(
    fc.property(round, outline => {
      for (const way of nestings(outline)) {
        const [first, second] = laid(way, 2)
        expect(convexOverlap(first!, second!)).toBeLessThan(1e-6)
        expect(convexOverlap(first!, movePolygon(second!, -0.05, 0))).toBeGreaterThan(1e-6)
      }
    }),
    { numRuns: runs(60) },
  )
})

test('counted by laying one after the other, and the same in the mirror', () => {
  fc.assert(
    fc.property(round, fc.double({ min: 3, max: 60, noNaN: true }), (outline, room) => {
      const mirror = nestings(outline.map(([x, y]): Point => [-x, y]))
      for (const way of nestings(outline)) {
        const count = nestedIn(way, room)
        const reach = (copies: number) => boundingBox(laid(way, copies).flat()).width
        if (count > 0) expect(reach(count)).toBeLessThanOrEqual(room + 1e-6)
        expect(reach(count + 1)).toBeGreaterThan(room - 1e-6)
        const isLike = (other: Nesting) =>
          [5, 6].every(copies => Math.abs(nestedLength(other, copies) - nestedLength(way, copies)) < 1e-6)
        expect(mirror.some(isLike)).toBe(true)
      }
    }),
    { numRuns: runs(60) },
  )
})
