import { rolesOf } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import type { QuiltFile } from '../file/schema'
import type { Point } from '../geometry/polygon'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { patchTree } from '../make/units/unitTree'
import { chanceFrom } from '../measure/chance'
import { USUAL_HAND } from './hand'
import { simulateBlock } from './block'
import { TIP_TOLERANCE } from './part'
import { simulator } from './quilt'
import type { UnitsMade } from './sewnUnit'

const TIMES = 20_000
const HAND = { ...USUAL_HAND, cutBias: 0.01, seamBias: 0.006, cutScatter: 0.02, seamScatter: 0.015 }

function moments(values: ArrayLike<number>): { mean: number; variance: number } {
  const list = Array.from(values)
  const mean = list.reduce((sum, value) => sum + value, 0) / list.length
  return { mean, variance: list.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (list.length - 1) }
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

/** Strips of one width, cut one at a time and joined one after the other. */
function strips(n: number): QuiltFile {
  const patches = Array.from({ length: n }, (_, i) => ({
    role: i % 2 === 0 ? 'light' : 'dark',
    points: [
      [i, 0],
      [i + 1, 0],
      [i + 1, 4],
      [i, 4],
    ],
  }))
  return {
    ...blockFile('plain'),
    designs: [{ id: 'strips', width: n, height: 4, patches }],
    blocks: [{ id: 'one', design: 'strips', width: 2 * n, height: 8, cloths: { light: 'a', dark: 'b' } }],
  } as unknown as QuiltFile
}

test.each([2, 4, 7])('%d strips are as wide, and vary as much, as the closed form says', n => {
  const { work } = planOf(strips(n))
  const made = work.makes.get('one')!
  const make = { ...made, units: patchTree(made.tree, made.polygons) }
  const { part } = simulateBlock(
    { make, seam: 0.25, hand: HAND, units: 'as-cut', isTrimmed: () => false },
    TIMES,
    chanceFrom(n),
  )
  const { mean, variance } = moments(part.width)
  const expected = n * 2.5 - 2 * (n - 1) * 0.25 + n * HAND.cutBias - (n - 1) * (2 * HAND.seamBias + HAND.turn)
  const spread = n * HAND.cutScatter ** 2 + 4 * (n - 1) * HAND.seamScatter ** 2
  expect(mean).toBeCloseTo(expected, 2)
  expect(variance / spread).toBeCloseTo(1, 1)
  expect(part.planned.width).toBe(2 * n)
  // every seam stands on both edges where it should
  const places = part.marks.top.toSorted((a, b) => a.planned - b.planned)
  expect(places.map(({ planned }) => planned)).toEqual(Array.from({ length: n - 1 }, (_, i) => 2 * (i + 1)))
  places.forEach(({ planned, at }) => expect(Math.abs(moments(at).mean - planned - 0.25)).toBeLessThan(0.12))
})

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

/** Seams that are always so much too wide, and nothing else wrong. */
const alwaysWide = (off: number) => ({
  cutBias: 0,
  cutScatter: 0,
  seamBias: off,
  seamScatter: 0,
  turn: 0,
  paperScatter: 0,
})

test('a star of diamonds with set-in corners shrinks as its geometry says', () => {
  // Patches drawn in by b on each sewn side: a diamond of side a keeps its angles and is a − 2b√2 long; a corner square
  // loses b on two sides, a triangle b√2 at its tip. So the outer side moves in by 3b at the squares (2a of it) and by
  // 3√2 b at the triangle (√2 a of it): 12 b ÷ (2 + √2) in the mean.
  const { work } = planOf(blockFile('lemoyne-star'))
  const b = 0.02
  const question = { make: work.makes.get('one')!, seam: 0.25, units: 'as-cut' as const, isTrimmed: () => false }
  const { part } = simulateBlock({ ...question, hand: alwaysWide(b) }, 2, chanceFrom(1))
  const mean = (12 * b) / (2 + Math.SQRT2)
  for (const side of [part.width, part.height]) expect(side[0]).toBeCloseTo(6.5 - 2 * mean, 9)
  // where a diamond's tip stands: half way between the square's seam and the triangle's, which runs aslant
  const a = 6 / (2 + Math.SQRT2)
  // from the left side as it lies in the mean, farther in than the square's own
  const square = 0.25 + a - b - (mean - 3 * b)
  const isFartherOut = 3 * Math.SQRT2 * b - mean
  const triangle = (6.5 - 2 * mean) / 2 - (a / Math.SQRT2 - b * Math.SQRT2) - isFartherOut
  const [tip] = part.marks.top.toSorted((one, other) => one.planned - other.planned)
  expect(tip!.at[0]).toBeCloseTo((square + triangle) / 2, 9)
})

test('a block sewn aslant goes wrong as often as the same block sewn straight', () => {
  const { work } = planOf(blockFile('variable-star'))
  const make = work.makes.get('one')!
  const [c, s] = [Math.cos(0.7), Math.sin(0.7)]
  const polygons = make.polygons.map(polygon => polygon.map(([x, y]): Point => [x * c - y * s, x * s + y * c]))
  const question = { seam: 0.25, hand: HAND, units: 'as-cut' as const, isTrimmed: () => false }
  const rates = [make, { ...make, polygons, units: structuredClone(make.units) }].map(own =>
    [...simulateBlock({ ...question, make: own }, TIMES, chanceFrom(2)).tallies.values()].map(tally => [
      tally.tips,
      tally.tipsCut / TIMES,
      tally.crossings,
      tally.missed / TIMES,
    ]),
  )
  expect(rates[0]!.flat().some(rate => rate > 0.1)).toBe(true)
  rates[0]!.flat().forEach((rate, i) => expect(rates[1]!.flat()[i]).toBeCloseTo(rate, 1))
})

test.each(SHIPPED_DESIGNS.map(({ id }) => id))('%s is as large as planned when nothing strays', id => {
  const { work } = planOf(blockFile(id))
  const make = work.makes.get('one')!
  const question = { make, seam: 0.25, units: 'as-cut' as const, isTrimmed: () => false }
  const { part, tallies } = simulateBlock({ ...question, hand: alwaysWide(0) }, 1, chanceFrom(1))
  expect([part.width[0], part.height[0]]).toEqual([make.block.width + 0.5, make.block.height + 0.5].map(near))
  for (const { tipsCut, missed } of tallies.values()) expect([tipsCut, missed]).toEqual([0, 0])
})

const near = (value: number): unknown => expect.closeTo(value, 9)

test('nine quilts in ten lie between the limits that are told: a twentieth below, a twentieth above', () => {
  const { work } = planOf(blockFile('nine-patch'))
  const { mean, deviation, low, high } = simulator(work, { units: 'planned', seed: 9 })(4000).width!
  // widths are sums of many small errors: 1.645 deviations each way
  expect(Math.abs((mean - low) / deviation - 1.645)).toBeLessThan(0.1)
  expect(Math.abs((high - mean) / deviation - 1.645)).toBeLessThan(0.1)
})
