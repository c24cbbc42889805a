import type { OrderAnswer, OrderProblem, ShopOrder, TakenOrder } from '~~/core/shop/takeOrder'
import type { ShopAnswer } from '~~/core/shop/ware'

type RefusedOrder = Extract<OrderAnswer, { ok: false }> & ShopAnswer

const PATIENCE_MS = 8000

/** The shop: asked when it is wanted. Where it does not answer nothing else is touched. */
export function useShop() {
  /** `unsure`: an order was sent and no answer came. */
  const state = ref<'closed' | 'asking' | 'open' | 'away' | 'unsure'>('closed')
  const answer = ref<ShopAnswer | null>(null)
  /** What was in the way of the last order. */
  const problems = ref<OrderProblem[]>([])
  const isOrdering = ref(false)

  async function ask() {
    state.value = 'asking'
    problems.value = []
    try {
      answer.value = await $fetch<ShopAnswer>('/api/shop', { timeout: PATIENCE_MS, retry: 0 })
      state.value = 'open'
    } catch {
      state.value = 'away'
    }
  }

  /** Gives null where it was not taken, as `problems` says, or no answer came. */
  async function order(what: ShopOrder): Promise<(TakenOrder & { number: number }) | null> {
    isOrdering.value = true
    problems.value = []
    try {
      const taken = await $fetch<{ order: TakenOrder; number: number }>('/api/shop/orders', {
        method: 'POST',
        body: what,
        timeout: PATIENCE_MS,
        retry: 0,
      })
      return { ...taken.order, number: taken.number }
    } catch (error) {
      const { status, data } = error as { status?: number; data?: RefusedOrder }
      if (status === 409 && data) {
        problems.value = data.problems
        answer.value = { offers: data.offers, delivery: data.delivery }
      } else state.value = 'unsure'
      return null
    } finally {
      isOrdering.value = false
    }
  }
  return { state, answer, problems, isOrdering, ask, order }
}
