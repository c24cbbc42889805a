<script setup lang="ts">
import type { Plan } from '~~/core/plan/plan'
import { clothOf, type Quilt } from '~~/core/file/quilt'
import { SQUARE_UP } from '~~/core/cut/squareUp'
import { clothToBuy } from '~~/words/check'
import { formatBought, formatLength, formatSize } from '~~/words/length'
import { craft, plural } from '~~/words/speech'

const { quilt, plan } = defineProps<{ quilt: Quilt; plan: Plan }>()
const speech = useSpeech()
const wanted = computed(() =>
  plan.cloths
    .map((need, index) => ({ need, index, cloth: clothOf(quilt, need.id) }))
    .filter(({ need, cloth }) => (need.need > 0 || isBackAtHand(need)) && cloth.tray === undefined),
)
/** Of some cloth it is said how much is at hand. */
const hasSome = computed(() => wanted.value.some(({ need }) => need.atHand))
/** The panels of the back are counted with the cloth at hand that they are of. */
function isBackAtHand({ id, atHand }: Plan['cloths'][number]): boolean {
  return atHand !== null && plan.backing !== null && !plan.backing.pieced && id === quilt.backing?.cloth
}
const isBackCounted = computed(() => plan.cloths.some(isBackAtHand))
const battingWidth = computed(() => {
  const { width = 0, length } = quilt.batting ?? {}
  return length === undefined ? formatLength(width, speech.value) : formatSize(width, length, speech.value)
})
</script>

<template>
  <section aria-label="Shopping list">
    <h2 class="print-only mb-1 text-2xl">{{ quilt.name }}: shopping list</h2>
    <table class="w-full">
      <thead>
        <tr class="text-left">
          <th class="w-10" />
          <th>Cloth</th>
          <th>Width counted on</th>
          <th v-if="hasSome" class="text-right">At hand</th>
          <th class="text-right">Buy</th>
          <th v-if="plan.quilt.cost !== null" class="text-right">Price</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ need, cloth, index } in wanted" :key="cloth.id" class="border-t border-line">
          <td class="py-1.5"><ClothSwatch :cloth="cloth" :size="32" /></td>
          <td>{{ cloth.letter }}, {{ cloth.name }}</td>
          <td class="figure" data-given>
            {{
              cloth.form === 'piece'
                ? formatSize(cloth.width, cloth.length ?? 0, speech)
                : formatLength(cloth.width, speech)
            }}
          </td>
          <td v-if="hasSome" class="figure text-right" data-given>
            {{ cloth.have === undefined || need.unit === 'piece' ? '' : formatLength(cloth.have, speech) }}
          </td>
          <td class="text-right font-bold">
            <Figure
              v-if="!need.atHand"
              :path="`cloths.${index}.buy`"
              :kind="need.unit === 'piece' ? 'count' : 'cloth'"
              :text="clothToBuy(need.buy, need.unit, speech)"
              :title="`To buy of ${cloth.name}`"
            />
            <Figure
              v-else-if="need.atHand.buy > 0"
              :path="`cloths.${index}.atHand.buy`"
              kind="cloth"
              :text="clothToBuy(need.atHand.buy, need.unit, speech)"
              :title="`To buy of ${cloth.name}`"
            />
            <template v-else>nothing</template>
          </td>
          <td v-if="plan.quilt.cost !== null" class="text-right">
            <Figure v-if="need.cost !== null" :path="`cloths.${index}.cost`" kind="money" title="Price" />
          </td>
        </tr>
        <tr v-if="plan.backing && quilt.backing && !isBackCounted" class="border-t border-line">
          <td class="py-1.5"><ClothSwatch :cloth="clothOf(quilt, quilt.backing.cloth)" :size="32" /></td>
          <td>
            Backing: {{ clothOf(quilt, quilt.backing.cloth).name }},
            <Figure path="backing.panels" kind="count" title="Panels" />
            {{ plan.backing.panels === 1 ? 'panel' : 'panels' }}
          </td>
          <td class="figure" data-given>{{ formatLength(clothOf(quilt, quilt.backing.cloth).width, speech) }}</td>
          <td v-if="hasSome" />
          <td class="text-right font-bold">
            <Figure
              path="backing.buy"
              kind="cloth"
              :text="formatBought(plan.backing.buy, speech)"
              title="Backing to buy"
            />
          </td>
        </tr>
        <tr v-if="plan.batting" class="border-t border-line">
          <td />
          <td class="py-1.5">
            {{ craft('Batting', speech) }}, at least <Figure path="batting.width" title="Width" /> ×
            <Figure path="batting.height" title="Height" />
          </td>
          <td class="figure" data-given>
            <template v-if="quilt.batting?.width !== undefined">{{ battingWidth }}</template>
          </td>
          <td v-if="hasSome" />
          <td class="text-right font-bold" data-testid="batting-to-buy">
            <Figure
              v-if="plan.batting.buy"
              path="batting.buy.length"
              kind="cloth"
              :text="formatBought(plan.batting.buy.length, speech)"
              title="Batting to buy"
            />
            <span v-else-if="plan.batting.packets" class="figure" data-given>{{
              plural(plan.batting.packets, 'packet')
            }}</span>
            <span v-else class="figure" data-given>one piece</span>
          </td>
        </tr>
        <tr class="border-t border-line">
          <td />
          <td class="py-1.5" colspan="4">Thread, needles, a fresh blade</td>
        </tr>
        <tr v-if="plan.quilt.cost !== null" class="border-t border-line font-bold">
          <td />
          <td class="py-1.5" :colspan="hasSome ? 4 : 3">All cloth of which the price is said</td>
          <td class="text-right"><Figure path="quilt.cost" kind="money" title="Price of the cloth" /></td>
        </tr>
      </tbody>
    </table>
    <p class="note mt-2">
      Margin {{ Math.round(quilt.margin * 100) }} % included, and
      <span class="figure" data-given>{{ formatLength(SQUARE_UP, speech) }}</span> for squaring up each cloth. Binding
      and borders are in these lengths{{
        isBackCounted ? ', and so is the backing.' : '; the backing stands by itself.'
      }}
    </p>
  </section>
</template>
