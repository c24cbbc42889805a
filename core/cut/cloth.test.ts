import fc from 'fast-check'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { greyOf, lightness } from '../measure/lightness'
import { runs } from '../testing/runs'

const colour = fc.integer({ min: 0, max: 0xffffff }).map(n => `#${n.toString(16).padStart(6, '0')}`)

test('lightness: black 0, white 100, middle grey #777777 about 50', () => {
  expect([lightness('#000000'), lightness('#ffffff')]).toEqual([0, expect.closeTo(100, 6)])
  expect(lightness('#777777')).toBeCloseTo(50.03, 1)
})

test('the grey of a colour is as light as the colour', () => {
  fc.assert(
    fc.property(colour, c => {
      const grey = greyOf(c)
      expect(grey.slice(1, 3) + grey.slice(3, 5)).toBe(grey.slice(3, 5) + grey.slice(5, 7))
      expect(Math.abs(lightness(grey) - lightness(c))).toBeLessThan(0.5)
    }),
  )
})

test('the agreed example of cloth to buy: 97.25 + 9.725 + 1 = 107.975, sold as 108', () => {
  const soot = planOf(SAMPLE).plan.cloths.find(cloth => cloth.id === 'soot')!
  const expected = Math.ceil((soot.need * 1.1 + 1) / 4.5 - 1e-6) * 4.5
  expect(soot.buy).toBeCloseTo(expected, 9)
  expect(Math.ceil((97.25 * 1.1 + 1) / 4.5) * 4.5).toBe(108)
})

test('a cloth that shrinks gives less width and wants more length', () => {
  const shrink = (part: number) =>
    planOf({ ...SAMPLE, cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, shrink: part })) }).plan.cloths[0]!
  const plain = shrink(0)
  const washed = shrink(0.05)
  expect(washed.usable).toBeCloseTo(42 * 0.95 - 1, 9)
  expect(washed.need).toBeGreaterThanOrEqual(plain.need)
  expect(washed.buy).toBeGreaterThan(washed.need / 0.95)
})

test('a wider cloth never needs more, and more margin never buys less', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 36, max: 100 }),
      fc.integer({ min: 0, max: 30 }),
      fc.double({ min: 0, max: 0.5, noNaN: true }),
      (width, wider, margin) => {
        const of = (w: number, m: number) =>
          planOf({ ...SAMPLE, margin: m, cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, width: w })) }).plan.cloths[3]!
        const narrow = of(width, margin)
        const wide = of(width + wider, margin)
        expect(wide.bound).toBeLessThanOrEqual(narrow.bound + 1e-6)
        expect(of(width, margin + 0.1).buy).toBeGreaterThanOrEqual(narrow.buy)
      },
    ),
    { numRuns: runs(25) },
  )
})
