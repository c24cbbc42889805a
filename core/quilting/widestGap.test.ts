import fc from 'fast-check'
import { widestGap, type LineStretch } from './widestGap'
import { runs } from '../testing/runs'

const at = (most: number) => fc.integer({ min: 0, max: most * 16 }).map(n => n / 16)
const line = fc.tuple(at(60), at(60), at(60), at(60)) as fc.Arbitrary<LineStretch>

function distance([ax, ay, bx, by]: LineStretch, x: number, y: number): number {
  const [dx, dy] = [bx - ax, by - ay]
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
  return Math.hypot(x - ax - t * dx, y - ay - t * dy)
}

/** Every point of a fine grid against every line and the edge. */
function byGrid(width: number, height: number, lines: readonly LineStretch[], step: number): number {
  let most = 0
  for (let x = step; x < width; x += step)
    for (let y = step; y < height; y += step) {
      let least = Math.min(x, y, width - x, height - y)
      for (const other of lines) {
        if (least <= most) break
        least = Math.min(least, distance(other, x, y))
      }
      if (least > most) most = least
    }
  return 2 * most
}

test('random plans: the widest place is that of a fine grid, within its own error and 1/16″', () => {
  fc.assert(
    fc.property(at(30), at(30), fc.array(line, { maxLength: 14 }), (w, h, lines) => {
      const [width, height] = [w + 20, h + 20]
      const { size, x, y, isProven } = widestGap(width, height, lines)
      expect(isProven).toBe(true)
      const step = 1 / 8
      const grid = byGrid(width, height, lines, step)
      expect(size).toBeGreaterThanOrEqual(grid - 1 / 16 - 1e-9)
      expect(size).toBeLessThanOrEqual(grid + 2 * step)
      // and there it is
      const here = Math.min(x, y, width - x, height - y, ...lines.map(other => distance(other, x, y)))
      expect(2 * here).toBeCloseTo(size, 9)
    }),
    { numRuns: runs(100) },
  )
}, 120_000)

test('parallels leave their spacing, a grid its squares, ties the circle through four of them', () => {
  const parallels = Array.from({ length: 24 }, (_, i): LineStretch => [0, 4 * (i + 1), 100, 4 * (i + 1)])
  expect(widestGap(100, 100, parallels).size).toBeCloseTo(4, 2)
  const slanted = Array.from({ length: 80 }, (_, i): LineStretch => [-100 + i * 5, 0, i * 5, 100])
  const { size } = widestGap(100, 100, slanted)
  expect(Math.abs(size - 5 / Math.SQRT2)).toBeLessThan(1 / 16)
  const ties = Array.from({ length: 19 * 19 }, (_, i): LineStretch => {
    const [x, y] = [5 * ((i % 19) + 1), 5 * (Math.floor(i / 19) + 1)]
    return [x, y, x, y]
  })
  // middle of four ties 5″ apart: half the diagonal
  expect(Math.abs(widestGap(100, 100, ties).size - 5 * Math.SQRT2)).toBeLessThan(1 / 16)
  expect(widestGap(40, 60, []).size).toBeCloseTo(40, 2)
})
