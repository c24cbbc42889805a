import fc from 'fast-check'
import { area, contains, type Point, type Polygon } from '../geometry/polygon'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { ditchLines } from './ditch'
import { inset } from './echo'
import { diagonalLines, gridLines, parallelLines, randomLines } from './straight'
import type { QuiltedTop, QuiltingLine } from './quiltingLine'
import { quiltedTop } from './quiltedTop'
import { runs } from '../testing/runs'

function topOf(file: QuiltFile): QuiltedTop {
  const { quilt, work } = planOf(file)
  return quiltedTop(quilt, work.makes, work.dimensions)
}
const lengthOf = ({ points }: QuiltingLine) =>
  points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0)
const perimeter = (polygon: Polygon) =>
  polygon.reduce((sum, [x, y], i) => {
    const [u, v] = polygon[(i + 1) % polygon.length]!
    return sum + Math.hypot(u - x, v - y)
  }, 0)

test('the patches of the top fill it, whatever the quilt', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const { width, height, beyond, patches } = topOf(file)
      const filled = patches.reduce((sum, { polygon }) => sum + area(polygon), 0)
      expect(filled / ((width - 2 * beyond) * (height - 2 * beyond))).toBeCloseTo(1, 4)
    }),
    { numRuns: runs(60) },
  )
})

test('in the ditch: as long as all seams are, each once, and on to the raw edge', () => {
  fc.assert(
    fc.property(randomQuilt, file => {
      const top = topOf({ ...file, made: [] })
      const lines = ditchLines(top, 'all')
      const [inner, outer] = [top.width - 2 * top.beyond, top.height - 2 * top.beyond]
      // every seam is the side of two patches
      const seams = (top.patches.reduce((sum, { polygon }) => sum + perimeter(polygon), 0) - 2 * (inner + outer)) / 2
      // what of each line lies within the finished edge
      const within = ({ points }: QuiltingLine) => {
        const [[ax, ay], [bx, by]] = points as [Point, Point]
        let [from, to] = [0, 1]
        for (const [at, way, most] of [
          [ax - top.beyond, bx - ax, inner],
          [ay - top.beyond, by - ay, outer],
        ] as const) {
          if (Math.abs(way) < 1e-9) continue
          from = Math.max(from, Math.min(-at / way, (most - at) / way))
          to = Math.min(to, Math.max(-at / way, (most - at) / way))
        }
        return Math.max(0, to - from) * lengthOf({ kind: 'ditch', points })
      }
      const sewn = lines.reduce((sum, line) => sum + within(line), 0)
      expect(Math.abs(sewn - seams)).toBeLessThanOrEqual(0.02 * lines.length + 1e-3 * seams)
    }),
    { numRuns: runs(60) },
  )
})

test('fifty by fifty squares are ninety-eight lines from edge to edge', () => {
  const top = topOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a', colour: '#222222' }],
    blocks: [{ id: 'one', design: 'plain', size: 2, cloths: { cloth: 'a' } }],
    setting: { across: 50, down: 50 },
  })
  const lines = ditchLines(top, 'all')
  expect(lines).toHaveLength(98)
  for (const line of lines) expect(lengthOf(line)).toBeCloseTo(100.5, 6)
})

const SPACED: Record<string, (top: QuiltedTop) => QuiltingLine[]> = {
  lines: top => parallelLines(top, { kind: 'lines', spacing: 2, angle: 30, where: 'all' }),
  grid: top => gridLines(top, { spacing: 3, angle: 45, where: 'all' }),
  blocks: top => parallelLines(top, { kind: 'lines', spacing: 2, angle: 0, where: 'blocks' }),
  border: top => gridLines(top, { spacing: 1, angle: 0, where: 'borders' }),
  diagonal: top => diagonalLines(top, 'all'),
  random: top => randomLines(top, { count: 30, seed: 7, where: 'all' }),
}

test.each(Object.entries(SPACED))('%s lie inside what they are meant for', (name, make) => {
  const top = topOf(SAMPLE)
  const lines = make(top)
  expect(lines.length).toBeGreaterThan(4)
  for (const { points } of lines) {
    const [from, to] = points as [Point, Point]
    for (const t of [0.01, 0.3, 0.71, 0.99]) {
      const [x, y] = [from[0] + (to[0] - from[0]) * t, from[1] + (to[1] - from[1]) * t]
      expect(x >= -1e-9 && y >= -1e-9 && x <= top.width + 1e-9 && y <= top.height + 1e-9).toBe(true)
      const kind = name === 'blocks' ? 'block' : name === 'border' ? 'border' : null
      if (!kind) continue
      // a hair to either side, for a line may run along a seam
      const near = [1e-6, -1e-6].flatMap((dx): Point[] => [
        [x + dx, y],
        [x, y + dx],
      ])
      expect(near.some(point => top.parts.some(p => p.kind === kind && contains(p.outline, point)))).toBe(true)
    }
  }
})

test('random lines do not overlap, and the same seed gives the same', () => {
  const top = topOf(SAMPLE)
  const lines = randomLines(top, { count: 40, seed: 3, where: 'all' })
  expect(lines).toHaveLength(40)
  expect(randomLines(top, { count: 40, seed: 3, where: 'all' })).toEqual(lines)
  expect(randomLines(top, { count: 40, seed: 4, where: 'all' })).not.toEqual(lines)
})

test('diagonals run through the corners of blocks', () => {
  const top = topOf(SAMPLE)
  const corners = top.parts.filter(({ kind }) => kind === 'block').flatMap(({ outline }) => outline)
  const lines = diagonalLines(top, 'all')
  for (const corner of corners) {
    const through = lines.filter(({ points }) => {
      const [[ax, ay], [bx, by]] = points as [Point, Point]
      const length = Math.hypot(bx - ax, by - ay)
      return Math.abs((corner[0] - ax) * (by - ay) - (corner[1] - ay) * (bx - ax)) / length < 0.02
    })
    expect(through.length).toBeGreaterThanOrEqual(1)
  }
})

test('half an inch left inside is quilted round, however it was reckoned; less is not', () => {
  const strip = (depth: number): Polygon => [
    [0, 31],
    [9, 31],
    [9, 31 + depth],
    [0, 31 + depth],
  ]
  for (const depth of [1, 1 - 1e-12, 1 + 1e-12]) expect(inset(strip(depth), 0.25)).toHaveLength(4)
  expect(inset(strip(0.99), 0.25)).toBeNull()
})
