import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import { SAMPLE, planOf, quiltOf } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { readQuilt } from '../file/readQuilt'
import { dimensionsOf } from '../top/dimensions'
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
    expect(fit.size).toEqual({ width: plan.quilt.width, height: plan.quilt.height })
    // what a border on both edges cannot take up is half a ruler step on each
    expect(Math.abs(plan.quilt.width - 84)).toBeLessThanOrEqual(1 / 8)
    expect(Math.abs(plan.quilt.height - 102)).toBeLessThanOrEqual(1 / 8)
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
          const top = dimensionsOf(read.value).top.stages.at(-1)!
          expect([top.width.total, top.height.total]).toEqual([
            expect.closeTo(fit.size.width, 6),
            expect.closeTo(fit.size.height, 6),
          ])
          expect(Math.abs(fit.size.width - width)).toBeLessThanOrEqual(quilt.ruler + 1e-6)
          expect(Math.abs(fit.size.height - height)).toBeLessThanOrEqual(quilt.ruler + 1e-6)
        }
      },
    ),
    { numRuns: 12 },
  )
})

test('every demo quilt can be made to fit a queen bed in at least three ways', () => {
  for (const file of DEMO_QUILTS) {
    const plain = { ...file, made: [] }
    const fits = fitsFor(plain, quiltOf(plain), { width: 84, height: 102 })
    if (fits.length < 3) throw new Error(`${file.name}: ${fits.map(({ way }) => way).join()}`)
  }
})
