import type { ClothChange } from '../edits/cloths'
import { INCHES_PER_CM } from '../measure/ruler'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import type { Offer } from './ware'

/** What a cloth of a quilt is then; in centimetres its width is in whole ones, never wider than it is. */
export function clothOfOffer(offer: Offer, units: Units): ClothChange & { name: string } {
  const { name, colour, pattern, width, selvage, directional, prices } = offer
  return {
    name,
    colour,
    pattern,
    directional,
    price: prices[units],
    // of the cloth that it was
    picture: null,
    repeat: null,
    ...(units === 'cm'
      ? { width: Math.floor(width / INCHES_PER_CM) * INCHES_PER_CM, selvage: UNIT_DEFAULTS.cm.selvage }
      : { width, selvage }),
  }
}
