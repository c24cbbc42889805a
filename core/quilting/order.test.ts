import fc from 'fast-check'
import type { Point } from '../geometry/polygon'
import { DEMO_QUILTS } from '../../demo'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { ditchLines } from './ditch'
import { inOrder, quarterTurns } from './order'
import { underArm } from './underArm'
import type { QuiltingLine } from './quiltingLine'
import { gridLines, parallelLines } from './straight'
import { quiltedTop } from './quiltedTop'
import { trailsOf, type Trail } from './trails'
import { runs } from '../testing/runs'

const SIZE = { width: 12, height: 12 }
const cross = ([ax, ay]: Point, [bx, by]: Point) => ax * by - ay * bx
const less = ([ax, ay]: Point, [bx, by]: Point): Point => [ax - bx, ay - by]

/** The fewest starts and stops there can be, from the net of lines cut wherever two of them meet. */
function fewestStops(lines: readonly QuiltingLine[]): number {
  const segments = lines.flatMap(({ points }) => points.slice(1).map((to, i) => [points[i]!, to] as const))
  const name = ([x, y]: Point) => `${x.toFixed(3)} ${y.toFixed(3)}`
  const degree = new Map<string, number>()
  const parent = new Map<string, string>()
  const root = (key: string): string => (parent.get(key) === key ? key : root(parent.get(key)!))
  for (const [a, b] of segments) {
    const cuts = segments.flatMap(([c, d]): number[] => {
      const [r, s] = [less(b, a), less(d, c)]
      const by = cross(r, s)
      if (Math.abs(by) < 1e-9) return []
      const t = cross(less(c, a), s) / by
      const u = cross(less(c, a), r) / by
      return t > -1e-9 && t < 1 + 1e-9 && u > -1e-9 && u < 1 + 1e-9 ? [t] : []
    })
    const places = [...new Set([0, 1, ...cuts].map(t => Math.round(t * 1e7) / 1e7))].sort((p, q) => p - q)
    places.slice(1).forEach((to, i) => {
      const at = (t: number) => name([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t])
      const [one, other] = [at(places[i]!), at(to)]
      for (const key of [one, other]) {
        degree.set(key, (degree.get(key) ?? 0) + 1)
        if (!parent.has(key)) parent.set(key, key)
      }
      parent.set(root(one), root(other))
    })
  }
  const nets = new Map<string, { odd: number; onEdge: boolean }>()
  for (const [key, count] of degree) {
    const [x, y] = key.split(' ').map(Number) as [number, number]
    const isEdge = x < 1e-6 || y < 1e-6 || x > SIZE.width - 1e-6 || y > SIZE.height - 1e-6
    const net = nets.get(root(key)) ?? { odd: 0, onEdge: false }
    if (isEdge) net.onEdge = true
    else if (count % 2 === 1) net.odd += 1
    nets.set(root(key), net)
  }
  return [...nets.values()].reduce((sum, { odd, onEdge }) => sum + (odd > 0 || onEdge ? odd : 2), 0)
}
const stopsOf = (trails: readonly Trail[]) =>
  trails.reduce((sum, { from, to }) => sum + Number(from === 'inside') + Number(to === 'inside'), 0)
const lengthOf = (points: readonly Point[]) =>
  points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0)

/** Lines along a grid, that meet at its points and do not overlap: as seams do. */
const net = fc
  .uniqueArray(fc.tuple(fc.nat(3), fc.nat(3), fc.constantFrom('right', 'down', 'slant', 'back')), {
    minLength: 1,
    maxLength: 24,
    selector: entry => entry.join(),
  })
  .map(all =>
    all.map(([c, r, way]): QuiltingLine => {
      const at = (x: number, y: number): Point => [1.5 + x * 3, 1.5 + y * 3]
      const ends: [Point, Point] =
        way === 'right'
          ? [at(c - 0.5, r), at(c + 0.5, r)]
          : way === 'down'
            ? [at(c, r - 0.5), at(c, r + 0.5)]
            : way === 'slant'
              ? [at(c - 0.5, r), at(c, r + 0.5)]
              : [at(c + 0.5, r), at(c, r + 0.5)]
      return { kind: 'ditch', points: ends }
    }),
  )

test('random nets: all of every line is followed once, with no more stops than its odd points ask for', () => {
  fc.assert(
    fc.property(net, lines => {
      const trails = trailsOf(lines, SIZE, Infinity)
      const sum = (all: readonly (readonly Point[])[]) => all.reduce((total, points) => total + lengthOf(points), 0)
      expect(sum(trails.map(({ points }) => points))).toBeCloseTo(sum(lines.map(({ points }) => points)), 6)
      for (const { points } of lines)
        for (const t of [0.13, 0.5, 0.9]) {
          const [[ax, ay], [bx, by]] = points as [Point, Point]
          const at: Point = [ax + (bx - ax) * t, ay + (by - ay) * t]
          const on = trails.flatMap(trail =>
            trail.points.slice(1).filter(([x, y], i) => {
              const [u, v] = trail.points[i]!
              const way = Math.hypot(at[0] - u, at[1] - v) + Math.hypot(at[0] - x, at[1] - y)
              return way - Math.hypot(x - u, y - v) < 1e-7
            }),
          )
          expect(on.length).toBeGreaterThanOrEqual(1)
        }
      expect(stopsOf(trails)).toBe(fewestStops(lines))
    }),
    { numRuns: runs(500) },
  )
})

