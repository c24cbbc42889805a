import fc from 'fast-check'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { seamRecord } from './seamRecord'
import { seamTest } from './seamTest'

interface Test {
  sewn: number
  needle: number
  machine?: string
}

/** Two strips of 3″, measured as they would if each allowance took so much. */
const recordOf = (tests: readonly Test[]) =>
  seamRecord(
    quiltOf({
      ...SAMPLE,
      made: tests.map(({ sewn, ...rest }) => ({
        what: 'seam-test',
        strips: 2,
        cut: 3,
        measured: 6 - 2 * sewn,
        ...rest,
      })),
    }),
  )

test('a step is learnt from the tests that agree, whichever one is wrong and wherever it stands', () => {
  const chance = fc.double({ min: -0.002, max: 0.002, noNaN: true })
  fc.assert(
    fc.property(
      fc.double({ min: -0.03, max: 0.03, noNaN: true }),
      fc.array(fc.tuple(fc.integer({ min: -1, max: 2 }), chance), { minLength: 6, maxLength: 10 }),
      fc.nat(),
      fc.constantFrom(-0.1, 0.1, 0.2),
      (step, places, at, slip) => {
        const wrong = at % places.length
        const needles = places.filter((_, i) => i !== wrong).map(([needle]) => needle)
        // one against one cannot be told apart: wherever the needle stood, two tests are right
        fc.pre(new Set(needles).size >= 2)
        fc.pre(needles.every(needle => needles.filter(other => other === needle).length >= 2))
        const tests = places.map(([needle, by], i) => ({
          needle,
          sewn: 0.25 + step * needle + by + (i === wrong ? slip : 0),
        }))
        const { tests: found, step: learnt } = recordOf(tests)
        expect(found.flatMap(({ isApart }, i) => (isApart ? [i] : []))).toEqual([wrong])
        expect(learnt!.total).toBeCloseTo(step, 1.9)
        expect(learnt!.from).toHaveLength(tests.length - 1)
      },
    ),
  )
})

test('tests on another machine teach nothing of this one; tests that contradict each other teach nothing', () => {
  const there = { sewn: 0.25, needle: 0, machine: 'the old one' }
  expect(recordOf([there, { sewn: 0.3, needle: 1, machine: 'the new one' }]).step).toBeNull()
  expect(
    recordOf([
      { sewn: 0.2, needle: 0 },
      { sewn: 0.4, needle: 0 },
      { sewn: 0.2, needle: 1 },
      { sewn: 0.4, needle: 1 },
    ]).step,
  ).toBeNull()
})

test.each([
  [{ measured: 55 }, 5.5],
  // the space was left out of 5 1/2
  [{ measured: '51/2' }, 5.5],
  [{ measured: 7 }, null],
  [{ measured: 1 }, null],
  [{ measured: 6 }, null],
  [{ measured: 4.5 }, null],
  // 14 cm typed where inches stand
  [{ measured: 14 }, 14 / 2.54],
] as const)('two strips of 3″ that measure %j teach nothing; meant was %p', ({ measured }, meant) => {
  const wrong = { what: 'seam-test', strips: 2, cut: 3, measured }
  const quilt = quiltOf({ ...SAMPLE, made: [wrong] })
  const { doubt, sewn, off } = seamTest(quilt)
  expect([sewn, off]).toEqual([null, null])
  expect(doubt!.meant).toEqual(meant === null ? null : expect.closeTo(meant, 9))
  expect(seamRecord(quilt).tests).toEqual([])
})

test('every measure that a seam of up to ¾″ gives is believed, none beyond; 2 cm where centimetres stand', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 5 }),
      fc.double({ min: 2.5, max: 4, noNaN: true }),
      fc.double({ min: -0.5, max: 1.2, noNaN: true }),
      fc.constantFrom('in', 'cm'),
      (strips, cut, sewn, units) => {
        const widest = units === 'in' ? 3 / 4 : 2 / 2.54
        fc.pre(Math.abs(sewn) > 1e-4 && Math.abs(sewn - widest) > 1e-4)
        const perInch = units === 'in' ? 1 : 2.54
        const made = [
          {
            what: 'seam-test',
            strips,
            cut: cut * perInch,
            measured: (strips * cut - 2 * (strips - 1) * sewn) * perInch,
          },
        ]
        const { doubt } = seamTest(quiltOf({ ...SAMPLE, units, made }))
        expect(doubt === null).toBe(sewn > 0 && sewn < widest)
      },
    ),
  )
})
