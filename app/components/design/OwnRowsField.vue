<script setup lang="ts">
import type { Edit } from '~~/core/edits/edit'
import { setRowCount, setRowShift } from '~~/core/edits/setting'
import type { Quilt } from '~~/core/file/quilt'

/** How many blocks each row has, and where it stands. */
const { quilt } = defineProps<{ quilt: Quilt }>()
const emit = defineEmits<{ edit: [name: string, edit: Edit] }>()
const MAX_BLOCKS = 200
</script>

<template>
  <div v-for="(entry, r) in quilt.setting.rows" :key="r" class="space-y-1">
    <CountField
      :label="`Blocks in row ${r + 1}`"
      :value="entry.cells.length"
      :least="1"
      :most="MAX_BLOCKS"
      @commit="count => emit('edit', 'blocks of a row', setRowCount(r, count))"
    />
    <LengthField
      :label="`Row ${r + 1} stands from the edge`"
      :value="entry.shift"
      :least="0"
      :most="100"
      :step="quilt.ruler || 1 / 8"
      @commit="v => emit('edit', 'shift', setRowShift(r, v))"
    />
  </div>
</template>
