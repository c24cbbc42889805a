import fc from 'fast-check'
import { DEMO_QUILTS } from '../../demo'
import { SAMPLE, planOf, quiltOf } from '../testing/quiltOf'
import { randomQuilt } from '../testing/randomQuilt'
import { readQuilt } from '../file/readQuilt'
import { dimensionsOf } from '../top/dimensions'
import type { QuiltFile } from '../file/schema'
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

test('a way says what it leaves alone; borders are at least three quarters of a sash, pieced ones stay', () => {
  const half = { design: 'half-square', cloths: { dark: 'soot', light: 'cream' } }
  const file: QuiltFile = {
    ...SAMPLE,
    made: [],
    setting: { ...SAMPLE.setting, sashing: { ...SAMPLE.setting.sashing!, width: 3 } },
    borders: [
      { width: 3, cloth: 'soot', pieced: half, corners: { cloth: 'brass' } },
      { width: 6, cloth: 'soot' },
    ],
  }
  const quilt = quiltOf(file)
  const { across, down, sashing } = quilt.setting
  let seen = 0
  for (const width of [60, 72, 84, 90, 102])
    for (const fit of fitsFor(file, quilt, { width, height: width + 18 })) {
      seen += 1
      const next = quiltOf(fit.edit(file))
      expect(next.borders.map(({ sides, ends }) => ({ sides, ends }))).toEqual(fit.borders)
      expect(fit.borders[0]).toEqual({ sides: 3, ends: 3 })
      const least = 0.75 * next.setting.sashing!.width
      expect(Math.min(fit.borders[1]!.sides, fit.borders[1]!.ends)).toBeGreaterThanOrEqual(Math.min(6, least))
      const isKept = [
        next.setting.across === across && next.setting.down === down,
        next.blocks[0]!.width === quilt.blocks[0]!.width,
        next.setting.sashing!.width === sashing!.width,
        true,
      ]
      const parts = ['counts', 'block-size', 'sashing', 'pieced-borders'] as const
      expect(fit.kept).toEqual(parts.filter((_, i) => isKept[i]))
    }
  expect(seen).toBeGreaterThan(5)
})