test('anchors come first, from the middle outwards, with no more than half of the quilt under the arm', () => {
  const { quilt, work } = planOf(SAMPLE)
  const top = quiltedTop(quilt, work.makes, work.dimensions)
  for (const lines of [
    ditchLines(top, 'all'),
    gridLines(top, { spacing: 4, angle: 45, where: 'all' }),
    parallelLines(top, { kind: 'lines', spacing: 3, angle: 20, where: 'all' }),
  ]) {
    const trails = trailsOf(lines, top)
    const { trails: ordered, anchors } = inOrder(trails, top, 'from-the-middle')
    expect(ordered).toHaveLength(trails.length)
    expect(ordered.reduce((sum, { points }) => sum + lengthOf(points), 0)).toBeCloseTo(
      trails.reduce((sum, { points }) => sum + lengthOf(points), 0),
      6,
    )
    expect(anchors).toBeGreaterThan(1)
    for (const [i, trail] of ordered.entries()) {
      const [[ax, ay], [bx, by]] = [trail.points[0]!, trail.points.at(-1)!]
      const isLong = Math.abs(bx - ax) >= top.width / 2 || Math.abs(by - ay) >= top.height / 2
      expect(trail.points.length === 2 && isLong).toBe(i < anchors)
      if (i < anchors) expect(underArm(trail.points, top)!.share).toBeLessThanOrEqual(0.5 + 1e-6)
    }
    const fromEdge = inOrder(trails, top, 'from-the-edge')
    expect(underArm(fromEdge.trails[0]!.points, top)!.share).toBeLessThanOrEqual(
      underArm(ordered[0]!.points, top)!.share,
    )
  }
})

/** Turns of more than thirty degrees, counted by the angle of the arms. */
const sharp = (points: readonly Point[]) =>
  points.slice(1, -1).filter((at, i) => {
    const [a, b] = [less(at, points[i]!), less(points[i + 2]!, at)]
    const cosine = (a[0] * b[0] + a[1] * b[1]) / (Math.hypot(...a) * Math.hypot(...b))
    return Math.acos(Math.min(1, Math.max(-1, cosine))) > Math.PI / 6
  }).length

test('no run turns more often than a person would, long straight seams stay whole, all is followed once', () => {
  for (const file of [SAMPLE, ...DEMO_QUILTS]) {
    const { quilt, work, plan } = planOf({ ...file, quilting: [{ kind: 'ditch' }] })
    const top = quiltedTop(quilt, work.makes, work.dimensions)
    const lines = ditchLines(top, 'all')
    const { lines: sewn, turns, corners, anchors } = plan.quilting!
    for (const { points } of sewn) expect(sharp(points)).toBeLessThanOrEqual(12)
    expect(corners).toBe(sewn.reduce((sum, { points }) => sum + sharp(points), 0))
    expect(turns).toBeGreaterThanOrEqual(corners)
    const all = (list: readonly { points: readonly Point[] }[]) =>
      list.reduce((sum, { points }) => sum + lengthOf(points), 0)
    expect(all(sewn)).toBeCloseTo(all(lines), 4)
    const long = lines.filter(({ points }) => {
      const [[ax, ay], [bx, by]] = points as [Point, Point]
      return Math.abs(bx - ax) >= top.width / 2 || Math.abs(by - ay) >= top.height / 2
    })
    expect(anchors).toBe(long.length)
  }
})

test('the quilt is not turned for every line: lines of two directions by turns are sewn direction by direction', () => {
  // places an inch apart, level and upright lines by turns: the nearest is always of the other direction
  const lines = Array.from({ length: 10 }, (_, i): QuiltingLine => {
    const [x, y] = [15 + i, 20]
    const ends: Point[] =
      i % 2 === 0
        ? [
            [x, y],
            [x + 0.5, y],
          ]
        : [
            [x, y],
            [x, y + 0.5],
          ]
    return { kind: 'motif', points: ends }
  })
  const top = { width: 40, height: 40, beyond: 0.25, parts: [], patches: [] }
  const { trails } = inOrder(trailsOf(lines, top), top, 'from-the-middle')
  expect(trails).toHaveLength(10)
  const ways = trails.map(({ points: [from, to] }) => (Math.abs(from![0] - to![0]) > 0.1 ? 'level' : 'upright'))
  expect(ways.filter((way, i) => i > 0 && way !== ways[i - 1]).length).toBeLessThanOrEqual(3)
  expect(quarterTurns(trails)).toBeLessThanOrEqual(6)
})
