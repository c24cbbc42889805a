import fc from 'fast-check'
import { isBareFraction, parseLength } from './length'
import { isOnRuler, roundToRuler, roundUpToRuler } from './ruler'
import { fromInches, toInches } from './units'

describe('reading a length', () => {
  test.each([
    ['12 1/2', 12.5],
    ['12-1/2', 12.5],
    ['12½', 12.5],
    ['12 ½', 12.5],
    ['1/4', 0.25],
    ['¼', 0.25],
    ['2.5in', 2.5],
    ['12½"', 12.5],
    ['12½″', 12.5],
    ['9', 9],
    ['.5', 0.5],
    ['3 ⅞', 3.875],
    ['1 1⁄2', 1.5],
    ['1 yd', 36],
    ['13/32', 13 / 32],
    ['12/16', 0.75],
  ])('%s is %d inches', (text, inches) => expect(parseLength(text, 'in')).toBeCloseTo(inches, 12))

  test.each([
    ['31.5cm', 31.5],
    ['31,5 cm', 31.5],
    ['31,5', 31.5],
    ['8 mm', 0.8],
    ['10', 10],
  ])('%s in a quilt of centimetres', (text, cm) => expect(parseLength(text, 'cm')).toBeCloseTo(cm / 2.54, 12))

  test.each(['', 'many', '1/0', '-3', '1..2', '1.5 1/2', '3 4', '12 stone', '1/2/3', 'NaN', '1e9'])(
    '%p is no length',
    text => expect(parseLength(text, 'in')).toBeNull(),
  )

  test.each([-1, Number.NaN, Number.POSITIVE_INFINITY])('%p is no length', n => expect(parseLength(n, 'in')).toBeNull())

  test('what is written in centimetres comes back as the same inches', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40000 }), tenths => {
        const inches = toInches(tenths / 10, 'cm')
        expect(toInches(fromInches(inches, 'cm'), 'cm')).toBe(inches)
      }),
    )
  })
})

test('rounding up never shortens and never adds a whole step', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 200, noNaN: true }),
      fc.constantFrom(1 / 8, 1 / 16, 0.1 / 2.54),
      (value, step) => {
        const up = roundUpToRuler(value, step)
        expect(up).toBeGreaterThan(value - 1e-5)
        expect(up).toBeLessThan(value + step)
        expect(isOnRuler(up, step)).toBe(true)
        expect(Math.abs(roundToRuler(value, step) - value)).toBeLessThanOrEqual(step / 2 + 1e-9)
      },
    ),
  )
  expect(roundUpToRuler(3.0000001, 1 / 8)).toBe(3)
  expect(roundUpToRuler(3.1036, 1 / 8)).toBe(3.125)
})

test('a fraction without a unit is asked about where centimetres are typed', () => {
  expect(['1/4', '12 1/2', '½', '12½'].map(isBareFraction)).toEqual([true, true, true, true])
  expect(['1/4"', '12 1/2 in', '0,25', '12', 'abc', '', '1/0'].map(isBareFraction)).toEqual(Array(7).fill(false))
})
