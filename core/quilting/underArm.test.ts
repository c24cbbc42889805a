import fc from 'fast-check'
import { contains, type Point } from '../geometry/polygon'
import { underArm } from './underArm'
import { runs } from '../testing/runs'

test('sewn from the top down, what stands to the right on the drawing is under the arm', () => {
  const down: Point[] = [
    [15, 0],
    [15, 80],
  ]
  expect(underArm(down, { width: 60, height: 80 })!.share).toBeCloseTo(0.75, 9)
  expect(underArm([...down].reverse(), { width: 60, height: 80 })!.share).toBeCloseTo(0.25, 9)
  expect(underArm([[3, 3]], { width: 60, height: 80 })).toBeNull()
})

test('its share is that of points thrown on the quilt, and the other way round the rest is', () => {
  const at = (most: number) => fc.double({ min: 1, max: most - 1, noNaN: true })
  fc.assert(
    fc.property(at(60), at(80), at(60), at(80), (a, b, c, d) => {
      fc.pre(Math.hypot(c - a, d - b) > 1)
      const size = { width: 60, height: 80 }
      const line: Point[] = [
        [a, b],
        [c, d],
      ]
      const { outline, share } = underArm(line, size)!
      let inside = 0
      let astray = 0
      for (let i = 0; i < 60; i++)
        for (let j = 0; j < 80; j++) {
          const p: Point = [i + 0.5, j + 0.5]
          const right = (c - a) * (p[1] - b) - (d - b) * (p[0] - a) < 0
          const isOnTheLine = Math.abs((c - a) * (p[1] - b) - (d - b) * (p[0] - a)) <= 1e-6
          if (!isOnTheLine && contains(outline, p) !== right) astray += 1
          inside += right ? 1 : 0
        }
      expect(astray).toBe(0)
      expect(Math.abs(inside / 4800 - share)).toBeLessThan(0.03)
      expect(underArm([...line].reverse(), size)!.share).toBeCloseTo(1 - share, 6)
    }),
    { numRuns: runs(50) },
  )
})
