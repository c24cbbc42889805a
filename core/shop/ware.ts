import { TOLERANCE, type Inches } from '../measure/ruler'
import { UNIT_DEFAULTS, type Units } from '../measure/units'

/** A cloth as a shop offers it, by the length, from the bolt. */
export interface Ware {
  id: string
  name: string
  colour: string
  pattern: string
  /** Between the selvages' outer edges, and what both selvages take. */
  width: Inches
  selvage: Inches
  directional: boolean
}

/** The same at one time: of a yard or a metre, in the shop's money, and how much is left of it. */
export interface Offer extends Ware {
  prices: Readonly<Record<Units, number>>
  left: Inches
}

/** What bringing it costs, from which sum on nothing, and after how many days it is there. */
export interface Delivery {
  cost: number
  freeFrom: number
  days: number
}

/** What a shop says when it is asked. */
export interface ShopAnswer {
  offers: Offer[]
  delivery: Delivery
}

/** It is cut by the step that cloth is sold in, eighths of a yard or 10 cm, never less than so many of them. */
export const LEAST_STEPS = 2

/** What lies on the bolt yet, in whole steps. */
export function leftInSteps({ left }: Pick<Offer, 'left'>, units: Units): Inches {
  const step = UNIT_DEFAULTS[units].buyStep
  return Math.floor((left + TOLERANCE) / step) * step
}

/** There is less of it than the shop cuts. */
export function isSoldOut(offer: Pick<Offer, 'left'>, units: Units): boolean {
  return leftInSteps(offer, units) < LEAST_STEPS * UNIT_DEFAULTS[units].buyStep - TOLERANCE
}
