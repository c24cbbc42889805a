import { DEMO_QUILTS } from '../../demo'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { cutSo, longStripCosts } from './longStrips'

const costs = (file: typeof SAMPLE) => [...longStripCosts(file, quiltOf(file))].filter(cost => cost !== undefined)

test('what long strips buy along and across is what the whole plan of either quilt buys', () => {
  let seen = 0
  for (const file of DEMO_QUILTS.slice(0, 5))
    for (const { border, now, along, across } of costs(file)) {
      seen++
      const bought = (long: 'along' | 'across') => planOf(cutSo(border, long)(file)).plan.quilt.buy
      expect([bought('along'), bought('across')]).toEqual(
        [along, across].map(({ inches }) => expect.closeTo(inches, 6)),
      )
      const part = border === null ? quiltOf(file).setting.sashing! : quiltOf(file).borders[border - 1]!
      expect(part.long).toBe(now)
    }
  expect(seen).toBeGreaterThan(3)
})

test('what has an up, stripes or comes in pieces decides for itself, and so do pieced borders', () => {
  const border = { width: 4, cloth: 'cream' }
  const of = (change: object, cloth: object = {}) => {
    const cloths = SAMPLE.cloths.map(one => (one.id === 'cream' ? { ...one, ...cloth } : one))
    return costs({
      ...SAMPLE,
      setting: { ...SAMPLE.setting, sashing: null },
      cloths,
      borders: [{ ...border, ...change }],
    })
  }
  expect(of({})).toMatchObject([{ border: 1, cloth: 'cream', now: 'across' }])
  expect(of({ long: 'along' })).toMatchObject([{ border: 1, now: 'along' }])
  expect(of({}, { directional: true })).toEqual([])
  expect(of({}, { form: 'piece', length: 30, count: 60 })).toEqual([])
  expect(of({ stripes: 'along' })).toEqual([])
})
