import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import { setBorder } from './edge'
import { setSashing } from './setting'
import { borderOffers, sashOffers, sizeWithoutSashing } from './widthOffers'

test('every width offered comes to the size that the quilt is planned with when it is taken', () => {
  const quilt = quiltOf(SAMPLE)
  const planned = (file: typeof SAMPLE) => {
    const { width, height } = planOf(file).plan.quilt
    return { width, height }
  }
  const sashes = sashOffers(quilt)
  // of a block of 9″
  expect(sashes.map(({ width }) => width)).toEqual([1.5, 2.25, 3, 4.5])
  for (const { width, size } of sashes) expect(size).toEqual(planned(setSashing({ width })(SAMPLE)))
  expect(sizeWithoutSashing(quilt)).toEqual(planned(setSashing(null)(SAMPLE)))
  const borders = borderOffers(quilt, 0)
  expect(borders.map(({ width }) => width)).toEqual([2.25, 3, 4.5, 6, 6.75])
  for (const { width, size } of borders)
    expect(size).toEqual(planned(setBorder(0, { sides: width, ends: width })(SAMPLE)))
})

test('no border narrower than the sashing is offered, and measures of the old width count for nothing', () => {
  const wide = setSashing({ width: 4 })(SAMPLE)
  const measured = { ...wide, made: [{ what: 'setting', width: [50], height: [50] }] } as typeof SAMPLE
  const offers = borderOffers(quiltOf(measured), 0)
  expect(offers.map(({ width }) => width)).toEqual([4.5, 6, 6.75])
  expect(offers).toEqual(borderOffers(quiltOf(wide), 0))
})
