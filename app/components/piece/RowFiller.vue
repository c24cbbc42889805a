<script setup lang="ts">
import type { QuiltRow, RowPart } from '~~/core/top/rows'

/** A part of a row that is of one cloth: a sash, a cornerstone, a triangle, an end. */
const { part, kind } = defineProps<{ part: RowPart; kind: QuiltRow['kind']; colour: string | undefined }>()
</script>

<template>
  <span
    class="strip"
    :class="[`${part.what}-in-${kind}`, 'at' in part ? `at-${part.at}` : '']"
    :style="{ background: colour }"
  />
</template>

<style scoped>
.strip {
  display: inline-block;
  border: 1px solid var(--soft);
  border-radius: 2px;
  print-color-adjust: exact;
}
.sash-in-row,
.sash-in-diagonal,
.sash-in-column {
  width: var(--thin);
  height: var(--block);
}
.sash-in-sash {
  width: var(--block);
  height: var(--thin);
}
.sash-in-sash:only-child {
  width: 14rem;
}
.cornerstone-in-sash,
.half-cornerstone-in-sash {
  width: var(--thin);
  height: var(--thin);
}
.end-in-row,
.end-in-column {
  width: calc(var(--block) * 0.6);
  height: var(--block);
}
.side-triangle-in-diagonal,
.corner-triangle-in-corner {
  width: var(--block);
  height: var(--block);
  border: 0;
}
/* as they lie with the row level, its beginning on the left */
.at-left,
.at-se {
  clip-path: polygon(100% 0, 100% 100%, 0 100%);
}
.at-bottom,
.at-ne {
  clip-path: polygon(0 0, 100% 0, 100% 100%);
}
.at-top,
.at-sw {
  clip-path: polygon(0 0, 100% 100%, 0 100%);
}
.at-right,
.at-nw {
  clip-path: polygon(0 0, 100% 0, 0 100%);
}
</style>
