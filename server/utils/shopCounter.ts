import { takeOrder, type OrderAnswer, type ShopOrder } from '../../core/shop/takeOrder'
import { dayOf, DELIVERY, offersOn, weekOf } from '../../core/shop/shopDay'
import type { Offer, ShopAnswer } from '../../core/shop/ware'

/** What an order is known by. */
export type CounterAnswer = (OrderAnswer & { ok: true; number: number }) | (OrderAnswer & { ok: false } & ShopAnswer)

/**
 * The counter of a shop that is made up: what was ordered of each bolt since it was fresh, kept as long as the server
 * runs. Nothing is bought.
 */
export class ShopCounter {
  private sold = new Map<string, number>()
  private week = 0
  private orders = 0

  /** What is offered at a time, in milliseconds since the beginning of 1970. */
  offers(time: number): Offer[] {
    const day = dayOf(time)
    if (weekOf(day) !== this.week) {
      this.week = weekOf(day)
      this.sold = new Map()
    }
    return offersOn(day, this.sold)
  }

  answer(time: number): ShopAnswer {
    return { offers: this.offers(time), delivery: DELIVERY }
  }

  /** Takes an order whole, or says what is in its way and what is offered now. */
  order(order: ShopOrder, time: number): CounterAnswer {
    const offers = this.offers(time)
    const answer = takeOrder(order, offers)
    if (!answer.ok) return { ...answer, ...this.answer(time) }
    for (const { ware, length } of answer.order.lines) this.sold.set(ware, (this.sold.get(ware) ?? 0) + length)
    this.orders++
    return { ...answer, number: this.orders }
  }
}

/** One counter for all who ask. */
export const shopCounter = new ShopCounter()
