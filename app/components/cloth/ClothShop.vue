<script setup lang="ts">
import type { OrderProblem } from '~~/core/shop/takeOrder'
import { changeCloth } from '~~/core/edits/cloths'
import { clothOfOffer } from '~~/core/shop/clothOfOffer'
import { forgetOrder, writeOrder } from '~~/core/shop/ordered'
import { shopList, toOrder } from '~~/core/shop/shopList'
import { clothOf } from '~~/core/file/quilt'
import { deliveryText, orderNote, orderProblemText } from '~~/words/shop'
import { formatMoney } from '~~/words/sum'

/** The list to buy, filled from the made-up shop and ordered there. */
const store = useQuilt()
const edit = useEdit()
const toast = useToasts()
const speech = useSpeech()
const { state, answer, problems, isOrdering, ask, order } = useShop()
const quilt = computed(() => store.plannedQuilt!)
const list = computed(() => answer.value && store.plan && shopList(quilt.value, store.plan, answer.value.offers))
const lines = computed(() => (list.value ? toOrder(list.value) : []))
const isShort = computed(() => lines.value.some(line => line.isShort))
const canOrder = computed(() => !isShort.value && !isOrdering.value && store.canWrite && !store.isPlanning)

function choose(cloth: string, name: string) {
  const offer = answer.value!.offers.find(one => one.name === name)
  if (offer) edit(`${name} from the shop`, changeCloth(cloth, clothOfOffer(offer, quilt.value.units)))
}
async function send() {
  const { units } = quilt.value
  const asked = lines.value.map(({ cloth, offer, length }) => ({ cloth, offer, length, price: offer.prices[units] }))
  const taken = await order({
    units,
    lines: asked.map(({ offer, length, price }) => ({ ware: offer.id, length, price })),
  })
  if (!taken) return
  const now = new Date()
  const due = new Date(now)
  due.setDate(now.getDate() + taken.days)
  const day = due.toLocaleDateString(undefined, { day: 'numeric', month: 'long' })
  edit('order written down', writeOrder(asked, orderNote(taken, day, speech.value), now.toISOString()))
  toast.say(`Ordered, number ${taken.number}`, `${formatMoney(taken.cost)} in all, due ${day}. It stands in the diary.`)
  await ask()
}
const nameOf = ({ ware }: OrderProblem) => answer.value?.offers.find(({ id }) => id === ware)?.name ?? ware
</script>

<template>
  <section class="card no-print" aria-label="From the shop" data-testid="shop">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="mr-auto">From the shop</h2>
      <UButton v-if="state !== 'asking'" @click="ask()"
        ><UIcon name="i-lucide-store" class="size-5" />{{
          state === 'closed' ? 'See what the shop has' : 'Ask again'
        }}</UButton
      >
    </div>
    <p v-if="state === 'closed'" class="note mt-2">
      A shop that is made up, to try the whole way from list to order: nothing is bought and nothing is paid.
    </p>
    <p v-if="state === 'asking'" class="note mt-2" role="status">Asking the shop …</p>
    <p v-if="state === 'away'" class="wrong mt-2" role="alert">
      The shop does not answer. Nothing was ordered; the list and all else go on without it.
    </p>
    <p v-if="state === 'unsure'" class="wrong mt-2" role="alert">
      No answer came to the order: it may have been taken or not. Nothing is written down; ask the shop before you order
      again.
    </p>
    <template v-if="list && state === 'open'">
      <p v-if="list.lines.length === 0" class="mt-2">Nothing of this quilt is bought by the length.</p>
      <ul class="mt-2">
        <ShopRow
          v-for="line in list.lines"
          :key="line.cloth"
          :line="line"
          :cloth="clothOf(quilt, line.cloth)"
          :quilt="quilt"
          :offers="answer!.offers"
          @choose="name => choose(line.cloth, name)"
          @forget="edit('order forgotten', forgetOrder(line.cloth))"
        />
      </ul>
      <ul v-if="problems.length > 0" class="wrong mt-2" role="alert">
        <li v-for="(problem, i) in problems" :key="i">
          {{ orderProblemText(problem, nameOf(problem), speech) }}
        </li>
        <li>Nothing was ordered.</li>
      </ul>
      <p v-if="isShort" class="wrong mt-2">The shop has less than that of one cloth: choose another, or wait.</p>
      <div v-if="lines.length > 0" class="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line pt-3">
        <p class="note mr-auto">{{ deliveryText(answer!.delivery) }}</p>
        <p class="figure text-xl font-bold" data-given data-testid="shop-total">{{ formatMoney(list.cost) }}</p>
        <UButton variant="solid" :disabled="!canOrder" @click="send()">Order it</UButton>
      </div>
    </template>
  </section>
</template>
