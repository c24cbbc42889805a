import type { H3Event } from 'h3'
import { shopOrder } from '../../../core/shop/takeOrder'
import { readLimited } from '../../utils/readLimited'
import { shopCounter } from '../../utils/shopCounter'

const MAX_BYTES = 20_000
const MAX_MS = 10_000

/** An order to the made-up shop: taken whole, or refused with what is in its way and what is offered now. */
export default defineEventHandler(async (event: H3Event) => {
  const order = shopOrder.safeParse(parsed(await readLimited(event, MAX_BYTES, MAX_MS)))
  if (!order.success) throw createError({ statusCode: 400, message: 'This is no order' })
  const answer = shopCounter.order(order.data, Date.now())
  if (!answer.ok) setResponseStatus(event, 409)
  return answer
})

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
