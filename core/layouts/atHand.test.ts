import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import type { QuiltFile } from '../file/schema'
import { planOf, SAMPLE } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { runs } from '../testing/runs'
import { fittingRows } from './fittingRows'

/** The most that some of these lengths come to without more than `room`: every choice of them tried. */
function mostByHand(lengths: readonly number[], room: number): number {
  let sums = new Set([0])
  for (const length of lengths) {
    const more = [...sums].map(sum => Math.round((sum + length) * 1e6) / 1e6)
    sums = new Set([...sums, ...more.filter(sum => sum <= room + 1e-6)])
  }
  return Math.max(...sums)
}

test('of rows those are taken that fill the cloth best, none more often than it is there', () => {
  const row = fc.record({ count: fc.nat(5), each: fc.integer({ min: 1, max: 100 }).map(n => n / 8) })
  fc.assert(
    fc.property(fc.array(row, { maxLength: 5 }), fc.integer({ min: 0, max: 600 }), (rows, eighths) => {
      const room = eighths / 8
      const fits = fittingRows(rows, room)
      fits.forEach((times, i) => expect(times).toBeLessThanOrEqual(rows[i]!.count))
      const taken = fits.reduce((sum, times, i) => sum + times * rows[i]!.each, 0)
      const all = rows.flatMap(({ count, each }) => Array<number>(count).fill(each))
      expect(taken).toBeCloseTo(mostByHand(all, room), 6)
    }),
    { numRuns: runs(200) },
  )
})

/** Every cloth by length with so much at hand. */
const withHave = (file: QuiltFile, have: number): QuiltFile => ({
  ...file,
  cloths: file.cloths.map(cloth => (cloth.form === 'piece' ? cloth : { ...cloth, have, price: 2 })),
})

test('what is short is what finds no room on the cloth as it is after washing, an inch squared up', () => {
  const files = fc.oneof(randomQuilt, fc.constantFrom(SAMPLE, ...DEMO_QUILTS))
  fc.assert(
    fc.property(files, fc.integer({ min: 1, max: 160 }), (file, have) => {
      const { quilt, plan } = planOf(withHave(file, have))
      const inInches = quilt.units === 'cm' ? have / 2.54 : have
      plan.cloths.forEach(({ id, strips, unit, atHand, cost, need }, i) => {
        const cloth = quilt.cloths[i]!
        if (unit === 'piece') return expect(atHand).toBeNull()
        const length = Math.max(0, inInches * (1 - cloth.shrink) - 1)
        expect(atHand!.length).toBeCloseTo(length, 6)
        // long strips are one band with what lies beside them
        const band = Math.max(0, ...strips.filter(({ run }) => run === 'along').map(({ y, height }) => y + height))
        const below = strips.filter(({ y }) => y >= band - 1e-6).map(({ height }) => height)
        const isBack = quilt.backing?.cloth === id && plan.backing && !plan.backing.pieced
        const panels = isBack ? Array<number>(plan.backing!.panels).fill(plan.backing!.panelLength) : []
        const rows = [...(band > 0 ? [band] : []), ...below, ...panels]
        const all = rows.reduce((sum, row) => sum + row, 0)
        const most = all <= length + 1e-6 ? all : mostByHand(rows, length)
        expect(all).toBeCloseTo(need + panels.reduce((sum, panel) => sum + panel, 0), 6)
        expect(atHand!.short).toBeCloseTo(all - most, 1)
        expect(atHand!.left).toBeCloseTo(length - most, 1)
        // what is bought beside it is enough for what is short, and paid by the yard or the metre
        const bought = atHand!.short > 1e-6 ? (atHand!.short * (1 + quilt.margin) + 1) / (1 - cloth.shrink) : 0
        expect(atHand!.buy).toBeGreaterThanOrEqual(bought - 1e-6)
        expect(cost).toBeCloseTo((atHand!.buy / (quilt.units === 'cm' ? 100 / 2.54 : 36)) * 2, 6)
      })
    }),
    { numRuns: runs(12) },
  )
})

test('enough at hand: nothing is bought; a hair too little: a whole strip is short', () => {
  const { plan } = planOf(SAMPLE)
  const soot = plan.cloths.findIndex(({ id }) => id === 'soot')
  const { need, strips } = plan.cloths[soot]!
  const least = Math.min(...strips.map(({ height }) => height))
  const of = (have: number) => planOf(withHave({ ...SAMPLE, backing: null }, have)).plan
  expect(of(need + 1).cloths[soot]!.atHand).toMatchObject({ short: 0, buy: 0, left: 0 })
  expect(of(need + 1).checks.filter(({ id, data }) => id === 'short-of-cloth' && data.cloth === 'soot')).toEqual([])
  const hair = of(need + 1 - 1 / 16)
  expect(hair.cloths[soot]!.atHand!.short).toBeCloseTo(least, 6)
  expect(hair.checks.map(({ id }) => id)).toContain('short-of-cloth')
})

test('the price of a quilt is that of all cloth that has one, its back too', () => {
  const priced = (price: number | undefined) => ({
    ...SAMPLE,
    cloths: SAMPLE.cloths.map(cloth => (price === undefined ? cloth : { ...cloth, price })),
  })
  expect(planOf(priced(undefined)).plan.quilt.cost).toBeNull()
  const { quilt } = planOf(priced(9)).plan
  // the whole length to buy, the backing in it
  expect(quilt.cost).toBeCloseTo((quilt.buy / 36) * 9, 6)
})
