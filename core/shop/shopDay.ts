// In: a day, and what was ordered. Out: what the shop offers then.
import type { Inches } from '../measure/ruler'
import { shortHash } from '../measure/shortHash'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { CATALOGUE, type Stocked } from './catalogue'
import type { Delivery, Offer } from './ware'

export const DELIVERY: Delivery = { cost: 4.9, freeFrom: 80, days: 3 }

/** Lengths ordered of each ware since its bolt was fresh. */
export type Sold = ReadonlyMap<string, Inches>

const DAY_MS = 86_400_000
/** Every so many days bolts are fresh again. */
const FRESH_DAYS = 7

/** Days since the beginning of 1970, by the clock of the world. */
export function dayOf(time: number): number {
  return Math.floor(time / DAY_MS)
}

/** The week by whose beginning bolts are fresh. */
export function weekOf(day: number): number {
  return Math.floor(day / FRESH_DAYS)
}

/** What there is on a day, and what it costs: the same for the same day. */
export function offersOn(day: number, sold: Sold): Offer[] {
  return CATALOGUE.map(({ metre, bolt, ...ware }) => {
    const left = Math.max(0, bolt - takenByOthers(ware.id, bolt, day) - (sold.get(ware.id) ?? 0))
    return { ...ware, prices: pricesOf(metre * priceFactor(ware.id, day)), left }
  })
}

/** By the yard a price is rounded up to five hundredths, as the metre's is. */
function pricesOf(metre: number): Record<Units, number> {
  const yard = (metre * UNIT_DEFAULTS.in.pricedLength) / UNIT_DEFAULTS.cm.pricedLength
  return { in: toFiveHundredths(yard), cm: toFiveHundredths(metre) }
}

const toFiveHundredths = (price: number) => Math.ceil(price * 20 - 1e-9) / 20

/** Now and then a price changes for a while: one ware in six is dearer, one in ten is offered for less. */
function priceFactor(id: string, day: number): number {
  const chance = chanceOf(`${Math.floor(day / 3)} price of ${id}`)
  if (chance < 1 / 6) return 1.08
  return chance > 0.9 ? 0.85 : 1
}

/** Others buy a little every day; one ware in fourteen is sold out within the week. */
function takenByOthers(id: Stocked['id'], bolt: Inches, day: number): Inches {
  const days = day - weekOf(day) * FRESH_DAYS
  const aDay = chanceOf(`${weekOf(day)} sold of ${id}`)
  const part = aDay > 13 / 14 ? Math.min(1, 0.5 + days / 4) : (aDay * days) / 16
  const step = UNIT_DEFAULTS.cm.buyStep
  return Math.round((bolt * part) / step) * step
}

/** Between 0 and 1, the same for the same text; what differs stands first, so that it is mixed through. */
function chanceOf(text: string): number {
  return (parseInt(shortHash(text), 36) >>> 0) / 2 ** 32
}
