<script setup lang="ts">
import type { PlannedBatting } from '~~/core/plan/plannedLayers'
import { formatBought } from '~~/words/length'

/** What of a batting is bought and left, and how large the quilt is when it is washed. */
const { plan } = defineProps<{ plan: PlannedBatting }>()
const speech = useSpeech()
</script>

<template>
  <p v-if="plan.packets !== undefined" data-testid="packets">
    <template v-if="plan.buy !== undefined"
      >Sold by the length: buy
      <Figure
        path="batting.buy.length"
        kind="cloth"
        :text="formatBought(plan.buy.length, speech)"
        title="To buy of it"
      /><template v-if="plan.packets > 1"
        >, in {{ plan.packets }} lengths joined edge to edge, never one on the other</template
      >.</template
    >
    <template v-else-if="plan.packets === 1">One packet is large enough.</template>
    <template v-else>{{ plan.packets }} packets are joined edge to edge, never one on the other.</template>
    <template v-if="plan.left && plan.left.length > 0">
      Left over:
      <template v-for="(_, i) in plan.left" :key="i"
        >{{ i > 0 ? 'and ' : ''
        }}<span class="whitespace-nowrap"
          ><Figure :path="`batting.left.${i}.width`" title="Left over, across" /> ×
          <Figure :path="`batting.left.${i}.height`" title="Left over, along" />{{
            i + 1 === plan.left.length ? '.' : ''
          }}</span
        >{{ ' ' }}</template
      >
    </template>
  </p>
  <p v-if="plan.washed" data-testid="washed">
    After its first wash the quilt is about <Figure path="batting.washed.width" title="Width when washed" /> ×
    <Figure path="batting.washed.height" title="Height when washed" />.
  </p>
</template>
