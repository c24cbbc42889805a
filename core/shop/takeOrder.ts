// In: an order as it came, and what is offered. Out: the order as it is taken, or what is in its way.
import { z } from 'zod'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { DELIVERY } from './shopDay'
import { LEAST_STEPS, type Offer } from './ware'

/** So many lines an order may have. */
const MOST_LINES = 60

/** Lengths in inches; `price`: of a yard or a metre, as it was when the quilter saw it. */
export const shopOrder = z.object({
  units: z.enum(['in', 'cm']),
  lines: z
    .array(
      z.object({
        ware: z.string().max(80),
        length: z.number().positive().max(100_000),
        price: z.number().nonnegative().max(100_000),
      }),
    )
    .min(1)
    .max(MOST_LINES),
})
export type ShopOrder = z.infer<typeof shopOrder>

/** Why a line cannot be taken as it stands. */
export type OrderProblem =
  | { ware: string; why: 'unknown' }
  | { ware: string; why: 'price'; now: number; before: number }
  | { ware: string; why: 'stock'; left: Inches }
  | { ware: string; why: 'length'; least: Inches; step: Inches }

export interface TakenLine {
  ware: string
  name: string
  length: Inches
  cost: number
}

export interface TakenOrder {
  lines: TakenLine[]
  delivery: number
  /** With what bringing it costs. */
  cost: number
  days: number
}

export type OrderAnswer = { ok: true; order: TakenOrder } | { ok: false; problems: OrderProblem[] }

/** Takes an order whole or not at all. */
export function takeOrder({ units, lines }: ShopOrder, offers: readonly Offer[]): OrderAnswer {
  const problems = lines.flatMap(line => problemOf(line, lines, units, offers))
  if (problems.length > 0) return { ok: false, problems }
  const taken = lines.map(({ ware, length, price }) => ({
    ware,
    name: offers.find(({ id }) => id === ware)!.name,
    length,
    cost: lineCost(length, price, units),
  }))
  return { ok: true, order: { lines: taken, ...sumsOf(taken.map(({ cost }) => cost)), days: DELIVERY.days } }
}

/** What lines cost together: bringing them, and all. */
export function sumsOf(costs: readonly number[]): { delivery: number; cost: number } {
  const cloth = toHundredths(costs.reduce((sum, cost) => sum + cost, 0))
  const delivery = cloth >= DELIVERY.freeFrom ? 0 : DELIVERY.cost
  return { delivery, cost: toHundredths(cloth + delivery) }
}

/** Of a length in inches at the price of a yard or a metre. */
export function lineCost(length: Inches, price: number, units: Units): number {
  return toHundredths((length * price) / UNIT_DEFAULTS[units].pricedLength)
}

const toHundredths = (money: number) => Math.round(money * 100 + 1e-7) / 100

/** What is ordered of a length that is needed: whole steps, and not less than the shop cuts. */
export function orderedLength(needed: Inches, units: Units): Inches {
  const step = UNIT_DEFAULTS[units].buyStep
  return Math.max(LEAST_STEPS, Math.ceil((needed - TOLERANCE) / step)) * step
}

type AskedLine = ShopOrder['lines'][number]

function problemOf(
  line: AskedLine,
  lines: readonly AskedLine[],
  units: Units,
  offers: readonly Offer[],
): OrderProblem[] {
  const { ware, length, price } = line
  const offer = offers.find(({ id }) => id === ware)
  if (!offer) return [{ ware, why: 'unknown' }]
  const step = UNIT_DEFAULTS[units].buyStep
  if (Math.abs(orderedLength(length, units) - length) > TOLERANCE)
    return [{ ware, why: 'length', least: LEAST_STEPS * step, step }]
  const now = offer.prices[units]
  if (Math.abs(now - price) > 1e-9) return [{ ware, why: 'price', now, before: price }]
  // the same cloth may stand in two lines
  const same = lines.filter(other => other.ware === ware)
  const wanted = same.reduce((sum, other) => sum + other.length, 0)
  return wanted > offer.left + TOLERANCE && same[0] === line ? [{ ware, why: 'stock', left: offer.left }] : []
}
