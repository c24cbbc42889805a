import fc from 'fast-check'
import { parseLength } from '../core/measure/length'
import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { randomQuilt } from '../core/testing/randomQuilt'
import { DEMO_QUILTS } from '../demo'
import { clothToBuy } from './check'
import { formatBought, withPlainSpaces } from './length'
import type { Speech } from './speech'
import { runs } from '../core/testing/runs'

/** What a text of a length to buy is worth, in inches. */
function boughtInches(text: string): number {
  const [, figure, unit] = /^(.*) (yd|m)$/.exec(withPlainSpaces(text))!
  return parseLength(figure!, 'in')! * (unit === 'yd' ? 36 : 1 / 0.0254)
}

const speechOf = (units: 'in' | 'cm') => ({ units, english: units === 'in' ? 'us' : 'uk' }) as Speech

test('no length to buy is written shorter than it is, nor longer than the next that a shop sells', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 2000, noNaN: true }), fc.constantFrom('in', 'cm'), (inches, units) => {
      const bought = boughtInches(formatBought(inches, speechOf(units as 'in')))
      expect(bought).toBeGreaterThanOrEqual(inches - 1e-6)
      expect(bought).toBeLessThan(inches + (units === 'in' ? 4.5 : 10 / 2.54) + 1e-6)
    }),
  )
})

test('whatever a plan says to buy is enough for what is needed, in steps that a shop sells', () => {
  const sold = { overhang: 3, width: 90 }
  fc.assert(
    fc.property(fc.oneof(randomQuilt, fc.constantFrom(SAMPLE, ...DEMO_QUILTS)), file => {
      const { quilt, plan } = planOf({ ...file, batting: sold })
      const speech = speechOf(quilt.units)
      const step = quilt.units === 'in' ? 4.5 : 10 / 2.54
      const bought = [
        ...plan.cloths.filter(({ unit }) => unit === 'in').map(({ need, buy }) => ({ need, buy })),
        ...(plan.backing ? [plan.backing, ...plan.backing.ways] : []).map(({ panels, panelLength, buy }) => ({
          need: panels * panelLength,
          buy,
        })),
        ...(plan.batting?.buy ? [{ need: plan.batting.need!, buy: plan.batting.buy.length }] : []),
      ]
      for (const { need, buy } of bought) {
        expect(buy).toBeGreaterThanOrEqual(need - 1e-6)
        expect(buy / step).toBeCloseTo(Math.round(buy / step), 6)
        expect(boughtInches(clothToBuy(buy, 'in', speech))).toBeCloseTo(buy, 6)
      }
    }),
    { numRuns: runs(40) },
  )
})
