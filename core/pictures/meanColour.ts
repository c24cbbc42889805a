import { hexOf } from '../measure/lightness'
import { areaAverage } from './averaged'
import { labGrid } from './labGrid'

/** The colour of a picture from afar, `#rrggbb`: the mean of its light. `pixels`: row by row, four numbers each. */
export function meanColour(pixels: Uint8ClampedArray, width: number, height: number): string {
  const average = areaAverage(width, height, 1, 1)
  average.add(pixels, height)
  const [l, a, b] = labGrid(average.grid()).lab
  return hexOf({ l: l!, a: a!, b: b! })
}
