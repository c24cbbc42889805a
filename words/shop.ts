// What is said of a shop's cloth, of an order, and of what is in its way.
import type { Inches } from '../core/measure/ruler'
import type { OrderProblem, TakenOrder } from '../core/shop/takeOrder'
import { isSoldOut, leftInSteps, type Delivery, type Offer } from '../core/shop/ware'
import { formatBought, formatLength } from './length'
import type { Speech } from './speech'
import { formatMoney } from './sum'

/** `Wet slate, 44″ wide, 11.35 a yard, 6 1/2 yd left`. */
export function offerText(offer: Offer, speech: Speech): string {
  const width = `${formatLength(offer.width, speech)} wide`
  return [offer.name, width, priceText(offer.prices[speech.units], speech), leftText(offer.left, speech)].join(', ')
}

/** `11.35 a yard`. */
export function priceText(price: number, { units, english }: Speech): string {
  const metre = english === 'uk' ? 'metre' : 'meter'
  return `${formatMoney(price)} a ${units === 'cm' ? metre : 'yard'}`
}

/** What lies on the bolt yet, never told as more than it is. */
export function leftText(left: Inches, speech: Speech): string {
  if (isSoldOut({ left }, speech.units)) return 'sold out'
  return `${formatBought(leftInSteps({ left }, speech.units), speech)} left`
}

/** What is in the way of an order. */
export function orderProblemText(problem: OrderProblem, name: string, speech: Speech): string {
  switch (problem.why) {
    case 'unknown':
      return `The shop no longer has ${name}.`
    case 'price': {
      const { now, before } = problem
      return `${name} costs ${priceText(now, speech)} now; it was ${formatMoney(before)}.`
    }
    case 'stock': {
      const left = leftText(problem.left, speech)
      return left === 'sold out' ? `${name} is sold out.` : `Of ${name} there is less than that: ${left}.`
    }
    case 'length':
      return (
        `${name} is cut in steps of ${formatBought(problem.step, speech)}, `
        + `not less than ${formatBought(problem.least, speech)}.`
      )
  }
}

/** What bringing it costs. */
export function deliveryText({ cost, freeFrom, days }: Delivery): string {
  return `Brought in ${days} days for ${formatMoney(cost)}; from ${formatMoney(freeFrom)} on for nothing.`
}

/** The diary's note of an order. `due`: the day on which it should be there. */
export function orderNote(order: TakenOrder & { number: number }, due: string, speech: Speech): string {
  const lines = order.lines.map(
    ({ name, length, cost }) => `${formatBought(length, speech)} of ${name}, ${formatMoney(cost)}`,
  )
  const brought = order.delivery > 0 ? `; bringing it, ${formatMoney(order.delivery)}` : ''
  const all = `${formatMoney(order.cost)} in all, due ${due}.`
  return `Ordered (number ${order.number}): ${lines.join('; ')}${brought}. ${all}`
}
