import { planOf } from '../testing/quiltOf'
import { handOf, USUAL_HAND } from './hand'

/** A nine-patch of squares cut singly, measured so. */
const measured = (size: number[]) =>
  planOf({
    format: 'wren-quilt',
    version: 1,
    cloths: [
      { id: 'a', colour: '#222222' },
      { id: 'b', colour: '#eeeeee' },
    ],
    blocks: [{ id: 'nine', design: 'nine-patch', width: 9, height: 9, cloths: { dark: 'a', light: 'b' } }],
    setting: { across: 2, down: 2 },
    made: [{ what: 'block', block: 'nine', size }],
  })

test('what blocks scatter is shared out between the cuts of three pieces and the four allowances of two seams', () => {
  const size = [9.5 + 1 / 8, 9.5 - 1 / 8, 9.5 + 1 / 8, 9.5 - 1 / 8]
  const { quilt, work } = measured(size)
  const { seamScatter, cutScatter } = handOf(quilt, work.makes, () => false)
  expect(cutScatter).toBe(USUAL_HAND.cutScatter)
  // each measure lies an eighth from the mean; of four, the variance is a third more than their mean square
  const variance = (4 * (1 / 8) ** 2) / 3
  expect(variance).toBeCloseTo(3 * cutScatter ** 2 + 4 * 2 * seamScatter ** 2, 12)
})
