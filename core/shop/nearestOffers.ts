import { labApart, labOf } from '../measure/lightness'
import type { Offer } from './ware'

/** Offers for a cloth, the one that looks most like it first; of equal ones the wider, then by name. */
export function nearestOffers(colour: string, offers: readonly Offer[]): Offer[] {
  const wanted = labOf(colour)
  return offers
    .map(offer => ({ offer, apart: labApart(wanted, labOf(offer.colour)) }))
    .sort((a, b) => a.apart - b.apart || b.offer.width - a.offer.width || (a.offer.name < b.offer.name ? -1 : 1))
    .map(({ offer }) => offer)
}
