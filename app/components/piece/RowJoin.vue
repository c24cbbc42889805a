<script setup lang="ts">
import type { Quilt } from '~~/core/file/quilt'
import type { QuiltRow } from '~~/core/top/rows'

/** What a join of rows brings together: a row so far and its next part beside it, or two rows one below the other. */
const { first, second, quilt } = defineProps<{ first: QuiltRow; second: QuiltRow; quilt: Quilt; isBeside: boolean }>()
/** Long rows take smaller blocks. */
const size = computed(() => (Math.max(first.parts.length, second.parts.length) > 8 ? 44 : 72))
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-3"
    :class="isBeside ? '' : '!flex-col !items-start'"
    data-testid="row-join"
  >
    <RowPicture :row="first" :quilt="quilt" :size="size" />
    <UIcon name="i-lucide-plus" class="size-7 flex-none" aria-label="and" />
    <RowPicture :row="second" :quilt="quilt" :size="size" />
  </div>
</template>
