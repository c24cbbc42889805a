import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { setBorder } from './edge'
import { setSashing } from './setting'
import { borderOffers, repeatOffers, sashOffers, sizeWithoutSashing } from './widthOffers'

const planned = (file: typeof SAMPLE) => {
  const { width, height } = planOf(file).plan.quilt
  return { width: width.toFixed(6), height: height.toFixed(6) }
}
const said = ({ width, height }: { width: number; height: number }) => ({
  width: width.toFixed(6),
  height: height.toFixed(6),
})
const { sashing } = SAMPLE.setting
/** Sashed in every way there is. */
const SETTINGS: Readonly<Record<string, (typeof SAMPLE)['setting']>> = {
  'straight': SAMPLE.setting,
  'on point': { kind: 'on-point', across: 3, down: 4, settingCloth: 'cream', sashing },
  'in columns': { across: 3, down: 4, sashing: { width: 2, cloth: 'cream', between: 'columns', outer: false } },
  'in rows': { across: 3, down: 4, sashing: { width: 2, cloth: 'cream', between: 'rows' } },
  'shifted': {
    kind: 'offset-rows',
    across: 3,
    down: 4,
    ends: { cloth: 'cream' },
    sashing: { width: 2, cloth: 'cream', outer: true },
  },
}

test.each(Object.entries(SETTINGS))(
  '%s: every width offered comes to the size that it is planned with',
  (_, setting) => {
    const file = { ...SAMPLE, setting, made: [] }
    const quilt = quiltOf(file)
    const sashes = sashOffers(quilt)
    // of a block of 9″
    expect(sashes.map(({ width }) => width)).toEqual([1.5, 2.25, 3, 4.5])
    for (const { width, size } of sashes) expect(said(size)).toEqual(planned(setSashing({ width })(file)))
    const borders = borderOffers(quilt, 0)
    expect(borders.map(({ width }) => width)).toEqual([2.25, 3, 4.5, 6, 6.75])
    for (const { width, size } of borders)
      expect(said(size)).toEqual(planned(setBorder(0, { sides: width, ends: width })(file)))
  },
)

test('without sashing too the size is that of the plan', () => {
  expect(said(sizeWithoutSashing(quiltOf(SAMPLE)))).toEqual(planned(setSashing(null)(SAMPLE)))
})

test('no border narrower than the sashing is offered, and measures of the old width count for nothing', () => {
  const wide = setSashing({ width: 4 })(SAMPLE)
  const measured = { ...wide, made: [{ what: 'setting', width: [50], height: [50] }] } as typeof SAMPLE
  const offers = borderOffers(quiltOf(measured), 0)
  expect(offers.map(({ width }) => width)).toEqual([4.5, 6, 6.75])
  expect(offers).toEqual(borderOffers(quiltOf(wide), 0))
})

test('each width offered for a pieced border makes its units divide the sides, those on the ruler first', () => {
  const half = { design: 'half-square', cloths: { dark: 'soot', light: 'cream' } }
  for (const [across, down, width] of [
    [4, 6, 2.5],
    [3, 5, 4],
    [5, 7, 3.25],
  ] as const) {
    const file = {
      ...SAMPLE,
      made: [],
      setting: { across, down, fill: [['star']] },
      borders: [{ width, cloth: 'soot', pieced: half, corners: { cloth: 'brass' } }],
    } as typeof SAMPLE
    const offers = repeatOffers(quiltOf(file), 0)
    expect(offers.length).toBeGreaterThan(0)
    const isOn = offers.map(offer => (offer.width * 8) % 1 < 1e-9)
    expect(isOn).toEqual(isOn.toSorted((a, b) => Number(b) - Number(a)))
    for (const { by, width: wide, size } of offers) {
      const next = setBorder(0, { sides: wide, ends: wide })(file)
      expect(said(size)).toEqual(planned(next))
      expect(planOf(next).plan.checks.filter(({ id }) => id === 'border-repeat')).toEqual([])
      expect(by).toEqual({ repeats: [Math.round((9 * across) / wide), Math.round((9 * down) / wide)] })
    }
  }
})
