import fc from 'fast-check'
import type { Point } from '../../geometry/polygon'
import { joinPicture } from './joinPicture'

test('opened along its seam, the second strip goes on where the first ends', () => {
  const sizes = fc.double({ min: 1, max: 4, noNaN: true })
  fc.assert(
    fc.property(sizes, fc.constantFrom('diagonal' as const, 'straight' as const), (strip, join) => {
      const { shapes, lines } = joinPicture(['a', 'b'], strip, join, 1 / 4)
      const [under, over] = shapes as [(typeof shapes)[number], (typeof shapes)[number]]
      expect([under.cloth, under.side, over.cloth, over.side]).toEqual(['a', 'right', 'b', 'wrong'])
      const { from, to } = lines.find(({ kind }) => kind === 'sew')!
      const length = Math.hypot(to[0] - from[0], to[1] - from[1])
      const [ux, uy] = [(to[0] - from[0]) / length, (to[1] - from[1]) / length]
      const opened = over.points.map(([x, y]): Point => {
        const [dx, dy] = [x - from[0], y - from[1]]
        const along = dx * ux + dy * uy
        return [from[0] + 2 * along * ux - dx, from[1] + 2 * along * uy - dy]
      })
      const spread = (points: readonly Point[], axis: 0 | 1) => points.map(point => point[axis])
      // as wide as the first, edges in line, and farther along
      expect(Math.min(...spread(opened, 1))).toBeCloseTo(Math.min(...spread(under.points, 1)), 9)
      expect(Math.max(...spread(opened, 1))).toBeCloseTo(Math.max(...spread(under.points, 1)), 9)
      expect(Math.max(...spread(opened, 0))).toBeGreaterThan(Math.max(...spread(under.points, 0)))
    }),
  )
})
