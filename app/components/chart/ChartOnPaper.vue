<script setup lang="ts">
import { MAX_CHART_SQUARE, MIN_CHART_SQUARE } from '~~/core/paper/chartSheets'

/** The chart as pages to print. */
const { block, mirrored } = defineProps<{ block: string; mirrored: boolean }>()
const { isMaking, page, print } = usePapers()
const square = ref(0.2)
</script>

<template>
  <section class="card no-print space-y-3" aria-label="The chart on paper">
    <h2>On paper</h2>
    <PageSizeField :value="page" @choose="kind => (page = kind)" />
    <LengthField
      label="A square on paper"
      :value="square"
      :least="MIN_CHART_SQUARE"
      :most="MAX_CHART_SQUARE"
      :step="1 / 16"
      @commit="value => (square = value)"
    />
    <p class="note">
      Letters and chart colors, numbered rows, pages that lie over each other, and a place for a snip of each cloth. The
      letters tell all in black and white too.
    </p>
    <UButton :disabled="isMaking" @click="print('chart', { block, square, mirrored })">
      <UIcon name="i-lucide-file-down" class="size-5" />Make the pages
    </UButton>
  </section>
</template>
