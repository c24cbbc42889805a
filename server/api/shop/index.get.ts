import type { ShopAnswer } from '../../../core/shop/ware'
import { shopCounter } from '../../utils/shopCounter'

/** What the made-up shop offers today. */
export default defineEventHandler((): ShopAnswer => shopCounter.answer(Date.now()))
