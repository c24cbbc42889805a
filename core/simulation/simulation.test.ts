import { rolesOf } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { chanceFrom } from '../measure/chance'
import { USUAL_HAND } from './hand'
import { around, seamOf, sewn, TIP_TOLERANCE, type Part } from './part'
import { simulator } from './quilt'
import { canBeSimulated, simulateBlock, type UnitsMade } from './block'

const TIMES = 20_000
const HAND = { ...USUAL_HAND, cutBias: 0.01, seamBias: 0.006, cutScatter: 0.02, seamScatter: 0.015 }

function moments(values: ArrayLike<number>): { mean: number; variance: number } {
  const list = Array.from(values)
  const mean = list.reduce((sum, value) => sum + value, 0) / list.length
  return { mean, variance: list.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (list.length - 1) }
}

function plain(width: number, height: number, chance: ReturnType<typeof chanceFrom>): Part {
  return {
    planned: { width, height },
    width: around(width + 0.5 + HAND.cutBias, HAND.cutScatter, TIMES, chance),
    height: around(height + 0.5 + HAND.cutBias, HAND.cutScatter, TIMES, chance),
    marks: { left: [], right: [], top: [], bottom: [] },
    tips: { left: [], right: [], top: [], bottom: [] },
  }
}

test('the bell curve has mean 0 and deviation 1, and the same seed gives the same numbers', () => {
  const [one, other] = [chanceFrom(7), chanceFrom(7)]
  const values = Array.from({ length: TIMES }, () => one.normal())
  expect(values.slice(0, 50)).toEqual(Array.from({ length: 50 }, () => other.normal()))
  const { mean, variance } = moments(values)
  expect(Math.abs(mean)).toBeLessThan(0.03)
  expect(Math.abs(variance - 1)).toBeLessThan(0.04)
  // within one deviation lie 68.3 of a hundred
  expect(values.filter(value => Math.abs(value) < 1).length / TIMES).toBeCloseTo(0.683, 1)
})

test.each([2, 4, 7])('%d strips are as wide, and vary as much, as the closed form says', n => {
  const chance = chanceFrom(n)
  const seam = seamOf(0.25, HAND, false)
  let strip = plain(2, 8, chance)
  for (let i = 1; i < n; i++) strip = sewn(strip, plain(2, 8, chance), 'beside', seam, chance).part
  const { mean, variance } = moments(strip.width)
  const expected = n * 2.5 - 2 * (n - 1) * 0.25 + n * HAND.cutBias - (n - 1) * (2 * HAND.seamBias + HAND.turn)
  const spread = n * HAND.cutScatter ** 2 + 4 * (n - 1) * HAND.seamScatter ** 2
  expect(mean).toBeCloseTo(expected, 2)
  expect(variance / spread).toBeCloseTo(1, 1)
  expect(strip.planned.width).toBe(2 * n)
  // every seam stands on both edges where it should
  expect(strip.marks.top.map(({ planned }) => planned)).toEqual(Array.from({ length: n - 1 }, (_, i) => 2 * (i + 1)))
  strip.marks.top.forEach(({ planned, at }) => expect(Math.abs(moments(at).mean - planned - 0.25)).toBeLessThan(0.12))
})

function blockFile(id: string): QuiltFile {
  const design = SHIPPED_DESIGNS.find(shipped => shipped.id === id)!
  const cloths = Object.fromEntries(rolesOf(design).map((role, i) => [role, i % 2 === 0 ? 'a' : 'b']))
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#eeeeee' },
    ],
    blocks: [{ id: 'one', design: id, size: 6, cloths }],
    setting: { across: 2, down: 2, fill: [['one']] },
  } as unknown as QuiltFile
}

function block(file: QuiltFile, units: UnitsMade) {
  const { work } = planOf(file)
  const make = work.makes.get('one')!
  return {
    make,
    ...simulateBlock({ make, seam: 0.25, hand: HAND, units, isTrimmed: () => true }, TIMES, chanceFrom(3)),
  }
}

/** Φ by a series of its own: Abramowitz and Stegun 26.2.17. */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI))
    * t
    * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z >= 0 ? 1 - tail : tail
}

test('an untrimmed half-square varies as the closed form says', () => {
  const { part } = block(blockFile('half-square'), 'as-cut')
  const expected = HAND.cutScatter ** 2 + 2 * HAND.seamScatter ** 2
  expect(moments(part.width).variance / expected).toBeCloseTo(1, 1)
  expect(moments(part.height).variance / expected).toBeCloseTo(1, 1)
})

test('a point is cut off as often as the closed form says', () => {
  const { tallies } = block(blockFile('sawtooth-star'), 'trimmed')
  const chance = 1 - below((TIP_TOLERANCE - HAND.seamBias) / Math.sqrt(HAND.seamScatter ** 2 + HAND.cutScatter ** 2))
  // joins of units alone: later ones have parts of other heights
  const [first] = tallies.values()
  expect(first!.tips).toBeGreaterThan(0)
  expect(first!.tipsCut / first!.tips / TIMES).toBeCloseTo(chance, 1)
})

test('on papers fewer points are lost than with trimmed units, and with those fewer than with none', () => {
  const { work } = planOf(blockFile('sawtooth-star'))
  const cut = (units: UnitsMade) => simulator(work, { units, seed: 5 })(4000).tips.cut
  expect(cut('papers')).toBeLessThan(cut('trimmed'))
  expect(cut('trimmed')).toBeLessThan(cut('as-cut'))
})

test('the same seed gives the same quilts; a hand without faults gives the plan', () => {
  const { work } = planOf(SAMPLE)
  const once = simulator(work, { units: 'planned', seed: 11 })(500)
  expect(simulator(work, { units: 'planned', seed: 11 })(500)).toEqual(once)
  expect(simulator(work, { units: 'planned', seed: 12 })(500).width!.mean).not.toBe(once.width!.mean)
  expect(once.times).toBe(500)
  expect(once.width!.planned).toBeCloseTo(work.dimensions.setting.width, 9)
  expect(Math.abs(once.width!.mean - once.width!.planned)).toBeLessThan(1)
  expect(once.width!.bars.reduce((sum, { count }) => sum + count, 0)).toBe(500)
  expect(once.tips.cut).toBeLessThan(once.tips.all)
})

test('in pieces or in one go the times add up', () => {
  const { work } = planOf(blockFile('sawtooth-star'))
  const more = simulator(work, { units: 'planned', seed: 2 })
  more(300)
  const all = more(700)
  expect(all.times).toBe(1000)
  expect(all.blocks[0]!.width.bars.reduce((sum, { count }) => sum + count, 0)).toBe(1000)
})

test('blocks with set-in seams and diamonds are left out and said', () => {
  const { work } = planOf(blockFile('lemoyne-star'))
  expect(canBeSimulated(work.makes.get('one')!)).toBe(false)
  const { left, blocks, width } = simulator(work, { units: 'planned', seed: 1 })(50)
  expect([left, blocks, width]).toEqual([['one'], [], null])
})
