import fc from 'fast-check'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { seamRecord, stepsToMove } from './seamRecord'

interface Test {
  sewn: number
  needle?: number
  cloth?: 'thin' | 'thick'
}

/** Three strips of 3″, measured as they would if each allowance took so much. */
function recordOf(tests: readonly Test[]) {
  const made = tests.map(({ sewn, ...rest }) => ({
    what: 'seam-test',
    strips: 3,
    cut: 3,
    measured: 9 - 4 * sewn,
    ...rest,
  }))
  return seamRecord(quiltOf({ ...SAMPLE, made }))
}

test('what the machine really sewed is found again, test by test', () => {
  const { tests } = recordOf([{ sewn: 0.25 }, { sewn: 0.27, cloth: 'thick' }])
  expect(tests.map(({ sewn }) => sewn)).toEqual([expect.closeTo(0.25, 9), expect.closeTo(0.27, 9)])
  expect(tests[1]!.cloth).toBe('thick')
})

test('limits come from three tests alike, and lie as far from the mean as three deviations in the long run', () => {
  expect(recordOf([{ sewn: 0.25 }, { sewn: 0.26 }]).limits).toBeNull()
  // cloths apart: thick cloth says nothing of thin
  expect(recordOf([{ sewn: 0.25 }, { sewn: 0.26, cloth: 'thick' }, { sewn: 0.25 }]).limits).toBeNull()
  // by turns a little more and a little less: the deviation is known
  const by = 0.01
  const { limits } = recordOf(Array.from({ length: 30 }, (_, i) => ({ sewn: 0.25 + (i % 2 === 0 ? by : -by) })))
  expect(limits!.mean.total).toBeCloseTo(0.25, 9)
  expect(limits!.high.total - limits!.mean.total).toBeCloseTo((3 / 1.128) * 2 * by, 3)
  expect(limits!.mean.total - limits!.low.total).toBeCloseTo((3 / 1.128) * 2 * by, 3)
})

test('the step of a needle is learnt from two tests, and leads to the seam that is wanted', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.005, max: 0.03, noNaN: true }),
      fc.boolean(),
      fc.integer({ min: -6, max: 6 }),
      fc.integer({ min: -6, max: 6 }),
      (size, isOutwards, one, other) => {
        fc.pre(one !== other)
        const step = isOutwards ? size : -size
        const sewnAt = (needle: number) => 0.26 + step * needle
        const found = recordOf([
          { sewn: sewnAt(one), needle: one },
          { sewn: sewnAt(other), needle: other },
        ])
        expect(found.step!.total).toBeCloseTo(step, 9)
        const moved = other + stepsToMove(sewnAt(other) - 0.25, found.step!.total)!
        expect(Math.abs(sewnAt(moved) - 0.25)).toBeLessThanOrEqual(size / 2 + 1e-9)
      },
    ),
  )
})

test('a needle that was not moved teaches nothing, and a step of nothing leads nowhere', () => {
  expect(
    recordOf([
      { sewn: 0.25, needle: 2 },
      { sewn: 0.26, needle: 2 },
    ]).step,
  ).toBeNull()
  expect(recordOf([{ sewn: 0.25 }, { sewn: 0.26 }]).step).toBeNull()
  expect(stepsToMove(0.02, 0)).toBeNull()
})
