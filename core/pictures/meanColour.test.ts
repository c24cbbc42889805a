import { lightness } from '../measure/lightness'
import { meanColour } from './meanColour'

function pixels(...colours: readonly [number, number, number][]): Uint8ClampedArray {
  return Uint8ClampedArray.from(colours.flatMap(([red, green, blue]) => [red, green, blue, 255]))
}

test('a picture of one colour has that colour, and a fine check of black and white half the light', () => {
  expect(meanColour(pixels([168, 50, 44], [168, 50, 44]), 2, 1)).toBe('#a8322c')
  const check = meanColour(pixels([0, 0, 0], [255, 255, 255], [255, 255, 255], [0, 0, 0]), 2, 2)
  // half of the light of white is L* 76, not the 54 of a mean of numbers
  expect(lightness(check)).toBeCloseTo(76.07, 0)
  // in any order
  expect(meanColour(pixels([255, 255, 255], [0, 0, 0], [0, 0, 0], [255, 255, 255]), 4, 1)).toBe(check)
})
