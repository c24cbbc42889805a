import fc from 'fast-check'
import { planOf, SAMPLE } from '../../testing/quiltOf'
import { runs } from '../../testing/runs'

test('strips of a binding, sewn end to end, reach round, and one fewer would not, whichever join loses what', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('straight', 'diagonal'),
      fc.integer({ min: 160, max: 360 }).map(n => n / 8),
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 9 }),
      (join, width, across, down) => {
        const { plan, quilt } = planOf({
          ...SAMPLE,
          cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, width, selvage: 0 })),
          setting: { across, down, fill: [['plain']] },
          borders: [],
          binding: { style: 'double', strip: 2.25, cloth: 'soot', join },
        })
        const binding = plan.binding!
        if (!('strips' in binding)) throw new Error('a binding of strips')
        const { strips, length } = binding
        const perimeter = 2 * (plan.quilt.width + plan.quilt.height + 4 * quilt.seam)
        expect(length).toBeCloseTo(perimeter + 12, 6)
        // laid end to end: a diagonal join takes a strip's width from both together, a straight one a seam from each
        const reach = (count: number) => {
          let long = width
          for (let n = 1; n < count; n++) long += width - (join === 'diagonal' ? 2.25 : 2 * quilt.seam)
          return long
        }
        expect(reach(strips)).toBeGreaterThanOrEqual(length - 1e-6)
        expect(strips === 1 || reach(strips - 1) < length - 1e-9).toBe(true)
      },
    ),
    { numRuns: runs(60) },
  )
})
