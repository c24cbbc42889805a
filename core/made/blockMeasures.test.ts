import fc from 'fast-check'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import type { QuiltFile } from '../file/schema'
import { blockMeasures, doubtOf } from './blockMeasures'
import { DECISIONS } from './decidedSize'

const BLOCK = SAMPLE.blocks[0]!.id

function measured(size: number[], decision?: (typeof DECISIONS)[number]): QuiltFile {
  const entry = { what: 'block', block: BLOCK, size, ...(decision ? { decision } : {}) }
  return { ...SAMPLE, made: [entry] }
}

/** With three seams across. */
function say(size: number[]) {
  const quilt = quiltOf(measured(size))
  return blockMeasures(quilt, quilt.blocks[0]!, 3)!
}

test('seam error and scatter of blocks that were sewn with a known error come out again', () => {
  const expected = quiltOf(SAMPLE).blocks[0]!.outer.width + 0.5
  fc.assert(
    fc.property(
      fc.double({ min: -0.03, max: 0.03, noNaN: true }),
      fc.array(fc.double({ min: -0.02, max: 0.02, noNaN: true }), { minLength: 2, maxLength: 12 }),
      (error, chances) => {
        const found = say(chances.map(chance => expected - 6 * error + chance))
        const mean = chances.reduce((sum, chance) => sum + chance, 0) / chances.length
        expect(found.error!.total).toBeCloseTo(error - mean / 6, 8)
        // squared pair by pair: no mean is taken
        const pairs = chances.flatMap((a, i) => chances.slice(i + 1).map(b => (a - b) ** 2))
        const variance = pairs.reduce((sum, square) => sum + square, 0) / (chances.length * (chances.length - 1))
        expect(found.scatter!.total).toBeCloseTo(Math.sqrt(variance), 6)
      },
    ),
  )
})

test('one measure cannot tell the seam from chance', () => {
  const { scatter, advised } = say([9.2])
  expect([scatter, advised]).toEqual([null, 'measure-more'])
})

test.each([
  ['all right', [9.5, 9.5, 9.53], 'go-on'],
  ['all alike and small', [9.3, 9.31, 9.29, 9.3], 'needle'],
  ['one of five far off', [9.5, 9.5, 9.25, 9.5, 9.5], 'remake'],
  ['scattered all over', [9.5, 9.25, 9.3, 9.7, 9.2], 'trim'],
  ['a little apart', [9.5, 9.42, 9.5, 9.51], 'ease'],
])('%s: %j', (_, size, advised) => {
  expect(say(size).advised).toBe(advised)
})

test('each decision gives the blocks, and the quilt round them, the size that it says', () => {
  const size = [9.5, 9.4375, 9.25, 9.5]
  const across = SAMPLE.setting!.across as number
  const widths = Object.fromEntries(
    DECISIONS.map(decision => [decision, planOf(measured(size, decision)).plan.quilt.width]),
  )
  const { plan } = planOf(measured(size))
  const planned = planOf(SAMPLE).plan.quilt.width
  expect(widths.trim).toBeCloseTo(planned - across * 0.25, 9)
  expect(widths.ease).toBeCloseTo(planned - across * (9.5 - size.reduce((a, b) => a + b) / 4), 9)
  expect(widths.remake).toBeCloseTo(planned - across * 0.0625, 9)
  expect(widths.needle).toBeCloseTo(planned, 9)
  const said = plan.blocks.find(({ id }) => id === BLOCK)!.measured!
  for (const decision of DECISIONS) expect(said.quilts[decision].width).toBeCloseTo(widths[decision]!, 9)
  expect([said.decision, said.remake]).toEqual(['trim', 1])
  // the largest loses an eighth on each side of its points
  expect(said.beyondPoints).toBeCloseTo(0.25 - 0.125, 9)
})

test.each([
  [9.5, 'in', null],
  [23.5, 'in', 'other-unit'],
  [9.4 / 2.54, 'cm', 'other-unit'],
  [90, 'in', 'far-off'],
  [0, 'in', 'far-off'],
  [-9.5, 'in', 'far-off'],
] as const)('%d in a quilt in %s: %s', (inches, units, what) => {
  expect(doubtOf(inches, 9.5, units)?.what ?? null).toBe(what)
})
