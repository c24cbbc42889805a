// In: what is bought for a quilt, what is ordered, what a shop offers. Out: the list that the shop is given.
import type { Cloth, Quilt } from '../file/quilt'
import { sameLength, TOLERANCE, type Inches } from '../measure/ruler'
import type { Plan } from '../plan/plan'
import { clothOfOffer } from './clothOfOffer'
import { lengthsToBuy } from './lengthsToBuy'
import { nearestOffers } from './nearestOffers'
import { orderedOf } from './ordered'
import { lineCost, orderedLength, sumsOf } from './takeOrder'
import type { Offer } from './ware'

/** A cloth on the list. Lengths in inches. */
export interface ShopLine {
  cloth: string
  needed: Inches
  /** What is on its way already. */
  ordered: Inches
  /** What is ordered of it now; 0: enough is on its way. */
  length: Inches
  /** That the shop has of the same name and width; null: none is chosen yet. */
  offer: Offer | null
  /** What the length costs. */
  cost: number
  /** The shop has less of it than all lines ask. */
  isShort: boolean
}

export interface ShopList {
  lines: ShopLine[]
  delivery: number
  cost: number
}

/** What is ordered so often that less than this is missing is enough. */
const CLOSE = 0.02

/** Cloths that come from the stash, and cloth in pieces, are not on it. */
export function shopList(quilt: Quilt, plan: Pick<Plan, 'cloths' | 'backing'>, offers: readonly Offer[]): ShopList {
  const ordered = orderedOf(quilt)
  const found = lengthsToBuy(quilt, plan).flatMap(({ cloth: id, length: needed }) => {
    const cloth = quilt.cloths.find(one => one.id === id)!
    if (cloth.stash !== undefined) return []
    const before = ordered.get(id) ?? 0
    const missing = needed - before
    const length = missing <= CLOSE ? 0 : orderedLength(missing - (before > 0 ? CLOSE : 0), quilt.units)
    const offer = offers.find(one => isSame(cloth, clothOfOffer(one, quilt.units))) ?? null
    return [{ cloth: id, needed, ordered: before, length, offer, cost: offer ? costOf(offer, length) : 0 }]
  })
  const asked = new Map<Offer, Inches>()
  for (const { offer, length } of found) if (offer) asked.set(offer, (asked.get(offer) ?? 0) + length)
  const lines = found.map(line => ({
    ...line,
    isShort: line.length > 0 && line.offer !== null && asked.get(line.offer)! > line.offer.left + TOLERANCE,
  }))
  const costs = toOrder({ lines }).map(({ cost }) => cost)
  return { lines, ...(costs.length > 0 ? sumsOf(costs) : { delivery: 0, cost: 0 }) }

  function costOf({ prices }: Offer, length: Inches): number {
    return lineCost(length, prices[quilt.units], quilt.units)
  }
}

function isSame(cloth: Cloth, { name, width }: { name: string; width?: Inches }): boolean {
  return cloth.name === name && sameLength(cloth.width, width!)
}

/** Those of which something is ordered now. */
export function toOrder({ lines }: Pick<ShopList, 'lines'>): (ShopLine & { offer: Offer })[] {
  return lines.flatMap(line => (line.offer && line.length > 0 ? [{ ...line, offer: line.offer }] : []))
}

/** What may be chosen for a cloth, the likest first. */
export function offersFor(quilt: Quilt, cloth: string, offers: readonly Offer[]): Offer[] {
  const { colour } = quilt.cloths.find(({ id }) => id === cloth)!
  return nearestOffers(colour, offers)
}
