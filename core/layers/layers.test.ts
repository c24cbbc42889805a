import fc from 'fast-check'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { planBacking } from './backing'
import { planBatting } from './batting'

const side = fc.integer({ min: 40, max: 960 }).map(n => n / 8)

test('panels cover the raw top and its overhang, no fewer would, and the seams run the way that needs less', () => {
  fc.assert(
    fc.property(
      side,
      side,
      fc.constantFrom(0, 2, 4, 5),
      fc.constantFrom(40, 42, 60, 108),
      (width, height, overhang, clothWidth) => {
        const quilt = quiltOf({
          ...SAMPLE,
          cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, width: clothWidth })),
          backing: { cloth: 'cream', overhang },
        })
        const usable = clothWidth - 1
        const back = planBacking(quilt, width, height)!
        const needed = [width + 0.5 + 2 * overhang, height + 0.5 + 2 * overhang] as const
        const way = (spanned: number, length: number) => {
          const panels = spanned <= usable ? 1 : Math.ceil((spanned - 1) / (usable - 1) - 1e-9)
          return panels * length
        }
        const least = Math.min(way(needed[0], needed[1]), way(needed[1], needed[0]))
        expect(back.panels.total * back.panelLength.total).toBeCloseTo(least, 6)
        // each join takes an inch
        const spanned = back.panelLength.total === needed[1] ? needed[0] : needed[1]
        expect(back.panels.total * usable - (back.panels.total - 1)).toBeGreaterThanOrEqual(spanned - 1e-6)
        expect(back.seams === 'none').toBe(back.panels.total === 1)
        expect(back.buy.total).toBeGreaterThanOrEqual(least - 1e-6)
        expect(back.buy.total / 4.5).toBeCloseTo(Math.round(back.buy.total / 4.5), 9)
      },
    ),
  )
})

test('batting lies between the top and the back', () => {
  fc.assert(
    fc.property(side, side, (width, height) => {
      const quilt = quiltOf({ ...SAMPLE, backing: { cloth: 'cream', overhang: 4 }, batting: { overhang: 3 } })
      const batting = planBatting(quilt, width, height)!
      const back = planBacking(quilt, width, height)!
      expect(batting.width.total).toBeCloseTo(width + 6.5, 9)
      expect(back.width.total - batting.width.total).toBeCloseTo(2, 9)
      expect(back.height.total - batting.height.total).toBeCloseTo(2, 9)
    }),
  )
})

test('without a backing there is none', () => {
  expect(planBacking(quiltOf({ ...SAMPLE, backing: null }), 60, 81)).toBeNull()
  expect(planBatting(quiltOf({ ...SAMPLE, batting: null }), 60, 81)).toBeNull()
})
