import fc from 'fast-check'
import { SAMPLE, planOf, quiltOf } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { readQuilt } from '../file/readQuilt'
import { fitsFor, MATTRESSES, sizeForBed } from './bedFit'

test('a queen bed with drops of 12 and a tuck of 10 wants 84 by 102, and the sample reaches it in three ways', () => {
  const queen = MATTRESSES.find(({ name }) => name === 'queen')!
  const wanted = sizeForBed({ ...queen, depth: 10, drop: 12, foot: 12, tuck: 10 })
  expect(wanted).toEqual({ width: 84, height: 102 })
  const file = { ...SAMPLE, made: [] }
  const fits = fitsFor(file, quiltOf(file), wanted)
  expect(fits.length).toBeGreaterThanOrEqual(3)
  for (const fit of fits) {
    const { plan } = planOf(fit.edit(file))
    expect([plan.quilt.width, plan.quilt.height]).toEqual([84, 102])
    expect(fit.size).toEqual({ width: 84, height: 102 })
  }
})

test('whatever way is offered is as large as it says, within a ruler step of what was wanted', () => {
  fc.assert(
    fc.property(
      randomQuilt,
      fc.integer({ min: 30, max: 110 }),
      fc.integer({ min: 30, max: 110 }),
      (file, width, height) => {
        const plain = { ...file, made: [] }
        const quilt = quiltOf(plain)
        for (const fit of fitsFor(plain, quilt, { width, height })) {
          const read = readQuilt(fit.edit(plain))
          if (!read.ok) throw new Error(JSON.stringify(read.problems))
          const { plan } = planOf(fit.edit(plain))
          expect([plan.quilt.width, plan.quilt.height]).toEqual([
            expect.closeTo(fit.size.width, 6),
            expect.closeTo(fit.size.height, 6),
          ])
          expect(Math.abs(fit.size.width - width)).toBeLessThanOrEqual(quilt.ruler + 1e-6)
          expect(Math.abs(fit.size.height - height)).toBeLessThanOrEqual(quilt.ruler + 1e-6)
        }
      },
    ),
    { numRuns: 25 },
  )
})
