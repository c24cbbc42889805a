import { MIN_CONTRAST } from '../measure/lightness'
import { CORNER_REACH, placesNear, type Wall } from './wall'

/** Turns the median of deviations into a standard deviation, for a bell curve. */
const MAD_TO_DEVIATION = 1.4826
/** So many deviations over the median of all is out of the ordinary. */
const OUTLIER = 2

/** Blocks that shine out of dark neighbours, by their number: the eye goes there first, wanted or not. */
export function lonelyBright(wall: Wall): number[] {
  const { places } = wall
  const all = places.map(({ lightness }) => lightness)
  const middle = median(all)
  const deviation = MAD_TO_DEVIATION * median(all.map(l => Math.abs(l - middle)))
  const near = placesNear(wall, CORNER_REACH)
  return places.flatMap(({ lightness }, i) => {
    const beside = near[i]!.map(({ at }) => all[at]!)
    const isLonely =
      beside.length > 0 && lightness - median(beside) >= MIN_CONTRAST && lightness > middle + OUTLIER * deviation + 1e-9
    return isLonely ? [i] : []
  })
}

/** The middle one of them, or between the two in the middle. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const half = sorted.length / 2
  return sorted.length % 2 === 1 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2
}
